// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/preflight.h"

#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/told.h"
#include "core/weave/weave.h"

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::uint16_t kBluetooth = 0x05;  // BUS_BLUETOOTH of linux/input.h

std::size_t strandsOf(const Tangle& tangle, const RigController& controller)
{
    return static_cast<std::size_t>(
        std::ranges::count_if(tangle.strands, [&](const Strand& strand) {
            return doesCount(strand) && dependsOn(strand, controller.id);
        }));
}

void findAway(const Tangle& tangle, const EngineStatus& status, Problems& problems)
{
    for (std::size_t r = 0; r < tangle.rig.size(); ++r) {
        const auto isHere = [r](const auto& c) { return c.rig == static_cast<int>(r); };
        const auto isDoubt = [r](const auto& d) { return d.rig == r; };
        if (std::ranges::any_of(status.controllers, isHere) ||
            std::ranges::any_of(status.doubts, isDoubt))
            continue;
        const bool isRadio = tangle.rig[r].identity.bus == kBluetooth;
        const auto count = strandsOf(tangle, tangle.rig[r]);
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/rig/" + std::to_string(r),
             .sentence = isRadio ? say("%1 is asleep or away.", tangle.rig[r].alias)
                                 : say("%1 is away.", tangle.rig[r].alias),
             .cure = isRadio
                         ? several("Wake it by a press on it; its %n strand waits for it.",
                                   "Wake it by a press on it; its %n strands wait for it.", count)
                         : several("Plug it in; its %n strand waits for it.",
                                   "Plug it in; its %n strands wait for it.", count),
             .meaning = words("What it moves rests, or keeps its value, as its strands say.")});
    }
}

void findDoubts(const Tangle& tangle, const EngineStatus& status, Problems& problems)
{
    for (const auto& doubt : status.doubts) {
        if (doubt.rig >= tangle.rig.size()) continue;
        std::vector<Sentence> ports;
        for (const auto candidate : doubt.candidates) {
            if (candidate < status.controllers.size())
                ports.emplace_back(status.controllers[candidate].description.identity.phys);
        }
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/rig/" + std::to_string(doubt.rig),
             .sentence = say("It is not clear which controller is %1: alike ones are at %2.",
                             tangle.rig[doubt.rig].alias, inARow(ports)),
             .cure = words("Say on its card on the Rig page which one it is; the answer is kept."),
             .meaning = words("Its strands do nothing until then.")});
    }
}

void findWaiting(const Tangle& tangle, const EngineStatus& status, Problems& problems)
{
    for (const auto& controller : status.controllers) {
        if (controller.hold != Hold::Waiting || controller.rig < 0) continue;
        const auto rig = static_cast<std::size_t>(controller.rig);
        if (rig >= tangle.rig.size()) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/rig/" + std::to_string(rig),
             .sentence = say("%1 is not held yet.", tangle.rig[rig].alias),
             .cure = words("Let go of its buttons; it is held as soon as none is pressed."),
             .meaning = words("Games hear it beside the virtual devices.")});
    }
}

/// Controllers of the rig that came back with other controls: other firmware, or another mode.
void findChanged(const Tangle& tangle, const EngineStatus& status, Problems& problems)
{
    for (const auto& controller : status.controllers) {
        if (controller.rig < 0 || static_cast<std::size_t>(controller.rig) >= tangle.rig.size())
            continue;
        const auto& rig = tangle.rig[static_cast<std::size_t>(controller.rig)];
        const auto& there = controller.description.controls;
        std::vector<Sentence> missing;
        for (const auto& control : rig.controls) {
            if (findBy(there, &ControlDescription::code, control.code)) continue;
            missing.push_back(nameOf(rig, control));
        }
        if (missing.empty()) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/rig/" + std::to_string(controller.rig),
             .sentence = say("%1 has changed: it no longer has %2.", rig.alias, inARow(missing)),
             .cure = words("Switch it back to the mode it had, or begin those strands elsewhere."),
             .meaning = words("Strands that begin there do nothing.")});
    }
}

/// Axes whose device tells a range that cannot be, until they are calibrated.
void findImpossibleRanges(const Tangle& tangle, const EngineStatus& status, Problems& problems)
{
    for (const auto& controller : status.controllers) {
        if (controller.rig < 0 || static_cast<std::size_t>(controller.rig) >= tangle.rig.size())
            continue;
        const auto& rig = tangle.rig[static_cast<std::size_t>(controller.rig)];
        for (const auto& told : controller.description.controls) {
            const auto* axis = findControl(rig, told.code);
            if (told.kind != ControlKind::Axis || told.low < told.high || !axis ||
                axis->calibration != Calibration::ofRange(told.low, told.high))
                continue;
            problems.push_back(
                {.severity = Severity::Warning,
                 .path = "/rig/" + std::to_string(controller.rig),
                 .sentence = say("%1 tells an impossible range for %2 (%3 to %4).", rig.alias,
                                 nameOf(rig, *axis), told.low, told.high),
                 .cure = words("Calibrate it on the Rig page: the counts seen become its ends."),
                 .meaning = words("It hardly moves anything.")});
        }
    }
}

}  // namespace

Problems preflight(const Tangle& tangle, const EngineStatus& status)
{
    auto problems = findProblems(tangle);
    findAway(tangle, status, problems);
    findDoubts(tangle, status, problems);
    findWaiting(tangle, status, problems);
    findChanged(tangle, status, problems);
    findImpossibleRanges(tangle, status, problems);
    problems = told(std::move(problems));  // those of the world are few, and never left out
    problems.insert(problems.end(), status.troubles.begin(), status.troubles.end());
    return problems;
}

}  // namespace jolly
