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

std::string valueText(Value value)
{
    if (value.y != 0.0) return percent(value.x) + " / " + percent(value.y);
    return percent(value.x);
}

std::string strandSentence(const WhyStrand& why, const Tangle& tangle,
                           const std::function<std::string(Time)>& when)
{
    const auto* strand = findStrand(tangle, why.id);
    const auto name = strand && !strand->name.empty() ? strand->name : why.id;
    std::string text = why.leads ? "It has its value from strand \"" + name + "\""
                                 : "Strand \"" + name + "\" ends there, too";
    if (strand) {
        const auto* layer = findBy(tangle.layers, &Layer::id, strand->layer);
        const auto* craft = findBy(tangle.craft, &Craft::id, strand->craft);
        text += ", layer " + (layer ? layer->name : strand->layer);
        if (strand->craft != kEverywhere) text += ", " + (craft ? craft->name : strand->craft);
    }
    if (!why.counts) text += ", which does not count now";
    text += ": " + nameInFull(tangle, why.source) + " stands at " + valueText(why.in);
    if (why.movedAt) text += " (moved last at " + when(*why.movedAt) + ")";
    std::size_t at = 0;
    for (std::size_t s = 0; strand && s < strand->stages.size(); ++s) {
        const auto& stage = strand->stages[s];
        if (!stage.isOn || at >= why.stages.size()) continue;
        text += ", " + std::string(infoOf(stage.parameters).name) + " makes it " +
                valueText(why.stages[at++]);
    }
    return text + ".";
}

}  // namespace

std::vector<std::string> sentencesOf(const Why& why, const Recording& recording,
                                     const std::function<std::string(Time)>& when)
{
    std::vector<std::string> lines;
    const auto name = nameInFull(why.tangle, why.place);
    const auto stands = name + " stands at " + countsInWords(why.tangle, why.place, why.counts);
    if (why.changedAt) {
        lines.push_back(stands + " since " + when(*why.changedAt) + ".");
        lines.push_back("What came right before: " + inWords(why.cause, recording, why.tangle) +
                        ".");
    } else {
        lines.push_back(stands + " since before the recording begins.");
    }
    if (why.isByHand) lines.push_back("It is held by hand; strands that end there wait.");
    for (const auto& strand : why.strands)
        lines.push_back(strandSentence(strand, why.tangle, when));
    if (why.strands.empty() && !why.isByHand) lines.push_back("No strand ends there.");
    if (!why.layers.empty())
        lines.push_back("Engaged above Base: " +
                        listed(why.layers,
                               [&](const std::string& id) {
                                   const auto* layer = findBy(why.tangle.layers, &Layer::id, id);
                                   return layer ? layer->name : id;
                               }) +
                        ".");
    if (why.layersChangedAt)
        lines.push_back("Layers or craft changed last at " + when(*why.layersChangedAt) + ".");
    if (why.editedAt) lines.push_back("The tangle was edited last at " + when(*why.editedAt) + ".");
    return lines;
}

}  // namespace jolly
