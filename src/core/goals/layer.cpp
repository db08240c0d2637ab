// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/layer.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly
{

Sentence nameOfGoal(const Tangle& tangle, const LayerGoal& goal)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, goal.layer);
    return layer ? layer->name : goal.layer;
}

Sentence explainGoal(const Tangle& tangle, const LayerGoal& goal, const Lead&)
{
    const auto name = nameOfGoal(tangle, goal);
    switch (goal.engage) {
        case Engage::Hold:
            return say("engages the layer \"%1\" while it is pressed", name);
        case Engage::Flip:
            return say("engages the layer \"%1\" when it is pressed, and lets it go with the next",
                       name);
        case Engage::Next:
            return say("engages the next layer of the group of \"%1\" when it is pressed", name);
        case Engage::Previous:
            return say("engages the layer before of the group of \"%1\" when it is pressed", name);
    }
    return {};
}

void checkGoal(const Tangle& tangle, const LayerGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    checkPress(from, words("a layer"), complain);
    const auto place = placeOfLayer(tangle, goal.layer);
    if (place == 0 || place >= std::min(tangle.layers.size(), kMostLayers))
        return complain("/layer",
                        place == 0 ? Sentence(words("engages Base, which always is"))
                                   : say("engages the layer \"%1\", which the tangle does not have",
                                         goal.layer),
                        words("Name a layer above Base."), "");
    if (goal.steps() && tangle.layers[place].group.empty())
        complain("/layer",
                 say("steps through the group of the layer \"%1\", which is of none",
                     tangle.layers[place].name),
                 words("Put the layer into a group with others, or flip it."), "");
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
