// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/plate.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <iterator>

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
        for (const auto& each : targetsOf(strand)) {
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

}  // namespace

int placeOf(const PlateControls& controls, const std::optional<ControlCode>& button)
{
    const auto found =
        button ? std::ranges::find(controls, *button, &PlateControl::code) : controls.end();
    return found == controls.end() ? -1 : static_cast<int>(found - controls.begin());
}

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
    std::ranges::copy_if(controller.switches, std::back_inserter(plate.switches),
                         [&plate](const RigSwitch& each) {
                             return std::ranges::any_of(each.positions, [&](const auto& position) {
                                 return placeOf(plate.controls, position.button) >= 0;
                             });
                         });
    plate.arrangement = controller.faceplate;
    return plate;
}

std::vector<std::size_t> slotsShown(const VirtualDevice& device, const Tangle& tangle)
{
    const auto layout = layoutOf(device);
    std::vector<std::size_t> shown;
    for (std::size_t i = 0; i < layout.size(); ++i) {
        const auto control = layout[i].control;
        const bool isUnusedKey =
            device.kind == VirtualKind::Keyboard && takersOf(tangle, {device.id, control}).empty();
        if (!isUnusedKey && control.kind != ControlKind::Turner) shown.push_back(i);
    }
    return shown;
}

Plate plateOf(const VirtualDevice& device, const Tangle& tangle)
{
    Plate plate;
    const auto layout = layoutOf(device);
    for (const auto i : slotsShown(device, tangle)) {
        const auto& slot = layout[i];
        PlateControl each{.id = text(toText(slot.control))};
        each.label = labelFor(settingsOf(device, slot.control), {device.id, slot.control}, tangle);
        each.number = QString::number(slot.control.number);
        if (slot.control.kind == ControlKind::Axis)
            each.number = text(nameOf(device, slot.control));
        if (device.kind == VirtualKind::Keyboard) each.number = keyName(slot.code);
        each.kind = slot.control.kind;
        each.sides = slot.sides;
        each.code = slot.code;
        plate.controls.push_back(each);
    }
    return plate;
}

}  // namespace jolly::app
