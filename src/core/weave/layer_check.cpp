// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/layer_check.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <map>
#include <set>

namespace jolly
{

namespace
{

/// Layers that a layer needs, directly or through others.
void collectNeeds(const Tangle& tangle, const Layer& layer, std::set<std::string>& needs)
{
    for (const auto& id : layer.needs) {
        if (!needs.insert(id).second) continue;
        if (const auto* needed = findBy(tangle.layers, &Layer::id, id))
            collectNeeds(tangle, *needed, needs);
    }
}

bool isEngagedBy(const Tangle& tangle, const std::string& layer)
{
    return std::ranges::any_of(tangle.strands, [&](const Strand& strand) {
        return std::ranges::any_of(strand.ends, [&](const End& end) {
            const auto* goal = layerOf(end);
            return goal && (goal->layer == layer || goal->steps());
        });
    });
}

void findWrongNeeds(const Tangle& tangle, std::size_t place, Problems& problems)
{
    const auto& layer = tangle.layers[place];
    const auto path = "/layers/" + std::to_string(place) + "/needs";
    for (const auto& id : layer.needs) {
        if (findBy(tangle.layers, &Layer::id, id)) continue;
        problems.push_back(
            {.severity = Severity::Error,
             .path = path,
             .sentence = say("The layer \"%1\" needs \"%2\", which the tangle does not have.",
                             layer.name, id),
             .cure = words("Name a layer that is there, or nothing."),
             .meaning = words("It is never engaged.")});
    }
    std::set<std::string> needs;
    collectNeeds(tangle, layer, needs);
    if (!needs.contains(layer.id)) return;
    problems.push_back(
        {.severity = Severity::Error,
         .path = path,
         .sentence = say("The layer \"%1\" needs itself, through others or directly.", layer.name),
         .cure = words("Take one of the circle away from what it needs."),
         .meaning = words("None of the circle is ever engaged.")});
}

/// Of a group one layer only is engaged: what needs two of one never is.
void findRivals(const Tangle& tangle, std::size_t place, Problems& problems)
{
    const auto& layer = tangle.layers[place];
    std::set<std::string> needs;
    collectNeeds(tangle, layer, needs);
    needs.insert(layer.id);
    std::map<std::string, const Layer*> firstOfGroup;
    for (const auto& id : needs) {
        const auto* one = findBy(tangle.layers, &Layer::id, id);
        if (!one || one->group.empty()) continue;
        const auto [known, isFirst] = firstOfGroup.emplace(one->group, one);
        if (isFirst) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/layers/" + std::to_string(place) + "/needs",
             .sentence = say(
                 "The layer \"%1\" takes \"%2\" and \"%3\" at once, of which one only is engaged.",
                 layer.name, known->second->name, one->name),
             .cure = say("Take one of them out of the group \"%1\", or out of what it needs.",
                         one->group),
             .meaning = words("It is never engaged.")});
        return;
    }
}

/// A rule in a layer that engages the same layer lets go of it at once, or never.
void findOwnRules(const Tangle& tangle, Problems& problems)
{
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        const auto& strand = tangle.strands[s];
        for (std::size_t e = 0; e < strand.ends.size(); ++e) {
            const auto* goal = layerOf(strand.ends[e]);
            if (!goal || goal->layer != strand.layer || strand.layer == kBase) continue;
            problems.push_back(
                {.severity = Severity::Warning,
                 .path = "/strands/" + std::to_string(s) + "/ends/" + std::to_string(e),
                 .sentence = say("Strand \"%1\" engages the layer in which it is.", strand.name),
                 .cure = words("That is fine to let go of it again; else move the strand to Base."),
                 .meaning = words("It can engage nothing while that layer is not engaged.")});
        }
    }
}

void findLostInsteads(const Tangle& tangle, Problems& problems)
{
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        const auto& strand = tangle.strands[s];
        if (strand.insteadOf.empty() || findStrand(tangle, strand.insteadOf)) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/strands/" + std::to_string(s) + "/insteadOf",
             .sentence = say("Strand \"%1\" stands instead of \"%2\", which is gone.", strand.name,
                             strand.insteadOf),
             .cure = words("Nothing has to be done, unless that should still be there."),
             .meaning = words("It counts beside what is inherited.")});
    }
}

}  // namespace

void findLayerProblems(const Tangle& tangle, Problems& problems)
{
    if (tangle.layers.size() > kMostLayers)
        problems.push_back({.severity = Severity::Error,
                            .path = "/layers/" + std::to_string(kMostLayers),
                            .sentence = say("There are %1 layers; %2 are the most.",
                                            tangle.layers.size(), kMostLayers),
                            .cure = words("Take some away, or make one of two."),
                            .meaning = words("The upper ones are never engaged.")});
    for (std::size_t place = 0; place < tangle.layers.size(); ++place) {
        const auto& layer = tangle.layers[place];
        findWrongNeeds(tangle, place, problems);
        findRivals(tangle, place, problems);
        if (place == 0 || !layer.needs.empty() || isEngagedBy(tangle, layer.id)) continue;
        problems.push_back({.severity = Severity::Warning,
                            .path = "/layers/" + std::to_string(place),
                            .sentence = say("Nothing engages the layer \"%1\".", layer.name),
                            .cure = words("Lead a control to it, or engage it by hand."),
                            .meaning = words("Its strands wait.")});
    }
    findOwnRules(tangle, problems);
    findLostInsteads(tangle, problems);
}

}  // namespace jolly
