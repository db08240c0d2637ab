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

/// "through dead zone (3.0 % at rest) and curve (3 points)"; empty without stages.
std::string wayOf(const Strand& strand)
{
    std::string text;
    for (const auto& stage : strand.stages) {
        if (!stage.isOn) continue;
        const auto summary =
            std::visit([](const auto& p) { return p.summary(); }, stage.parameters);
        text += (text.empty() ? " through " : ", then ") +
                std::string(infoOf(stage.parameters).name) +
                (summary.empty() ? "" : " (" + summary + ")") + (stage.when ? " at times" : "");
    }
    return text;
}

}  // namespace

std::string explainEnd(const Tangle& tangle, const Strand& strand, const End& end)
{
    const auto from = signalsOf(tangle, strand).back().kind;
    return explainGoal(tangle, end.goal, {from, end.how, end.pulse, end.part});
}

std::string explainNow(const Tangle& tangle, const Strand& strand, const End& end)
{
    return nameOf(strand) + (end.outlet.empty() ? "" : ", " + end.outlet + ",") + " now " +
           explainEnd(tangle, strand, end) + ".";
}

std::vector<std::string> explainStrand(const Tangle& tangle, const Strand& strand)
{
    std::vector<std::string> lines = {nameOf(strand) + ": " + nameInFull(tangle, strand.source) +
                                      wayOf(strand) + (strand.isOn ? "" : "; switched off")};
    const auto outlets = outletsOf(strand);
    for (const auto& outlet : outlets) {
        bool isLed = false;
        for (const auto& end : strand.ends) {
            const bool isFirst = end.outlet.empty() && outlet == outlets.front();
            if (end.outlet != outlet && !isFirst) continue;
            isLed = true;
            lines.push_back("  " + (outlet.empty() ? "It" : "\"" + outlet + "\"") + " " +
                            explainEnd(tangle, strand, end) + ".");
        }
        if (!isLed) lines.push_back("  \"" + outlet + "\" leads nowhere.");
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

std::vector<std::string> explainControl(const Tangle& tangle, const Source& control)
{
    std::vector<std::string> lines;
    for (const auto& strand : tangle.strands) {
        if (strand.source == control || isPositionOf(strand, control)) {
            const auto more = explainStrand(tangle, strand);
            lines.insert(lines.end(), more.begin(), more.end());
            continue;
        }
        const auto seen = controlsOf(strand);
        if (std::ranges::find(seen, control) != seen.end())
            lines.push_back(nameOf(strand) + " looks at it.");
    }
    if (lines.empty()) lines.push_back(nameInFull(tangle, control) + " does nothing.");
    return lines;
}

std::vector<std::string> explainPlace(const Tangle& tangle, const Target& place)
{
    std::vector<std::string> lines;
    for (const auto* strand : takersOf(tangle, place)) {
        for (const auto& end : strand->ends) {
            const auto places = placesOf(end);
            if (std::ranges::find(places, place) == places.end()) continue;
            lines.push_back(
                nameOf(*strand) + ": " + nameInFull(tangle, strand->source) + wayOf(*strand) +
                (end.outlet.empty() ? "" : ", outlet \"" + end.outlet + "\",") + " " +
                explainEnd(tangle, *strand, end) + (strand->isOn ? "." : "; switched off."));
        }
    }
    if (lines.empty()) lines.push_back("Nothing leads to " + nameInFull(tangle, place) + ".");
    return lines;
}

}  // namespace jolly
