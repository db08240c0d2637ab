// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/switch_place.h"

#include <algorithm>

namespace jolly
{

Sentence complaintAboutPlaces(const PlacesField& field, const SwitchPlaces& places)
{
    if (places.size() < field.fewest)
        return say("it has %1 positions; %2 are the fewest", places.size(), field.fewest);
    if (places.size() > field.most)
        return say("it has %1 positions; %2 are the most", places.size(), field.most);
    for (std::size_t i = 0; i < places.size(); ++i) {
        const auto& place = places[i];
        if (place.name.empty()) return words("a position has no name");
        for (std::size_t j = 0; j < i; ++j) {
            if (places[j].name == place.name)
                return say("two positions are called \"%1\"", place.name);
            if (places[j].control != place.control) continue;
            return place.control ? say("the positions \"%1\" and \"%2\" have the same button",
                                       places[j].name, place.name)
                                 : say("the positions \"%1\" and \"%2\" both have no button",
                                       places[j].name, place.name);
        }
    }
    return {};
}

SwitchPlaces plain(const ValuePlaces& places)
{
    SwitchPlaces all;
    for (const auto& place : places) all.push_back({place.name, place.control});
    return all;
}

StandsAt::StandsAt(const SwitchPlaces& places, const StageInput& input)
{
    for (const auto& place : places) {
        if (!place.control) m_silent = static_cast<int>(m_places.size());
        m_places.push_back({.name = place.name, .control = input.find(place.control)});
    }
}

int StandsAt::look(const Moment& moment) noexcept
{
    const Place* latest = nullptr;
    for (auto& place : m_places) {
        const bool isPressed = moment.of(place.control).isPressed();
        if (isPressed && !place.wasPressed) place.pressed = moment.isNews ? ++m_presses : --m_found;
        place.wasPressed = isPressed;
        if (isPressed && (!latest || place.pressed > latest->pressed)) latest = &place;
    }
    return latest ? static_cast<int>(latest - m_places.data()) : m_silent;
}

void StandsAt::reset() noexcept
{
    for (auto& place : m_places) {
        place.wasPressed = false;
        place.pressed = 0;
    }
    m_presses = m_found = 0;
}

void StandsAt::continueFrom(const StandsAt& before) noexcept
{
    m_presses = before.m_presses;
    m_found = before.m_found;
    for (auto& place : m_places) {
        const auto same = std::ranges::find(before.m_places, place.name, &Place::name);
        if (same == before.m_places.end()) continue;
        place.wasPressed = same->wasPressed;
        place.pressed = same->pressed;
    }
}

}  // namespace jolly
