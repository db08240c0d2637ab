// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"
#include "core/value/time.h"
#include "core/value/value.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// A button went down or up.
struct ButtonEdge {
    Time time{};
    bool isDown = false;
};

/// What one button did, in the order of time.
struct ButtonSeries {
    Time since{};  ///< when watching it began
    bool wasDown = false;
    std::vector<ButtonEdge> edges{};
};

/// What a button likely is.
struct ButtonGuess {
    std::optional<ButtonKind> kind{};  ///< empty: it did nothing that tells
    Sentence words{};                  ///< why, for the pilot
    std::vector<std::size_t> group{};  ///< of a selector: all its positions, by rising place
};

/// Guesses the kind of every button of a controller from how they behaved. Deterministic.
///
/// - An **encoder pulse**: three presses or more, each of at most 35 ms. No finger is that short.
/// - A position of a **selector**: one of two buttons or more of which exactly one is down, but for
///   the moment (120 ms) in which one hands over to the other; each of them handed over once.
/// - A **switch**: stayed down for 6 s.
/// - A **push**: three presses or more, each between a pulse and a second.
///
/// @param until  the present moment, not before any edge.
[[nodiscard]] std::vector<ButtonGuess> guessKinds(std::span<const ButtonSeries> buttons,
                                                  Time until);

}  // namespace jolly
