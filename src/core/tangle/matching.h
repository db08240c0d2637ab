// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <span>
#include <vector>

namespace jolly
{

/// A controller of the rig that could be any of several present ones, or shares one with others.
struct Doubt {
    std::size_t rig = 0;                  ///< place in the rig
    std::vector<std::size_t> candidates;  ///< places among the present controllers

    friend bool operator==(const Doubt&, const Doubt&) = default;
};

/// Which present controller is which of the rig.
struct Match {
    static constexpr int kUnknown = -1;

    std::vector<int> rigOf;  ///< for each present controller its place in the rig, or kUnknown
    std::vector<Doubt> doubts;

    [[nodiscard]] bool isPresent(std::size_t rig) const;
};

/// Finds the rig's controllers among the present ones.
///
/// Alike are controllers of one bus, vendor, product and name. Among alike ones the serial number
/// decides when it is there and nobody shares it, then the port; the last one left on both sides is
/// taken when its serial does not contradict. Everything else is a doubt, never a guess.
///
/// @param bound  for each present controller its place in the rig if it is known already, else
///               kUnknown; may be empty.
[[nodiscard]] Match matchRig(std::span<const RigController> rig, std::span<const Identity> present,
                             std::span<const int> bound = {});

}  // namespace jolly
