// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/plate.h"
#include "core/tangle/strand_index.h"

namespace jolly::app
{

/// How the buttons of a virtual device are shown.
enum class ButtonsAs : std::uint8_t {
    Grid,  ///< all by their numbers
    List,  ///< those that have a function or a strand, each in a line
};

/// What to show of a virtual device, and of which controls each of them tells.
struct VirtualPlate {
    Plate plate{};
    std::vector<std::vector<std::size_t>> slots{};  ///< places in the device's layout
};

/// A control without a label of its own takes the name of the strand that ends there. A keyboard
/// shows the keys and chords at which strands end; a pointer not the fine twins of its wheels.
/// @param strands  of the tangle.
[[nodiscard]] VirtualPlate virtualPlateOf(const VirtualDevice& device, const Tangle& tangle,
                                          const StrandIndex& strands, ButtonsAs buttons);


}  // namespace jolly::app
