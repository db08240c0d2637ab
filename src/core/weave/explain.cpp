// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_effect.h"

#include <algorithm>

namespace jolly
{

namespace
{

const std::string& nameOf(const Strand& strand)
{
    return strand.name.empty() ? strand.id : strand.name;
}

/// "dead zone (3.0 % at rest) at times".
Sentence stepOf(const Stage& stage)
{
    const auto summary = std::visit([](const auto& p) { return p.summary(); }, stage.parameters);
    const auto name = infoOf(stage.parameters).name;
    const auto step = summary.empty() ? Sentence(name) : say("%1 (%2)", name, summary);
    return stage.when ? say("%1 at times", step) : step;
}

/// "Twist of Skerry Stick through dead zone (3.0 % at rest), then curve (3 points)".
Sentence wayOf(const Tangle& tangle, const Strand& strand)
{
    const auto source = nameInFull(tangle, strand.source);
    Sentence steps;
    for (const auto& stage : strand.stages) {
        if (!stage.isOn) continue;
        steps = steps.empty() ? stepOf(stage) : say("%1, then %2", steps, stepOf(stage));
    }
    return steps.empty() ? source : say("%1 through %2", source, steps);
}

}  // namespace

Sentence explainEnd(const Tangle& tangle, const Strand& strand, const End& end)
{
    const auto from = signalsOf(tangle, strand).back().kind;
    return explainGoal(tangle, end.goal, {from, end.how, end.pulse, end.part});
}

Sentence explainNow(const Tangle& tangle, const Strand& strand, const End& end)
{
    const auto does = explainEnd(tangle, strand, end);
    return end.outlet.empty()
               ? say("%1 now %2.", nameOf(strand), does)
               : say("%1, %2, now %3.", nameOf(strand), Sentence::ourWord(end.outlet), does);
}

std::vector<Sentence> explainStrand(const Tangle& tangle, const Strand& strand)
{
    const auto way = wayOf(tangle, strand);
    std::vector<Sentence> lines = {strand.isOn ? say("%1: %2", nameOf(strand), way)
                                               : say("%1: %2; switched off", nameOf(strand), way)};
    const auto outlets = outletsOf(strand);
    for (const auto& outlet : outlets) {
        bool isLed = false;
        for (const auto& end : strand.ends) {
            const bool isFirst = end.outlet.empty() && outlet == outlets.front();
            if (end.outlet != outlet && !isFirst) continue;
            isLed = true;
            const auto does = explainEnd(tangle, strand, end);
            lines.push_back(outlet.empty() ? say("  It %1.", does)
                                           : say("  \"%1\" %2.", Sentence::ourWord(outlet), does));
        }
        if (!isLed) lines.push_back(say("  \"%1\" leads nowhere.", Sentence::ourWord(outlet)));
    }
    return lines;
}

namespace
{

/// Whether a control is a position of the switch that a strand takes for one thing.
bool isPositionOf(const Strand& strand, const Source& control)
{
    bool is = false;
    for (const auto& stage : strand.stages)
        forEachPosition(stage.parameters,
                        [&](const Source& position) { is = is || position == control; });
    return is;
}

}  // namespace

std::vector<Sentence> explainControl(const Tangle& tangle, const Source& control)
{
    std::vector<Sentence> lines;
    for (const auto& strand : tangle.strands) {
        if (strand.source == control || isPositionOf(strand, control)) {
            const auto more = explainStrand(tangle, strand);
            lines.insert(lines.end(), more.begin(), more.end());
            continue;
        }
        const auto seen = controlsOf(strand);
        if (std::ranges::find(seen, control) != seen.end())
            lines.push_back(say("%1 looks at it.", nameOf(strand)));
    }
    if (lines.empty()) lines.push_back(say("%1 does nothing.", nameInFull(tangle, control)));
    return lines;
}

std::vector<Sentence> explainPlace(const Tangle& tangle, const Target& place)
{
    std::vector<Sentence> lines;
    for (const auto* strand : takersOf(tangle, place)) {
        for (const auto& end : strand->ends) {
            const auto places = placesOf(end);
            if (std::ranges::find(places, place) == places.end()) continue;
            auto way = wayOf(tangle, *strand);
            if (!end.outlet.empty())
                way = say("%1, outlet \"%2\",", way, Sentence::ourWord(end.outlet));
            const auto does = explainEnd(tangle, *strand, end);
            lines.push_back(strand->isOn
                                ? say("%1: %2 %3.", nameOf(*strand), way, does)
                                : say("%1: %2 %3; switched off.", nameOf(*strand), way, does));
        }
    }
    if (lines.empty()) lines.push_back(say("Nothing leads to %1.", nameInFull(tangle, place)));
    return lines;
}

}  // namespace jolly
