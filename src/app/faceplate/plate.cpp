// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/plate.h"

#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

namespace jolly::app
{

namespace
{

QString text(const std::string& s)
{
    return QString::fromStdString(s);
}

QString labelFor(const VirtualSettings& settings, const Target& target, const Tangle& tangle)
{
    if (!settings.label.empty()) return text(settings.label);
    for (const auto& strand : tangle.strands) {
        for (const auto& each : strand.targets) {
            if (each == target)
                return text(strand.function.empty() ? strand.name : strand.function);
        }
    }
    return {};
}

}  // namespace

PlateControls plateOf(const RigController& controller)
{
    PlateControls controls;
    int button = 0;
    for (const auto& control : controller.controls) {
        PlateControl plate{.id = text(toText(control.code)),
                           .label = text(nameOf(controller, control))};
        plate.kind = control.kind;
        plate.sides = control.sides;
        plate.buttonKind = control.buttonKind;
        plate.code = control.code.code;
        if (control.kind == ControlKind::Button) plate.number = QString::number(++button);
        controls.push_back(plate);
    }
    return controls;
}

PlateControls plateOf(const VirtualDevice& device, const Tangle& tangle)
{
    PlateControls controls;
    for (const auto& slot : layoutOf(device)) {
        PlateControl plate{.id = text(toText(slot.control))};
        plate.label = labelFor(settingsOf(device, slot.control), {device.id, slot.control}, tangle);
        plate.number = slot.control.kind == ControlKind::Axis
                           ? text(nameOf(device, slot.control))
                           : QString::number(slot.control.number);
        plate.kind = slot.control.kind;
        plate.sides = slot.sides;
        plate.code = slot.code.code;
        controls.push_back(plate);
    }
    return controls;
}

}  // namespace jolly::app
