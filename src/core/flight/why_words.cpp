// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/happening_words.h"
#include "core/flight/why.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/told.h"
#include "core/value/percent.h"

/// Why a virtual control stands where it stands, in sentences.
namespace jolly
{

namespace
{

Sentence valueText(Value value)
{
    if (value.y != 0.0) return say("%1 / %2", percent(value.x), percent(value.y));
    return percent(value.x);
}

Sentence strandSentence(const WhyStrand& why, const Tangle& tangle,
                        const std::function<std::string(Time)>& when)
{
    const auto* strand = findStrand(tangle, why.id);
    const auto name = strand && !strand->name.empty() ? strand->name : why.id;
    std::vector<Sentence> which = {why.leads ? say("It has its value from strand \"%1\"", name)
                                             : say("Strand \"%1\" ends there, too", name)};
    if (strand) {
        const auto* layer = findBy(tangle.layers, &Layer::id, strand->layer);
        const auto* craft = findBy(tangle.craft, &Craft::id, strand->craft);
        which.push_back(say("layer %1", layer ? layer->name : strand->layer));
        if (strand->craft != kEverywhere) which.emplace_back(craft ? craft->name : strand->craft);
    }
    if (!why.counts) which.emplace_back(words("which does not count now"));
    const auto source = nameInFull(tangle, why.source);
    std::vector<Sentence> way = {why.movedAt ? say("%1 stands at %2 (moved last at %3)", source,
                                                   valueText(why.in), when(*why.movedAt))
                                             : say("%1 stands at %2", source, valueText(why.in))};
    std::size_t at = 0;
    for (std::size_t s = 0; strand && s < strand->stages.size(); ++s) {
        const auto& stage = strand->stages[s];
        if (!stage.isOn || at >= why.stages.size()) continue;
        way.push_back(
            say("%1 makes it %2", infoOf(stage.parameters).name, valueText(why.stages[at++])));
    }
    return say("%1: %2.", inARow(which), inARow(way));
}

}  // namespace

std::vector<Sentence> sentencesOf(const Why& why, const Recording& recording,
                                  const std::function<std::string(Time)>& when)
{
    std::vector<Sentence> lines;
    const auto name = nameInFull(why.tangle, why.place);
    const auto counts = countsInWords(why.tangle, why.place, why.counts);
    if (why.changedAt) {
        lines.push_back(say("%1 stands at %2 since %3.", name, counts, when(*why.changedAt)));
        lines.push_back(
            say("What came right before: %1.", inWords(why.cause, recording, why.tangle)));
    } else {
        lines.push_back(say("%1 stands at %2 since before the recording begins.", name, counts));
    }
    if (why.isByHand) lines.emplace_back(words("It is held by hand; strands that end there wait."));
    for (const auto& strand : why.strands)
        lines.push_back(strandSentence(strand, why.tangle, when));
    if (why.strands.empty() && !why.isByHand) lines.emplace_back(words("No strand ends there."));
    if (!why.layers.empty())
        lines.push_back(
            say("Engaged above Base: %1.", listed(why.layers, [&](const std::string& id) {
                    const auto* layer = findBy(why.tangle.layers, &Layer::id, id);
                    return layer ? layer->name : id;
                })));
    if (why.layersChangedAt)
        lines.push_back(say("Layers or craft changed last at %1.", when(*why.layersChangedAt)));
    if (why.editedAt)
        lines.push_back(say("The tangle was edited last at %1.", when(*why.editedAt)));
    return lines;
}

}  // namespace jolly
