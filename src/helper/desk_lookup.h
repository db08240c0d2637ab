// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "helper/kept_device.h"
#include "ports/unique_fd.h"

#include <string>
#include <vector>

namespace jolly
{

/// A controller with all that games could read it by.
struct FoundController {
    std::vector<KeptDevice> devices;
    std::vector<std::string> nodes;     ///< its event, js and hidraw nodes below /dev
    std::vector<std::string> sysPaths;  ///< of those nodes
};

/// The controller that an open event node belongs to.
///
/// @param fd  whatever somebody handed us. Unreadable when it is no event node that is open for
///            reading; NotAllowed when that is a virtual device's, a keyboard's, a pointer's or
///            anything else that is no controller; NotThere when it was unplugged.
[[nodiscard]] Result<FoundController> findController(int fd);

/// Opens an event node of a device that is among `kept`.
///
/// @param node  whatever somebody wrote. Unreadable when it does not name an event node, NotAllowed
///              when that belongs to something else, NotThere when there is none.
[[nodiscard]] Result<UniqueFd> openKept(const std::string& node,
                                        const std::vector<KeptDevice>& kept);

}  // namespace jolly
