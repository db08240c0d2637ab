// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/signal.h"

#include <vector>

namespace jolly
{

/// What a strand's source gives; of an axis with two sides where it is not in the rig.
[[nodiscard]] Signal signalOf(const Tangle& tangle, const Source& source);

/// The one walk along a strand: what flows into its first stage, and behind each of them. A stage
/// that is switched off lets its input through. Behind a stage with several outlets it is what each
/// of these carries.
/// @return one more than there are stages.
[[nodiscard]] std::vector<Signal> signalsOf(const Tangle& tangle, const Strand& strand);

/// All controls that a strand depends on: its source, those its stages look at, and those that say
/// when a stage works.
[[nodiscard]] std::vector<Source> controlsOf(const Strand& strand);

/// Whether a strand depends on any control of a controller.
[[nodiscard]] bool dependsOn(const Strand& strand, std::string_view controller);

/// The names of a strand's outlets, of which its ends choose: those of its last stage that is
/// switched on; "" alone where nothing forks.
[[nodiscard]] std::vector<std::string> outletsOf(const Strand& strand);

}  // namespace jolly
