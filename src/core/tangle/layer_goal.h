// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <string>

namespace jolly
{

/// What a press does to a layer.
enum class Engage : std::uint8_t {
    Hold,      ///< it is engaged for as long as it is pressed
    Flip,      ///< it is engaged until the next press, or until another of its group is
    Next,      ///< the next one of its group is, as with a flip
    Previous,  ///< likewise the one before
};

/// A goal: a layer, which a strand engages.
struct LayerGoal {
    std::string layer{};
    Engage engage = Engage::Hold;

    friend bool operator==(const LayerGoal&, const LayerGoal&) = default;
};

/// Which craft a press chooses.
enum class Choose : std::uint8_t { This, Next, Previous };

/// A goal: a craft, which a press chooses.
struct CraftGoal {
    std::string craft{};  ///< of Choose::This
    Choose choose = Choose::This;

    friend bool operator==(const CraftGoal&, const CraftGoal&) = default;
};

}  // namespace jolly
