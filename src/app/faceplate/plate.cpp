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

/// What stands on a key of a keyboard.
QString keyName(ControlCode code)
{
    const auto name = text(toText({code.type, code.code, 0}));
    return name.mid(name.indexOf(QLatin1Char('_')) + 1).left(3);
}

/// The switches of which a button is there.
std::vector<PlateSwitch> switchesOf(const RigController& controller)
{
    std::vector<PlateSwitch> switches;
    for (const auto& each : controller.switches) {
        PlateSwitch made{text(each.name), {}};
        bool hasButton = false;
        for (const auto& position : each.positions) {
            const auto* button =
                position.button ? findControl(controller, *position.button) : nullptr;
            const auto place = button ? static_cast<int>(button - controller.controls.data())
                                      : PlateSwitch::kNoButton;
            made.positions.push_back({text(position.name), place});
            hasButton = hasButton || button;
        }
        if (hasButton) switches.push_back(made);
    }
    return switches;
}

}  // namespace

Plate plateOf(const RigController& controller)
{
    Plate plate{.kind = controller.kind};
    int button = 0;
    for (const auto& control : controller.controls) {
        PlateControl each{.id = text(toText(control.code)),
                          .label = text(nameOf(controller, control))};
        each.kind = control.kind;
        each.sides = control.sides;
        each.buttonKind = control.buttonKind;
        each.code = control.code;
        for (const auto& notch : control.notches)
            each.notches.push_back(control.calibration.valueOf(notch.at, Sides::One));
        if (control.kind == ControlKind::Button) {
            each.number = QString::number(++button);
            if (controller.kind == ControllerKind::Keyboard) each.number = keyName(control.code);
        }
        plate.controls.push_back(each);
    }
    plate.switches = switchesOf(controller);
    plate.arrangement = controller.faceplate;
    return plate;
}

Plate plateOf(const VirtualDevice& device, const Tangle& tangle)
{
    Plate plate;
    for (const auto& slot : layoutOf(device)) {
        PlateControl each{.id = text(toText(slot.control))};
        each.label = labelFor(settingsOf(device, slot.control), {device.id, slot.control}, tangle);
        each.number = slot.control.kind == ControlKind::Axis ? text(nameOf(device, slot.control))
                                                             : QString::number(slot.control.number);
        each.kind = slot.control.kind;
        each.sides = slot.sides;
        each.code = slot.code;
        plate.controls.push_back(each);
    }
    return plate;
}

}  // namespace jolly::app
