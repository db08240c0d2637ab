// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/compile_layers.h"

#include "core/layers/views.h"

#include <algorithm>

namespace jolly
{

namespace
{

/// Whether some strand engages the layer.
bool isLed(const Tangle& tangle, const std::string& layer)
{
    return std::ranges::any_of(tangle.strands, [&](const Strand& strand) {
        return strand.isOn && std::ranges::any_of(strand.ends, [&](const End& end) {
                   const auto* goal = layerOf(end);
                   return goal && goal->layer == layer;
               });
    });
}

}  // namespace

void addLayers(Plan& plan, const Tangle& tangle)
{
    const auto count = std::min(tangle.layers.size(), kMostLayers);
    for (std::size_t place = 0; place < count; ++place) {
        const auto& layer = tangle.layers[place];
        PlanLayer flat{.id = layer.id,
                       .output = sizeOf(plan.outputs),
                       .isByItself = !layer.needs.empty() && !isLed(tangle, layer.id),
                       .crossing = layer.crossing,
                       .tellsSwitches = layer.tellsSwitches,
                       .remembers = layer.remembers};
        for (const auto& need : layer.needs) flat.needs |= bitOf(placeOfLayer(tangle, need));
        for (std::size_t other = 0; other < count; ++other) {
            if (!layer.group.empty() && tangle.layers[other].group == layer.group)
                flat.group |= bitOf(other);
        }
        plan.layers.push_back(std::move(flat));
        const VirtualControl press{ControlKind::Button, 1};
        plan.outputs.push_back(
            {.place = {"layer " + layer.id, press}, .device = kNoDevice, .layout = {press, {}}});
    }
}

void addViews(Plan& plan, const Tangle& tangle, std::span<const Strand* const> strands)
{
    for (std::size_t craft = 0; craft < tangle.craft.size(); ++craft) {
        const auto family = familyOf(tangle, craft);
        PlanView view{.craft = tangle.craft[craft].id};
        for (auto& input : plan.inputs) {
            const auto own = strands.subspan(input.strands.first, input.strands.count);
            Run routes{sizeOf(plan.routes), 0};
            for (const auto& layer : viewOf(tangle, own, family)) {
                plan.routes.push_back({static_cast<std::uint8_t>(layer.layer),
                                       {sizeOf(plan.routeStrands), sizeOf(layer.strands)}});
                for (const auto strand : layer.strands)
                    plan.routeStrands.push_back(input.strands.first +
                                                static_cast<std::uint32_t>(strand));
                input.layers |= bitOf(layer.layer);
                ++routes.count;
            }
            view.routes.push_back(routes);
        }
        plan.views.push_back(std::move(view));
    }
}

}  // namespace jolly
