// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/positions.h"

#include "core/value/percent.h"

#include <algorithm>

namespace jolly
{

void Positions::standAt(const SwitchPlaces& all)
{
    places.clear();
    const double low = rests == Sides::Two ? -1.0 : 0.0;
    const auto steps = all.size() > 1 ? static_cast<double>(all.size() - 1) : 1.0;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const double part = all.size() > 1 ? static_cast<double>(i) / steps : 1.0;
        places.push_back({all[i].name, all[i].control, low + (1.0 - low) * part});
    }
}

Sentence Positions::complaint() const
{
    for (const auto& place : places) {
        if (!(place.value >= -1.0 && place.value <= 1.0))
            return say("the position \"%1\" is beyond the travel", place.name);
        if (auto below = complaintBelowRest(rests, {place.value}); !below.empty())
            return say("the position \"%1\": %2", place.name, below);
    }
    return {};
}

Sentence Positions::summary() const
{
    if (places.size() == 1) return percent(places.front().value);
    return say("%1 positions", places.size());
}

void Positions::fit(Sides sides)
{
    if (sides == rests) return;
    for (auto& place : places) place.value = convertSides(place.value, rests, sides);
    rests = sides;
}

Positions::Runner::Runner(const Positions& positions, const StageInput& input)
    : m_stands(plain(positions.places), input)
{
    for (const auto& place : positions.places) m_values.push_back(place.value);
}

}  // namespace jolly
