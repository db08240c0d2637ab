// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "ports/unique_fd.h"

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
/// see that as they see a device being plugged in.
class GameRoom
{
 public:
    /// NotThere when bubblewrap is not installed, NotAllowed when the system refuses private views.
    [[nodiscard]] static Result<std::unique_ptr<GameRoom>> open();

    /// Takes the folder of links away. It goes too when this program is killed.
    ~GameRoom();
    GameRoom(const GameRoom&) = delete;
    GameRoom& operator=(const GameRoom&) = delete;

    /// The command that runs a game in the room.
    [[nodiscard]] std::vector<std::string> command(const std::vector<std::string>& game) const;

    /// Readable when nodes came or went.
    [[nodiscard]] int fd() const noexcept { return m_watch.get(); }

    /// Makes the links those of ourNodes(), and empties fd().
    void refresh();

    [[nodiscard]] const std::filesystem::path& folder() const noexcept { return m_folder; }

 private:
    explicit GameRoom(std::filesystem::path folder);

    std::filesystem::path m_folder;
    UniqueFd m_watch;
    UniqueFd m_lifeline;  ///< whose end tells the caretaker to take the folder away
    pid_t m_caretaker = -1;
};

}  // namespace jolly
