// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/shape/fact_line.h"
#include "core/weave/feel_check.h"

/// What is known of stages beyond their numbers, and what can be done about it at one click.
namespace jolly::app
{

/// What is known of a stage without measuring: the delay that it adds, or whether the other axis of
/// a pair has the same.
[[nodiscard]] StageFact factOf(Edits& edits, const Strand& strand, const StageParameters& stage);

/// Whether the strand's first stage that covers rest covers how far the axis rests away from its
/// centre; empty when it does not drift.
[[nodiscard]] StageFact driftFact(Edits& edits, const Strand& strand, const Drift& drift);

/// The stage under which that is told: the first that covers rest; -1, the calibration, without
/// any.
[[nodiscard]] int placeOfDrift(const Strand& strand);

}  // namespace jolly::app
