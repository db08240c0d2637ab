// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"

#include "core/layers/family.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_effect.h"

#include <algorithm>
#include <iterator>
#include <ranges>

namespace jolly
{

namespace
{

const std::string& nameOf(const Strand& strand)
{
    return strand.name.empty() ? strand.id : strand.name;
}

/// "while Trigger of Skerry Stick is pressed".
Sentence whenOf(const Tangle& tangle, const When& when)
{
    if (!when.layer.empty()) {
        const auto* layer = findBy(tangle.layers, &Layer::id, when.layer);
        const auto name = layer ? layer->name : when.layer;
        return when.isOff ? say("while the layer %1 is not engaged", name)
                          : say("while the layer %1 is engaged", name);
    }
    const auto control =
        when.output ? nameInFull(tangle, *when.output) : nameInFull(tangle, when.control);
    return when.isOff ? say("while %1 is not pressed", control)
                      : say("while %1 is pressed", control);
}

/// "dead zone (3.0 % at rest) while Trigger of Skerry Stick is pressed".
Sentence stepOf(const Tangle& tangle, const Stage& stage)
{
    const auto summary = std::visit([](const auto& p) { return p.summary(); }, stage.parameters);
    const auto name = infoOf(stage.parameters).name;
    const auto step = summary.empty() ? Sentence(name) : say("%1 (%2)", name, summary);
    return stage.when ? say("%1 %2", step, whenOf(tangle, *stage.when)) : step;
}

/// "Twist of Skerry Stick through dead zone (3.0 % at rest), then curve (3 points)".
Sentence wayOf(const Tangle& tangle, const Strand& strand)
{
    const auto source = nameInFull(tangle, strand.source);
    Sentence steps;
    for (const auto& stage : strand.stages) {
        if (!stage.isOn) continue;
        steps = steps.empty() ? stepOf(tangle, stage)
                              : say("%1, then %2", steps, stepOf(tangle, stage));
    }
    return steps.empty() ? source : say("%1 through %2", source, steps);
}

/// The stretch of the axis in which an outlet of a strand is pressed; empty for all others.
Sentence rangeOf(const Strand& strand, const std::string& outlet)
{
    for (const auto& stage : strand.stages | std::views::reverse) {
        if (stage.isOn) return rangeOfOutlet(stage.parameters, outlet);
    }
    return {};
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
            const auto range = rangeOf(strand, outlet);
            const auto name = Sentence::ourWord(outlet);
            lines.push_back(outlet.empty()  ? say("  It %1.", does)
                            : range.empty() ? say("  \"%1\" %2.", name, does)
                                            : say("  \"%1\" (%2) %3.", name, range, does));
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

/// Of strands in one layer, for one craft: what they do.
struct Chapter {
    std::string layer, craft;
    std::vector<Sentence> lines;

    [[nodiscard]] bool isPlain() const { return layer == kBase && craft == kEverywhere; }
};

/// "In the layer On water, for Gannet 12:".
Sentence headOf(const Tangle& tangle, const Chapter& chapter)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, chapter.layer);
    const auto* craft = findBy(tangle.craft, &Craft::id, chapter.craft);
    const auto where = layer ? layer->name : chapter.layer;
    return chapter.craft == kEverywhere
               ? say("In the layer %1, everywhere:", where)
               : say("In the layer %1, for %2:", where, craft ? craft->name : chapter.craft);
}

/// The chapters in the order of layers, each of craft as they come; with heads unless all is in
/// Base, everywhere.
std::vector<Sentence> bound(const Tangle& tangle, std::vector<Chapter> chapters)
{
    std::ranges::stable_sort(chapters, {}, [&](const Chapter& chapter) {
        return std::pair(placeOfLayer(tangle, chapter.layer), placeOfCraft(tangle, chapter.craft));
    });
    const bool areNamed = !std::ranges::all_of(chapters, &Chapter::isPlain);
    std::vector<Sentence> lines;
    for (auto& chapter : chapters) {
        if (areNamed) lines.push_back(headOf(tangle, chapter));
        std::ranges::move(chapter.lines, std::back_inserter(lines));
    }
    return lines;
}

/// Adds what is said of a strand to its chapter.
void add(std::vector<Chapter>& chapters, const Strand& strand, std::vector<Sentence> lines)
{
    auto chapter = std::ranges::find_if(chapters, [&](const Chapter& c) {
        return c.layer == strand.layer && c.craft == strand.craft;
    });
    if (chapter == chapters.end())
        chapter = chapters.insert(chapters.end(), {strand.layer, strand.craft, {}});
    std::ranges::move(lines, std::back_inserter(chapter->lines));
}

}  // namespace

std::vector<Sentence> explainControl(const Tangle& tangle, const Source& control)
{
    std::vector<Chapter> chapters;
    for (const auto& strand : tangle.strands) {
        const auto seen = controlsOf(strand);
        if (strand.source == control || isPositionOf(strand, control)) {
            add(chapters, strand, explainStrand(tangle, strand));
        } else if (std::ranges::find(seen, control) != seen.end()) {
            add(chapters, strand, {say("%1 looks at it.", nameOf(strand))});
        }
    }
    if (chapters.empty()) return {say("%1 does nothing.", nameInFull(tangle, control))};
    return bound(tangle, std::move(chapters));
}

std::vector<Sentence> explainPlace(const Tangle& tangle, const Target& place)
{
    std::vector<Chapter> chapters;
    for (const auto* strand : takersOf(tangle, place)) {
        for (const auto& end : strand->ends) {
            const auto places = placesOf(end);
            if (std::ranges::find(places, place) == places.end()) continue;
            auto way = wayOf(tangle, *strand);
            const auto range = rangeOf(*strand, end.outlet);
            const auto name = Sentence::ourWord(end.outlet);
            if (!end.outlet.empty())
                way = range.empty() ? say("%1, outlet \"%2\",", way, name)
                                    : say("%1, outlet \"%2\" (%3),", way, name, range);
            const auto does = explainEnd(tangle, *strand, end);
            add(chapters, *strand,
                {strand->isOn ? say("%1: %2 %3.", nameOf(*strand), way, does)
                              : say("%1: %2 %3; switched off.", nameOf(*strand), way, does)});
        }
    }
    if (chapters.empty()) return {say("Nothing leads to %1.", nameInFull(tangle, place))};
    return bound(tangle, std::move(chapters));
}

}  // namespace jolly
