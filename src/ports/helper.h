// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "ports/unique_fd.h"

#include <string>
#include <vector>

namespace jolly
{

/// How many controllers it keeps for one program: the system bus carries no more descriptors in a
/// message (dbus-daemon(1), max_message_unix_fds).
inline constexpr std::size_t kMostKeptControllers = 16;

/// What came back from the privileged helper.
struct HelperNews {
    enum class Kind : std::uint8_t {
        Kept,    ///< the answer to one keep()
        Opened,  ///< the answer to one open()
        Lost,    ///< the helper is gone, and everything was given back; `done` says so
    } kind = Kind::Kept;
    Fallible done;
    std::string node{};  ///< that was to be opened
    UniqueFd fd{};       ///< open, when it was
};

/// The privileged helper, which takes everybody else's access to a controller's device files. Its
/// methods ask without waiting; one thread uses them.
class Helper
{
 public:
    virtual ~Helper() = default;

    /// Readable when there is news.
    [[nodiscard]] virtual int fd() const noexcept = 0;

    /// Nobody else may open the controllers of these open event nodes from now on; all others are
    /// given back. When that fails, all are.
    virtual void keep(const std::vector<int>& nodes) = 0;

    /// Opens an event node of a controller that is kept for us and was plugged in again.
    virtual void open(const std::string& node) = 0;

    /// What came back since the last call.
    [[nodiscard]] virtual std::vector<HelperNews> news() = 0;
};

}  // namespace jolly
