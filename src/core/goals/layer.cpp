// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/layer.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly
{

std::string nameOfGoal(const Tangle& tangle, const LayerGoal& goal)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, goal.layer);
    return layer ? layer->name : goal.layer;
}

std::string explainGoal(const Tangle& tangle, const LayerGoal& goal, const Lead&)
{
    const auto name = "\"" + nameOfGoal(tangle, goal) + "\"";
    switch (goal.engage) {
        case Engage::Hold:
            return "engages the layer " + name + " while it is pressed";
        case Engage::Flip:
            return "engages the layer " + name +
                   " when it is pressed, and lets it go with the next";
        case Engage::Next:
            return "engages the next layer of the group of " + name + " when it is pressed";
        case Engage::Previous:
            return "engages the layer before of the group of " + name + " when it is pressed";
    }
    return {};
}

void checkGoal(const Tangle& tangle, const LayerGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    checkPress(from, "a layer", complain);
    const auto place = placeOfLayer(tangle, goal.layer);
    if (place == 0 || place >= std::min(tangle.layers.size(), kMostLayers))
        return complain("/layer",
                        place == 0 ? " engages Base, which always is"
                                   : " engages the layer \"" + goal.layer +
                                         "\", which the tangle does not have",
                        "Name a layer above Base.", "");
    if (goal.steps() && tangle.layers[place].group.empty())
        complain("/layer",
                 " steps through the group of the layer \"" + tangle.layers[place].name +
                     "\", which is of none",
                 "Put the layer into a group with others, or flip it.", "");
}

void compileGoal(const LayerGoal& goal, GoalSink& sink)
{
    switch (goal.engage) {
        case Engage::Hold:
            return sink.engage(goal.layer);
        case Engage::Flip:
            return sink.orderLayer(Deed::FlipLayer, goal.layer);
        case Engage::Next:
            return sink.orderLayer(Deed::NextLayer, goal.layer);
        case Engage::Previous:
            return sink.orderLayer(Deed::PreviousLayer, goal.layer);
    }
}

}  // namespace jolly
