// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"
#include "core/tangle/tangle.h"

#include <string>

/// What happened, in words.
namespace jolly
{

/// What a virtual control stands at: "62.4 %", "pressed", "up right", "3 counts".
[[nodiscard]] Sentence countsInWords(const Tangle& tangle, const Target& place, Counts counts);

/// What happened, as the end of a sentence: "Lights of Bodger Box 24 went to off", "layer On water
/// was engaged", "one went live".
///
/// @param tangle  that ran then: controls have its names.
[[nodiscard]] Sentence inWords(const Happening& happening, const Recording& recording,
                               const Tangle& tangle);

/// A move in few words, without its controller: "Left lever 62.4 %", "Lights let go".
[[nodiscard]] Sentence moveInShort(const Happening& happening, const Recording& recording,
                                   const Tangle& tangle);

}  // namespace jolly
