// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/shape/fact_line.h"
#include "core/weave/feel_check.h"

/// What is known of stages beyond their numbers, and what can be done about it at one click.
namespace jolly::app
{

/// What "steady" adds, at rest and in motion.
[[nodiscard]] StageFact delayFact(const Steady& steady);

/// Whether the strand's first dead zone covers how far the axis rests away from its centre; empty
/// when it does not drift.
[[nodiscard]] StageFact driftFact(Studio& studio, const Strand& strand, const Drift& drift);

/// The stage under which that is told: the first dead zone; -1, the calibration, without any.
[[nodiscard]] int placeOfDrift(const Strand& strand);

/// Whether the other axis of a pair has the same round dead zone.
[[nodiscard]] StageFact pairFact(Studio& studio, const Strand& strand, const RoundDeadZone& zone);

}  // namespace jolly::app
