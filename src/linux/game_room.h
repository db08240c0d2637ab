// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "ports/unique_fd.h"

#include <chrono>
#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace jolly
{

/// The files below /dev/input of our own virtual devices that are there now, such as "event7" and
/// "js0".
///
/// @param sysfs  where the kernel lists virtual input devices.
[[nodiscard]] std::vector<std::string> ourNodes(
    const std::filesystem::path& sysfs = "/sys/devices/virtual/input");

/// A private view of /dev for one game, in which only our virtual devices are: /dev/input holds
/// links to their nodes, and there is no /dev/hidraw*. Made with bubblewrap, without privileges.
/// Virtual devices that come or go later are linked or unlinked by refresh(); the game's readers
/// see that as they see a device being plugged in. The room has numbers of its own for its
/// processes, so that none outlives it.
class GameRoom
{
 public:
    /// NotThere when bubblewrap is not installed, NotAllowed when the system refuses private views.
    [[nodiscard]] static Result<std::unique_ptr<GameRoom>> open();

    /// Takes the folder of links away. It goes too when this program is killed.
    ~GameRoom();
    GameRoom(const GameRoom&) = delete;
    GameRoom& operator=(const GameRoom&) = delete;

    /// Makes the links those of ourNodes(). @return whether all of them may be read: permissions
    /// come a little after a node, and readers in the room are to find it whole.
    bool refresh();

    /// Runs a game in the room until the last of its processes has ended, and refreshes meanwhile.
    /// The signals by which a person or a game library ends us go on to all of them; whoever goes
    /// on all the same is killed after kGrace. When this program is killed they are, too.
    ///
    /// @param keeper  the program that runs keepRoom().
    /// @return the exit code of its first process; 128 and the signal that ended it.
    [[nodiscard]] Result<int> run(const std::vector<std::string>& game,
                                  const std::filesystem::path& keeper);

    static constexpr auto kGrace = std::chrono::seconds(10);

    [[nodiscard]] const std::filesystem::path& folder() const noexcept { return m_folder; }

 private:
    explicit GameRoom(std::filesystem::path folder);
    [[nodiscard]] std::vector<std::string> command(const std::vector<std::string>& game,
                                                   const std::filesystem::path& keeper) const;
    [[nodiscard]] pid_t start(const std::vector<std::string>& words, UniqueFd& orders) const;

    std::filesystem::path m_folder;
    UniqueFd m_lifeline;  ///< whose end tells the caretaker to take the folder away
    pid_t m_caretaker = -1;
};

}  // namespace jolly
