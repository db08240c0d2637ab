// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/plate.h"
#include "core/tangle/strand_index.h"

namespace jolly
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

/// What stands on the cap of keys; whoever shows it knows the keyboard that the pilot has.
using KeyWords = std::function<Sentence(const Goal&)>;

/// A control without a label of its own takes the name of the strand that ends there. A keyboard
/// shows the keys and chords at which strands end; a pointer not the fine twins of its wheels.
/// @param strands  of the tangle.
[[nodiscard]] VirtualPlate virtualPlateOf(const VirtualDevice& device, const Tangle& tangle,
                                          const StrandIndex& strands, ButtonsAs buttons,
                                          const KeyWords& keyWords);

/// The id that an end has on the plate of its device: "axis 1", "keys 29 34"; empty for one that is
/// on none.
[[nodiscard]] std::string plateIdOf(const End& end);

}  // namespace jolly
