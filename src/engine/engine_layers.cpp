// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "engine/engine.h"

#include <functional>
#include <span>

/// Layers and craft that are chosen by hand.
namespace jolly
{

namespace
{

/// The place of something by its id, else by its name; nothing when it is not there.
template <class Items>
std::optional<std::uint32_t> placeOf(const Items& items, const std::string& name)
{
    const auto* found = findNamed(items, name);
    if (!found) return std::nullopt;
    return static_cast<std::uint32_t>(found - items.data());
}

template <class Item>
Sentence nameOneOf(std::span<const Item> items)
{
    return say("Name one of: %1.", listed(items, std::mem_fn(&Item::id)));
}

/// Base is not flipped.
Sentence nameALayer(std::span<const Layer> layers)
{
    return layers.size() > 1 ? nameOneOf(layers.subspan(1))
                             : words("It has no layer besides Base.");
}

}  // namespace

Fallible Engine::flipLayer(const std::string& layer)
{
    const auto& layers = m_session.tangle().layers;
    const auto place = placeOf(layers, layer);
    if (!place || *place >= kMostLayers)
        return fail(Failure::Code::NotThere,
                    say("The tangle that runs has no layer \"%1\".", layer), nameALayer(layers));
    if (*place == 0)
        return fail(Failure::Code::Unreadable, words("Base always is engaged."),
                    nameALayer(layers));
    const auto now = m_world.now();
    m_live.record(Happening::Kind::Flip, *place, 0, now);
    m_live.begin();
    m_session.flip(*place, now);
    m_live.end();
    return {};
}

Fallible Engine::chooseCraft(const std::string& craft)
{
    const auto& all = m_session.tangle().craft;
    const auto place = placeOf(all, craft);
    if (!place)
        return fail(Failure::Code::NotThere,
                    say("The tangle that runs has no craft \"%1\".", craft),
                    nameOneOf(std::span(all)));
    const auto now = m_world.now();
    m_live.record(Happening::Kind::Fly, *place, 0, now);
    m_live.begin();
    m_session.fly(*place, now);
    m_live.end();
    return {};
}

}  // namespace jolly
