// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>
#include <vector>

/// What strands do, in sentences.
namespace jolly
{

/// What an end does at both edges of its outlet: "presses Jolly 1, button 3 (gear) while it is
/// pressed", "pulses Jolly 1, button 17 (landing lights) for 60 ms when it is let go".
[[nodiscard]] Sentence explainEnd(const Tangle& tangle, const Strand& strand, const End& end);

/// What an end does from now on, as a sentence: "Lights, on, now pulses ...".
[[nodiscard]] Sentence explainNow(const Tangle& tangle, const Strand& strand, const End& end);

/// What a strand does: its way in a line, then a line for each end.
[[nodiscard]] std::vector<Sentence> explainStrand(const Tangle& tangle, const Strand& strand);

/// What a control of the rig does: each strand that begins there, and each stage of another one
/// that looks at it.
[[nodiscard]] std::vector<Sentence> explainControl(const Tangle& tangle, const Source& control);

/// What feeds a virtual control.
[[nodiscard]] std::vector<Sentence> explainPlace(const Tangle& tangle, const Target& place);

}  // namespace jolly
