// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "engine/engine.h"

/// Layers and craft that are chosen by hand.
namespace jolly
{

namespace
{

/// The place of something by its id, else by its name; nothing when it is not there.
template <class Items>
std::optional<std::uint32_t> placeOf(const Items& items, const std::string& name)
{
    const auto* found = findBy(items, &Items::value_type::id, name);
    if (!found) found = findBy(items, &Items::value_type::name, name);
    if (!found) return std::nullopt;
    return static_cast<std::uint32_t>(found - items.data());
}

template <class Items>
tl::unexpected<Failure> notThere(const std::string& what, const std::string& name,
                                 const Items& items)
{
    return fail(Failure::Code::NotThere,
                "The tangle that runs has no " + what + " \"" + name + "\".",
                "Name one of: " + listed(items, [](const auto& each) { return each.id; }) + ".");
}

}  // namespace

Fallible Engine::flipLayer(const std::string& layer)
{
    const auto& layers = m_woven->tangle.layers;
    const auto place = placeOf(layers, layer);
    if (!place || *place >= kMostLayers) return notThere("layer", layer, layers);
    if (*place == 0)
        return fail(Failure::Code::Unreadable, "Base always is engaged.", "Name another layer.");
    m_woven->machine.flipLayer(*place);
    followLayers();
    return {};
}

Fallible Engine::chooseCraft(const std::string& craft)
{
    const auto place = placeOf(m_woven->tangle.craft, craft);
    if (!place) return notThere("craft", craft, m_woven->tangle.craft);
    m_woven->machine.chooseCraft(*place);
    followLayers();
    return {};
}

void Engine::followLayers() noexcept
{
    m_live.begin();
    flush(m_world.now());
    m_live.end();
}

}  // namespace jolly
