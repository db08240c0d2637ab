// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_client.h"
#include "control/live_view.h"
#include "core/calibration/axis_survey.h"
#include "core/tangle/virtual_layout.h"

#include <QString>
#include <optional>

namespace jolly::app
{

/// A controller as the window shows it: of the rig or just plugged in, present or away.
struct DeskController {
    RigController
        rig;  ///< what is known of it; made up from its codes when the tangle does not know it
    bool isKnown = false;  ///< it is in the tangle's rig
    bool isPresent = false;
    bool isReadSo =
        false;  ///< the engine reads its axes as `rig` says; else their counts are taken
    Hold hold = Hold::Free;
    QString port;
    std::vector<int> slotOf;  ///< of each of rig.controls its place in the live block, or -1
    std::vector<std::size_t> candidates;  ///< when in doubt: places among the present controllers
};

/// A virtual device as the window shows it.
struct DeskDevice {
    VirtualDevice device;
    std::vector<VirtualSlot> layout;
    bool isThere = false;
    int firstSlot = -1;
};

/// Everything on the desk, put together from the tangle and what the engine says is there.
struct Desk {
    std::vector<DeskController> controllers;
    std::vector<DeskDevice> devices;

    [[nodiscard]] const DeskController* find(const std::string& controller) const;

    /// Gives the controllers the order that they had on a desk before; new ones come last.
    void keepOrderOf(const Desk& before);

    /// The present value of a control: zero when it is away.
    [[nodiscard]] Value valueOf(const DeskController& controller, std::size_t control,
                                const LiveSnapshot& values) const;
    [[nodiscard]] Value valueOf(const DeskDevice& device, std::size_t slot,
                                const LiveSnapshot& values) const;
};

/// A controller that was taken into the rig just now is on the desk as one of it, although the
/// engine has not heard of that yet.
[[nodiscard]] Desk makeDesk(const Tangle& tangle, const EngineStatus& status);

/// The present controller that has a place in the live block; null when none has.
[[nodiscard]] const PresentController* presentAt(const EngineStatus& status, int slot);

/// What a device itself says of the control at a place in the live block; null when none is there.
[[nodiscard]] const ControlDescription* describedAt(const EngineStatus& status, int slot);

/// The range of an axis as the device tells it, and where it should rest.
[[nodiscard]] AxisRange rangeOf(const ControlDescription& described, const RigControl& axis);

}  // namespace jolly::app
