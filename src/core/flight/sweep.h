// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_layout.h"
#include "core/value/time.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace jolly
{

/// Where a hat goes when a sim learns it.
enum class SweepWay : std::uint8_t { Up, Right, Down, Left };

inline constexpr std::array<std::string_view, 4> kSweepWays = {"up", "right", "down", "left"};

static_assert(kSweepWays.size() == static_cast<std::size_t>(SweepWay::Left) + 1);

[[nodiscard]] constexpr std::string_view nameOf(SweepWay way) noexcept
{
    return kSweepWays[static_cast<std::size_t>(way)];
}

/// The way of that name; nothing when there is none.
[[nodiscard]] constexpr std::optional<SweepWay> sweepWayNamed(std::string_view name) noexcept
{
    for (std::size_t i = 0; i < kSweepWays.size(); ++i) {
        if (kSweepWays[i] == name) return static_cast<SweepWay>(i);
    }
    return std::nullopt;
}

/// One step of a sweep: a virtual control stands at these counts from a time on.
struct SweepStep {
    Time at{};             ///< since the sweep began
    std::size_t part = 0;  ///< place among the controls that are swept
    Counts counts{};
};

/// How virtual controls move so that a sim that listens learns them: from rest to rest. An axis
/// goes over its full travel once, and stays at each end for a moment; a hat goes one way; a button
/// is pressed for long enough that a sim which asks now and then sees it. Several are a chord: they
/// are pressed one after the other and let go in reverse.
///
/// @return in the order of time; the last step is at rest. Empty for turners.
[[nodiscard]] std::vector<SweepStep> sweepOf(std::span<const VirtualSlot> parts, SweepWay way);

/// What a virtual control stands at when nothing moves it.
[[nodiscard]] Counts restOf(const VirtualSlot& slot);

}  // namespace jolly
