// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/reach_check.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
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

/// One end of a strand that counts, from anything to an axis.
struct AxisEnd {
    const Strand& strand;
    std::string path;
    const RigControl* from;       ///< null where its controller is not in the rig
    std::vector<Signal> signals;  ///< along the strand
    Part part;
    const VirtualDevice& device;
    VirtualSlot slot;

    [[nodiscard]] Sides rests() const { return signals.back().sides; }
    /// Where it has to rest, so that the game sees its rest as one.
    [[nodiscard]] Sides wanted() const { return part == Part::Whole ? slot.sides : Sides::One; }
    [[nodiscard]] bool isFromAxis() const { return from && from->kind == ControlKind::Axis; }
};

/// Calls `deed` for each of them.
template <class Deed>
void forEachAxisEnd(const StrandFindings& strands, Deed&& deed)
{
    const auto& tangle = strands.tangle();
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        if (!strands.doesRun(s)) continue;
        const auto& strand = tangle.strands[s];
        for (std::size_t t = 0; t < strand.ends.size(); ++t) {
            const auto* target = targetOf(strand.ends[t]);
            const auto* device = target ? findDevice(tangle, target->device) : nullptr;
            if (!device) continue;
            const auto& layout =
                strands.layout(static_cast<std::size_t>(device - tangle.devices.data()));
            const auto* slot = findBy(layout, &VirtualSlot::control, target->control);
            if (!slot || slot->control.kind != ControlKind::Axis) continue;
            deed(AxisEnd{strand, "/strands/" + std::to_string(s) + "/ends/" + std::to_string(t),
                         findControl(tangle, strand.source), signalsOf(tangle, strand),
                         strand.ends[t].part, *device, *slot});
        }
    }
}

Sentence placeOf(const AxisEnd& end)
{
    return say("%1 of %2", nameOf(end.device, end.slot.control), end.device.name);
}

/// The values of a sweep of what moves an axis, as they change from stage to stage.
using Sweep = std::array<double, kSteps + 1>;

Sweep sweepOver(Stretch part)
{
    Sweep sweep{};
    for (int step = 0; step <= kSteps; ++step)
        sweep[static_cast<std::size_t>(step)] =
            std::lerp(part.from, part.to, static_cast<double>(step) / kSteps);
    return sweep;
}

/// What comes of a sweep behind one stage. Other axes that it looks at are moved as well: to either
/// end, while this one is.
void sendThrough(const StageParameters& stage, Signal signal, Sweep& sweep)
{
    constexpr double kAtRest = 0.0;
    bool looksAtAxis = false;
    forEachControl(stage, [&](const ControlField& field, const auto& source) {
        looksAtAxis = looksAtAxis || (source && field.kind == ControlKind::Axis);
    });
    Value other{};
    StageInput input{signal};
    input.see = [&](const Source&) { return SeenControl{0, ControlKind::Axis, signal.sides}; };
    auto runner = prepare(stage, input);
    const auto run = [&](double in, double at) {
        other.x = at;
        reset(runner);
        return apply(runner, {in, 0.0}, {.inputs = {&other, 1}}).x;
    };
    const auto low = *std::ranges::min_element(sweep);
    const auto high = *std::ranges::max_element(sweep);
    for (auto& value : sweep) value = run(value, kAtRest);
    if (!looksAtAxis) return;
    for (const double in : {low, high}) {
        for (const double at : {input.low(), 1.0}) {
            const auto reached = run(in, at);
            sweep.front() = std::min(sweep.front(), reached);
            sweep.back() = std::max(sweep.back(), reached);
        }
    }
}

/// How much of the travel of its target the strand covers, in [0, 1].
double coverOf(const AxisEnd& end)
{
    auto sweep = sweepOver({end.signals.front().low(), 1.0});
    for (std::size_t i = 0; i < end.strand.stages.size(); ++i) {
        const auto& stage = end.strand.stages[i];
        if (!stage.isOn) continue;
        sendThrough(stage.parameters, end.signals[i], sweep);
        if (const auto own = ownTravelOf(stage.parameters, end.signals[i].low()))
            sweep = sweepOver(*own);
    }
    const auto [low, high] = std::ranges::minmax(sweep);
    return convertSides(high, end.rests(), Sides::One) - convertSides(low, end.rests(), Sides::One);
}

/// What is said of a strand that rests elsewhere than what it leads to.
Sentence restSentence(const AxisEnd& end)
{
    const auto& name = end.strand.name;
    const bool isOfControl = end.isFromAxis() && end.from->sides == end.rests();
    if (end.part != Part::Whole)
        return say("Strand \"%1\" leads an axis that rests in its middle to half of %2.", name,
                   placeOf(end));
    if (end.rests() == Sides::One)
        return isOfControl
                   ? say("Strand \"%1\" leads a control that rests at its low end to %2, which "
                         "rests in its middle.",
                         name, placeOf(end))
                   : say("Strand \"%1\" makes an axis that rests at its low end and leads it to "
                         "%2, which rests in its middle.",
                         name, placeOf(end));
    return isOfControl ? say("Strand \"%1\" leads a control that rests in its middle to %2, which "
                             "rests at its low end.",
                             name, placeOf(end))
                       : say("Strand \"%1\" makes an axis that rests in its middle and leads it to "
                             "%2, which rests at its low end.",
                             name, placeOf(end));
}

}  // namespace

Problems findSidesProblems(const StrandFindings& strands)
{
    Problems problems;
    forEachAxisEnd(strands, [&](const AxisEnd& end) {
        if (end.signals.back().kind != ControlKind::Axis || end.rests() == end.wanted()) return;
        const bool isLever = end.rests() == Sides::One;
        const bool isMade = end.signals.front().kind != ControlKind::Axis;
        const bool isSettable =
            end.part == Part::Whole && mayRestInMiddle(end.device, end.slot.control);
        problems.push_back(
            {.severity = Severity::Warning,
             .path = end.path,
             .sentence = restSentence(end),
             .cure = isMade       ? words("Let its stage rest where the virtual axis does.")
                     : isSettable ? words("Let the virtual axis rest where the control does.")
                                  : words("Lead it to an axis that rests where it does."),
             .meaning = isLever ? words("With your hand off it the game sees it at its lowest.")
                                : words("With your hand off it the game sees one half."),
             .remedy = isMade       ? "rest-with-goal"
                       : isSettable ? "same-rest"
                                    : ""});
    });
    return problems;
}

Problems findHalfReaches(const StrandFindings& strands)
{
    Problems problems;
    forEachAxisEnd(strands, [&](const AxisEnd& end) {
        if (!end.isFromAxis()) return;
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
