// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/rig_check.h"

#include "core/tangle/lookup.h"

#include <map>
#include <set>
#include <tuple>

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
    const auto name = say("%1 of %2", toText(axis.code), controller.alias);
    if (!axis.calibration.isSound()) {
        problems.push_back(
            {Severity::Error, path + "/calibration",
             say("The calibration of %1 is out of order.", name),
             words("Expected low < high, the centre between them and noise of 0 or more.")});
    }
    for (std::size_t n = 0; n < axis.notches.size(); ++n) {
        const auto& notch = axis.notches[n];
        if (notch.at >= axis.calibration.low && notch.at <= axis.calibration.high) continue;
        problems.push_back(
            {Severity::Warning, path + pathOf("notches", n),
             say("The notch %1 at %2 lies outside the travel of %3, which goes from %4 to %5.",
                 notch.name, notch.at, name, axis.calibration.low, axis.calibration.high),
             words("Capture it again, or calibrate the axis."), 0, 0,
             words("The lever never comes to it.")});
    }
    auto notches = axis.notches;
    if (const auto done = orderNotches(notches); !done) {
        problems.push_back({Severity::Error, path + "/notches",
                            say("%1: %2", name, done.error().sentence), done.error().cure});
    }
}

void checkSwitch(const RigController& controller, const RigSwitch& each, const std::string& path,
                 Problems& problems)
{
    for (std::size_t p = 0; p < each.positions.size(); ++p) {
        const auto& button = each.positions[p].button;
        const auto* control = button ? findControl(controller, *button) : nullptr;
        if (!button || (control && control->kind == ControlKind::Button)) continue;
        problems.push_back(
            {Severity::Warning, path + pathOf("positions", p),
             say("The position %1 of the switch %2 of %3 names %4, which is no button of it.",
                 each.positions[p].name, each.name, controller.alias, toText(*button)),
             words("Name another button there, or none.")});
    }
}

/// Buttons that stand at more than one position.
void checkOwners(const RigController& controller, const std::string& path, Problems& problems)
{
    std::map<ControlCode, const RigSwitch*> owners;
    for (std::size_t s = 0; s < controller.switches.size(); ++s) {
        const auto& each = controller.switches[s];
        for (const auto& position : each.positions) {
            if (!position.button) continue;
            const auto [owner, isFirst] = owners.emplace(*position.button, &each);
            if (isFirst) continue;
            const auto where = owner->second == &each
                                   ? say("two positions of the switch %1", each.name)
                                   : say("the switches %1 and %2", owner->second->name, each.name);
            problems.push_back(
                {Severity::Warning, path + pathOf("switches", s),
                 say("%1 of %2 belongs to %3.", toText(*position.button), controller.alias, where),
                 words("Name another button at one of them."), 0, 0,
                 words("Which position the switch is in cannot be told.")});
        }
    }
}

void checkTwice(const RigController& controller, const std::string& path, Problems& problems)
{
    std::set<ControlCode> seen;
    for (std::size_t c = 0; c < controller.controls.size(); ++c) {
        const auto code = controller.controls[c].code;
        if (seen.insert(code).second) continue;
        problems.push_back({Severity::Warning, path + pathOf("controls", c),
                            say("%1 has the control %2 twice.", controller.alias, toText(code)),
                            words("Take one of the two out."), 0, 0,
                            words("Only the first one counts.")});
    }
}

void checkAlike(const Tangle& tangle, Problems& problems)
{
    using Key = std::tuple<std::uint16_t, std::uint16_t, std::uint16_t, std::string, std::string,
                           std::string>;
    std::map<Key, std::size_t> seen;
    for (std::size_t r = 0; r < tangle.rig.size(); ++r) {
        const auto& i = tangle.rig[r].identity;
        const auto [first, isNew] =
            seen.emplace(Key{i.bus, i.vendor, i.product, i.name, i.uniq, i.phys}, r);
        if (isNew) continue;
        problems.push_back({Severity::Warning, pathOf("rig", r) + "/identity",
                            say("%1 and %2 are one and the same device.",
                                tangle.rig[first->second].alias, tangle.rig[r].alias),
                            words("Take one of them out, or give it the port of another device."),
                            0, 0, words("Only one of them can ever be present.")});
    }
}

}  // namespace

Problems findRigProblems(const Tangle& tangle)
{
    Problems problems;
    for (std::size_t r = 0; r < tangle.rig.size(); ++r) {
        const auto& controller = tangle.rig[r];
        const auto path = pathOf("rig", r);
        checkTwice(controller, path, problems);
        for (std::size_t c = 0; c < controller.controls.size(); ++c) {
            if (controller.controls[c].kind == ControlKind::Axis)
                checkAxis(controller, controller.controls[c], path + pathOf("controls", c),
                          problems);
        }
        for (std::size_t s = 0; s < controller.switches.size(); ++s)
            checkSwitch(controller, controller.switches[s], path + pathOf("switches", s), problems);
        checkOwners(controller, path, problems);
    }
    checkAlike(tangle, problems);
    return problems;
}

}  // namespace jolly
