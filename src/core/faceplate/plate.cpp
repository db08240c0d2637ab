// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/plate.h"
#include "core/faceplate/pad_layout.h"

#include "core/tangle/key_names.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <iterator>

namespace jolly
{

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
        PlateControl each{.id = toText(control.code), .label = nameOf(controller, control)};
        each.kind = control.kind;
        each.sides = control.sides;
        each.buttonKind = control.buttonKind;
        each.code = control.code;
        for (const auto& notch : control.notches)
            each.notches.push_back(control.calibration.valueOf(notch.at, Sides::One));
        if (control.kind == ControlKind::Button) {
            each.number = Sentence(++button);
            const auto letter =
                controller.kind == ControllerKind::Gamepad ? padLetter(control.code) : Sentence();
            if (controller.kind == ControllerKind::Keyboard) each.number = capName(control.code);
            if (!letter.empty()) each.number = letter;
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

}  // namespace jolly
