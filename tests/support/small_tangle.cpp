// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/small_tangle.h"

namespace jolly::test
{

namespace
{

RigControl axisControl(ControlCode code, Sides sides)
{
    const auto low = sides == Sides::Two ? -1000 : 0;
    return {.code = code, .sides = sides, .calibration = {low, 0, 1000, 0}};
}

RigControl buttonControl(ControlCode code, ButtonKind kind)
{
    return {.code = code, .kind = ControlKind::Button, .buttonKind = kind};
}

RigControl otherControl(ControlCode code, ControlKind kind)
{
    return {.code = code, .kind = kind};
}

}  // namespace

RigController smallStick(const std::string& id)
{
    return {
        .id = id,
        .alias = "Small " + id,
        .identity = {3, 0x6a01, 0x0001, 1, "Small Stick", "", "usb-1/" + id},
        .controls = {axisControl(kX, Sides::Two), axisControl(kY, Sides::Two),
                     axisControl(kThrottle, Sides::One), buttonControl(kTrigger, ButtonKind::Push),
                     buttonControl(kThumb, ButtonKind::Push),
                     buttonControl(kToggle, ButtonKind::Switch),
                     otherControl(kHat, ControlKind::Hat),
                     otherControl(kDial, ControlKind::Turner)},
    };
}

ControllerDescription describe(const RigController& controller)
{
    ControllerDescription description{controller.identity, controller.kind, {}};
    for (const auto& control : controller.controls) {
        description.controls.push_back(
            {control.code, control.kind, control.calibration.low, control.calibration.high});
    }
    return description;
}

Tangle smallTangle()
{
    Tangle tangle;
    tangle.name = "Small";
    tangle.rig.push_back(smallStick());
    VirtualDevice device{.id = "jolly", .name = "Jolly", .number = 1, .axes = 4, .buttons = 8};
    device.settings.push_back({.control = axis(3), .sides = Sides::One});
    tangle.devices.push_back(device);
    return tangle;
}

Strand& addStrand(Tangle& tangle, ControlCode from, VirtualControl to, std::vector<Stage> stages)
{
    Strand strand;
    strand.id = "strand-" + std::to_string(tangle.strands.size() + 1);
    strand.name = strand.id;
    strand.source = {tangle.rig.front().id, from};
    strand.stages = std::move(stages);
    strand.ends = endsAt({{tangle.devices.front().id, to}});
    tangle.strands.push_back(std::move(strand));
    return tangle.strands.back();
}

}  // namespace jolly::test
