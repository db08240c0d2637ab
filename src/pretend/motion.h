// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"
#include "pretend/world_file.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// Where a pretend control is at one moment: a pure function of the time since the start, so that
/// two runs are alike.
///
/// @param seed  of the noise; another for each control.
/// @param tick  which report of the controller it is; the noise changes with it.
/// Not for turners.
[[nodiscard]] Counts positionAt(const PretendControl& control, Time sinceStart, std::uint64_t seed,
                                std::uint64_t tick) noexcept;

/// How many counts a turner turned after `from` until `to`.
[[nodiscard]] std::int32_t turnsBetween(const PretendControl& control, Time from, Time to) noexcept;

/// Whether a list of [from, to] covers the moment.
[[nodiscard]] bool isDuring(const std::vector<std::vector<double>>& spans, double seconds) noexcept;

}  // namespace jolly
