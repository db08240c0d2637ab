// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// One position of a switch: its name, and the button that is pressed there; none where it is
/// silent.
struct SwitchPlace {
    std::string name{};
    std::optional<Source> control{};

    friend bool operator==(const SwitchPlace&, const SwitchPlace&) = default;
};

/// One position that puts an axis somewhere.
struct ValuePlace {
    std::string name{};
    std::optional<Source> control{};
    double value = 0.0;  ///< of the axis there, [-1, 1]

    friend bool operator==(const ValuePlace&, const ValuePlace&) = default;
};

using SwitchPlaces = std::vector<SwitchPlace>;
using ValuePlaces = std::vector<ValuePlace>;

/// A parameter that is a list of positions.
struct PlacesField {
    std::string_view key;
    Words label;
    unsigned fewest = 2;
    unsigned most = 32;
};

/// What is wrong with a list of positions; empty when nothing is.
[[nodiscard]] Sentence complaintAboutPlaces(const PlacesField& field, const SwitchPlaces& places);

/// The same without what the positions put an axis to.
[[nodiscard]] SwitchPlaces plain(const ValuePlaces& places);

/// Which position a switch stands at: that of the button that was pressed last of those that are
/// down, else the silent one, if there is one. Buttons whose press was not seen come behind those,
/// and behind what was found before them; of several the first in the list counts.
class StandsAt
{
 public:
    StandsAt(const SwitchPlaces& places, const StageInput& input);

    static constexpr int kNowhere = -1;

    /// @return the place in the list, or kNowhere. RT-safe.
    [[nodiscard]] int look(const Moment& moment) noexcept;

    void reset() noexcept;

    /// Positions of the same names go on as they were. RT-safe.
    void continueFrom(const StandsAt& before) noexcept;

 private:
    struct Place {
        std::string name;
        std::optional<SeenControl> control{};
        bool wasPressed = false;
        std::int32_t pressed = 0;  ///< the higher, the later
    };

    std::vector<Place> m_places;
    int m_silent = kNowhere;
    std::int32_t m_presses = 0;
    std::int32_t m_found = 0;  ///< of those that were not seen being pressed, the latest
};

}  // namespace jolly
