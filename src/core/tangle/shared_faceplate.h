// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/rig.h"

#include <string>
#include <vector>

namespace jolly
{

/// What holds for all hardware alike of one control.
struct SharedControl {
    ControlCode code{};
    std::string label{};
    std::string role{};
    std::string more{};
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;
    ButtonKind buttonKind = ButtonKind::Push;
    Extra extra{};

    friend bool operator==(const SharedControl&, const SharedControl&) = default;
};

/// What pilots with the same hardware can share: names, roles, kinds, switches and the arrangement
/// of a faceplate; nothing that was measured, nothing that tells one unit from another.
struct SharedFaceplate {
    std::string name{};  ///< of the hardware, as it calls itself
    std::uint16_t vendor = 0;
    std::uint16_t product = 0;
    ControllerKind controllerKind = ControllerKind::Stick;
    std::vector<SharedControl> controls{};
    std::vector<RigSwitch> switches{};
    Arrangement arrangement{};
    Extra extra{};

    friend bool operator==(const SharedFaceplate&, const SharedFaceplate&) = default;
};

[[nodiscard]] SharedFaceplate share(const RigController& controller);

/// Gives a controller what is shared. Controls that it does not have are left out.
/// @return what the pilot should know, as sentences: made for other hardware, left out.
[[nodiscard]] std::vector<Sentence> takeShared(RigController& controller,
                                               const SharedFaceplate& shared);

}  // namespace jolly
