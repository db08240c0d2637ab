// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/layer_edit.h"

#include "core/layers/family.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_shape.h"

#include <algorithm>

namespace jolly
{

namespace
{

tl::unexpected<Failure> layerIsGone()
{
    return fail(Failure::Code::NotThere, words("That layer is not there any more."),
                words("Choose another."));
}

tl::unexpected<Failure> isBase(Words sentence)
{
    return fail(Failure::Code::Unreadable, sentence, words("Choose another layer."));
}

bool engages(const Strand& strand)
{
    return std::ranges::any_of(strand.ends, [](const End& end) { return layerOf(end) != nullptr; });
}

}  // namespace

Result<std::string> addLayer(Tangle& tangle, const std::string& name)
{
    if (tangle.layers.size() >= kMostLayers)
        return fail(Failure::Code::Unreadable,
                    say("There are %1 layers, and that is the most.", kMostLayers),
                    words("Remove one first."));
    Layer layer{.id = freshId(tangle, "layer"), .name = name};
    tangle.layers.push_back(layer);
    return layer.id;
}

Fallible moveLayer(Tangle& tangle, const std::string& layer, std::size_t place)
{
    const auto found = std::ranges::find(tangle.layers, layer, &Layer::id);
    if (found == tangle.layers.end()) return layerIsGone();
    if (found == tangle.layers.begin()) return isBase(words("Base is the bottom of the stack."));
    const auto moved = *found;
    tangle.layers.erase(found);
    place = std::clamp<std::size_t>(place, 1, tangle.layers.size());
    tangle.layers.insert(tangle.layers.begin() + static_cast<std::ptrdiff_t>(place), moved);
    return {};
}

Fallible removeLayer(Tangle& tangle, const std::string& layer)
{
    const auto found = std::ranges::find(tangle.layers, layer, &Layer::id);
    if (found == tangle.layers.end()) return layerIsGone();
    if (found == tangle.layers.begin()) return isBase(words("Base is always there."));
    tangle.layers.erase(found);
    std::erase_if(tangle.strands, [&](const Strand& strand) { return strand.layer == layer; });
    for (auto& other : tangle.layers) std::erase(other.needs, layer);
    std::erase_if(tangle.strands, [&](Strand& strand) {
        const auto led = std::erase_if(strand.ends, [&](const End& end) {
            const auto* goal = layerOf(end);
            return goal && goal->layer == layer;
        });
        return led > 0 && strand.ends.empty();
    });
    return {};
}

Result<std::string> engageBy(Tangle& tangle, const RigController& controller, ControlCode control,
                             const std::string& layer, Engage engage, const std::string& craft)
{
    const auto* from = findControl(controller, control);
    if (!from)
        return fail(Failure::Code::NotThere, words("That control is not there any more."),
                    words("Touch it again."));
    const auto* engaged = findBy(tangle.layers, &Layer::id, layer);
    if (!engaged) return layerIsGone();
    if (layer == kBase) return isBase(words("Base is always engaged."));
    if (from->kind == ControlKind::Hat || from->kind == ControlKind::Turner)
        return fail(Failure::Code::Unreadable,
                    say("%1 is neither held nor does it stay anywhere.", nameOf(controller, *from)),
                    words("Hold a button, flip a switch or move an axis."));
    Strand rule{.id = freshId(tangle, "strand"), .name = engaged->name};
    rule.craft = craft;
    rule.source = {controller.id, control};
    if (from->kind == ControlKind::Axis) {
        const double low = from->sides == Sides::Two ? 0.0 : 0.5;
        StageParameters slice = Slice{.slices = {{.name = engaged->name, .from = low}}};
        holdBeyond(slice, heldBeyond(*from));
        rule.stages.push_back({std::move(slice)});
    }
    rule.ends = {{{}, LayerGoal{layer, engage}}};
    if (!findController(tangle, controller.id)) tangle.rig.push_back(controller);
    tangle.strands.push_back(rule);
    return rule.id;
}

void setEngage(Tangle& tangle, const std::string& strand, const std::string& layer, Engage engage)
{
    auto* rule = findStrand(tangle, strand);
    if (!rule) return;
    for (auto& end : rule->ends) {
        auto* goal = layerOf(end);
        if (goal && goal->layer == layer) goal->engage = engage;
    }
}

std::size_t tapOnly(Tangle& tangle, const std::string& rule)
{
    const auto* modifier = findStrand(tangle, rule);
    if (!modifier) return 0;
    const auto source = modifier->source;
    const auto layer = modifier->layer;
    const auto craft = modifier->craft;
    std::size_t count = 0;
    for (auto& strand : tangle.strands) {
        if (strand.source != source || strand.layer != layer || strand.craft != craft) continue;
        if (engages(strand)) continue;
        strand.stages.insert(strand.stages.begin(), {Tap{}});
        ++count;
    }
    return count;
}

}  // namespace jolly
