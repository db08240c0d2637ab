// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/switch_place.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "switch": the positions of a switch are outlets, the silent one included. Which one is
/// pressed is said by the buttons of all positions, whatever comes in.
struct SwitchPositions {
    static constexpr StageInfo kInfo{
        .name = words("switch"),
        .sentence =
            words("Each position of a switch does something of its own, the silent one too."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .picture = Picture::Positions,
        .want = Want::Buttons,
        .also = words("toggle, selector, positions")};

    SwitchPlaces places{};

    friend bool operator==(const SwitchPositions&, const SwitchPositions&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(PlacesField{"positions", words("the positions")}, self.places);
    }

    void standAt(const SwitchPlaces& all) { places = all; }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return say("%1 positions", places.size()); }
    [[nodiscard]] std::vector<std::string> outlets() const
    {
        std::vector<std::string> names;
        for (const auto& place : places) names.push_back(place.name);
        return names.empty() ? std::vector<std::string>{""} : names;
    }

    struct Runner {
        StandsAt stands;

        /// RT-safe.
        void apply(Value, const Moment& moment, std::span<Value> outlets) noexcept
        {
            const int at = stands.look(moment);
            for (std::size_t i = 0; i < outlets.size(); ++i)
                outlets[i] = {static_cast<int>(i) == at ? 1.0 : 0.0, 0.0};
        }
        void reset() noexcept { stands.reset(); }
        void wake(Value, const Moment& moment) noexcept { look(moment); }
        /// Hears of its buttons also before its own was heard of. RT-safe.
        void look(const Moment& moment) noexcept { static_cast<void>(stands.look(moment)); }
        void continueFrom(const Runner& before) noexcept { stands.continueFrom(before.stands); }
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {StandsAt(places, input)};
    }
};

}  // namespace jolly
