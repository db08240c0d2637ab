// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/rig_check.h"

#include "core/tangle/lookup.h"

namespace jolly
{

namespace
{

std::string pathOf(const char* list, std::size_t place)
{
    return "/" + std::string(list) + "/" + std::to_string(place);
}

void checkAxis(const RigController& controller, const RigControl& axis, const std::string& path,
               Problems& problems)
{
    const auto name = toText(axis.code) + " of " + controller.alias;
    if (!axis.calibration.isSound()) {
        problems.push_back(
            {Severity::Error, path + "/calibration",
             "The calibration of " + name + " is out of order.",
             "Expected low < high, the centre between them and noise of 0 or more."});
    }
    auto notches = axis.notches;
    if (const auto done = orderNotches(notches); !done) {
        problems.push_back({Severity::Error, path + "/notches", name + ": " + done.error().sentence,
                            done.error().cure});
    }
}

void checkSwitch(const RigController& controller, const RigSwitch& each, const std::string& path,
                 Problems& problems)
{
    for (std::size_t p = 0; p < each.positions.size(); ++p) {
        const auto& button = each.positions[p].button;
        const auto* control = button ? findControl(controller, *button) : nullptr;
        if (!button || (control && control->kind == ControlKind::Button)) continue;
        problems.push_back({Severity::Warning, path + pathOf("positions", p),
                            "The position " + each.positions[p].name + " of the switch " +
                                each.name + " of " + controller.alias + " names " +
                                toText(*button) + ", which is no button of it.",
                            "Name another button there, or none."});
    }
}

}  // namespace

Problems findRigProblems(const Tangle& tangle)
{
    Problems problems;
    for (std::size_t r = 0; r < tangle.rig.size(); ++r) {
        const auto& controller = tangle.rig[r];
        const auto path = pathOf("rig", r);
        for (std::size_t c = 0; c < controller.controls.size(); ++c) {
            if (controller.controls[c].kind == ControlKind::Axis)
                checkAxis(controller, controller.controls[c], path + pathOf("controls", c),
                          problems);
        }
        for (std::size_t s = 0; s < controller.switches.size(); ++s)
            checkSwitch(controller, controller.switches[s], path + pathOf("switches", s), problems);
    }
    return problems;
}

}  // namespace jolly
