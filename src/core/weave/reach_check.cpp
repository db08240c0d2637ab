// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/reach_check.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_run.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>
#include <string_view>
#include <utility>

namespace jolly
{

namespace
{

/// A strand that covers no more of an axis than this part reaches one half of it only.
constexpr double kHalf = 0.55;
constexpr int kSteps = 64;

/// One end of a strand that counts, from an axis to an axis.
struct AxisEnd {
    const Strand& strand;
    std::string path;
    const RigControl& from;
    const VirtualDevice& device;
    VirtualSlot slot;
};

/// Calls `deed` for each of them.
template <class Deed>
void forEachAxisEnd(const StrandFindings& strands, Deed&& deed)
{
    const auto& tangle = strands.tangle();
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        if (!strands.doesRun(s)) continue;
        const auto& strand = tangle.strands[s];
        const auto* from = findControl(tangle, strand.source);
        if (!from || from->kind != ControlKind::Axis) continue;
        for (std::size_t t = 0; t < strand.ends.size(); ++t) {
            const auto* target = targetOf(strand.ends[t]);
            const auto* device = target ? findDevice(tangle, target->device) : nullptr;
            if (!device) continue;
            const auto& layout =
                strands.layout(static_cast<std::size_t>(device - tangle.devices.data()));
            const auto* slot = findBy(layout, &VirtualSlot::control, target->control);
            if (!slot || slot->control.kind != ControlKind::Axis) continue;
            deed(AxisEnd{strand, "/strands/" + std::to_string(s) + "/ends/" + std::to_string(t),
                         *from, *device, *slot});
        }
    }
}

Sentence placeOf(const AxisEnd& end)
{
    return say("%1 of %2", nameOf(end.device, end.slot.control), end.device.name);
}

/// How much of the travel of its target the strand covers, in [0, 1].
double coverOf(const AxisEnd& end)
{
    std::array<double, kSteps + 1> sweep;
    const auto sweepOver = [&sweep](const Stretch& part) {
        for (int step = 0; step <= kSteps; ++step)
            sweep[static_cast<std::size_t>(step)] =
                std::lerp(part.from, part.to, static_cast<double>(step) / kSteps);
    };
    Sides sides = end.from.sides;
    sweepOver({StageInput{ControlKind::Axis, sides}.low(), 1.0});
    for (const auto& stage : end.strand.stages) {
        if (!stage.isOn) continue;
        const StageInput input{ControlKind::Axis, sides};
        auto runner = prepare(stage.parameters, input);
        for (auto& value : sweep) value = settled(runner, {value, 0.0}).x;
        if (const auto own = ownTravelOf(stage.parameters, input.low())) sweepOver(*own);
        sides = signalAfter(stage.parameters, {ControlKind::Axis, sides}).sides;
    }
    const auto [low, high] = std::ranges::minmax(sweep);
    return convertSides(high, sides, Sides::One) - convertSides(low, sides, Sides::One);
}

}  // namespace

Problems findSidesProblems(const StrandFindings& strands)
{
    Problems problems;
    forEachAxisEnd(strands, [&](const AxisEnd& end) {
        if (end.from.sides == end.slot.sides) return;
        const bool isLever = end.from.sides == Sides::One;
        const bool isSettable = end.device.kind == VirtualKind::Joystick;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = end.path,
             .sentence = isLever
                             ? say("Strand \"%1\" leads a control that rests at its low end to %2, "
                                   "which rests in its middle.",
                                   end.strand.name, placeOf(end))
                             : say("Strand \"%1\" leads a control that rests in its middle to %2, "
                                   "which rests at its low end.",
                                   end.strand.name, placeOf(end)),
             .cure = isSettable ? words("Let the virtual axis rest where the control does.")
                                : words("Lead it to an axis that rests where it does."),
             .meaning = isLever ? words("With your hand off it the game sees it at its lowest.")
                                : words("With your hand off it the game sees one half."),
             .remedy = isSettable ? "same-rest" : ""});
    });
    return problems;
}

Problems findHalfReaches(const StrandFindings& strands)
{
    Problems problems;
    forEachAxisEnd(strands, [&](const AxisEnd& end) {
        const double cover = coverOf(end);
        if (cover > kHalf) return;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = end.path,
             .sentence = say("Strand \"%1\" reaches only %2 % of the travel of %3.",
                             end.strand.name, std::lround(100.0 * cover), placeOf(end)),
             .cure = words("Look at its stages: a curve or dead zone may be too large."),
             .meaning = words("The rest of it can never be set from this control.")});
    });
    return problems;
}

Problems findUnfed(const Tangle& tangle)
{
    std::set<std::pair<std::string_view, VirtualControl>> fed;
    for (const auto& strand : tangle.strands) {
        for (const auto& end : strand.ends) {
            for (const auto& place : placesOf(end)) fed.emplace(deviceOf(end), place.control);
        }
    }
    Problems problems;
    for (std::size_t d = 0; d < tangle.devices.size(); ++d) {
        const auto& device = tangle.devices[d];
        for (const auto& settings : device.settings) {
            const Target place{device.id, settings.control};
            const auto function = functionName(tangle, settings.function);
            if (function.empty() || fed.contains({device.id, settings.control})) continue;
            problems.push_back(
                {.severity = Severity::Warning,
                 .path = "/devices/" + std::to_string(d),
                 .sentence =
                     say("Nothing leads to \"%1\" (%2).", function, placeName(tangle, place)),
                 .cure = words("Weave a control to it, or take the function's name away."),
                 .meaning = words("The function cannot be used in flight.")});
        }
    }
    return problems;
}

}  // namespace jolly
