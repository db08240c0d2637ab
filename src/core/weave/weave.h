// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

#include <vector>

namespace jolly
{

/// Whether a strand counts now: switched on, in an engaged layer, for the craft in use. Engaged is
/// Base and the craft is Everywhere.
[[nodiscard]] bool doesCount(const Strand& strand) noexcept;

/// What keeps one strand from running, each with path and cure; `index` is its place in the tangle.
[[nodiscard]] Problems findStrandProblems(const Tangle& tangle, std::size_t index);

/// Everything about the tangle that stands in the way of a flight: names used twice, strands to
/// what does not exist, stages that do not fit, shapes that games misread, strands that meet.
[[nodiscard]] Problems findProblems(const Tangle& tangle);

}  // namespace jolly
