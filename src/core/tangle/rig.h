// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/calibration.h"
#include "core/calibration/notch.h"
#include "core/tangle/arrangement.h"
#include "core/tangle/controller.h"
#include "core/tangle/hiding.h"
#include "core/value/extra.h"

#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// What a tangle knows of one control of its rig.
struct RigControl {
    ControlCode code{};
    std::string label{};  ///< the pilot's name for it
    std::string role{};   ///< what it is for: "roll", "left toe brake"; see roles.h
    std::string more{};   ///< of an axis: the hand's way to a higher value, as in "forward is more"
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;                  ///< of an axis
    ButtonKind buttonKind = ButtonKind::Push;  ///< of a button
    Calibration calibration{};                 ///< of an axis
    NotchList notches{};                       ///< of an axis, in the order of their counts
    std::optional<double> degrees{};  ///< of a wheel, how far it turns from end to end, > 0
    Extra extra{};

    friend bool operator==(const RigControl&, const RigControl&) = default;
};

/// One place of a switch: its name, and the button that is pressed there, if any is.
struct SwitchPosition {
    std::string name{};
    std::optional<ControlCode> button{};
    Extra extra{};

    friend bool operator==(const SwitchPosition&, const SwitchPosition&) = default;
};

/// A switch whose positions report buttons of their own, or none: one thing under the hand.
struct RigSwitch {
    std::string name{};
    std::vector<SwitchPosition> positions{};
    Extra extra{};

    friend bool operator==(const RigSwitch&, const RigSwitch&) = default;
};

/// A controller that the tangle knows, present or away.
struct RigController {
    std::string id{};     ///< stable; strands refer to it
    std::string alias{};  ///< the pilot's name for it, unique in the rig
    Identity identity{};
    ControllerKind kind = ControllerKind::Stick;
    Hiding hiding = Hiding::Held;
    bool isStraight = false;  ///< the kernel's own filter of its axes is off while we run
    std::vector<RigControl> controls{};
    std::vector<RigSwitch> switches{};
    Arrangement faceplate{};
    Extra extra{};

    friend bool operator==(const RigController&, const RigController&) = default;
};

}  // namespace jolly
