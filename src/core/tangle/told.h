// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"

#include <algorithm>
#include <string>

namespace jolly
{

/// Nobody reads more problems than this at once.
inline constexpr std::size_t kMostTold = 100;
/// Nor longer sentences, in bytes.
inline constexpr std::size_t kLongestSentence = 600;
/// Of the names in a list, this many are told.
inline constexpr std::size_t kMostNamed = 8;

/// A text cut to at most `most` bytes, never within a character; "..." says so.
[[nodiscard]] std::string shortened(std::string text, std::size_t most);

/// Keeps no more problems than anybody reads: the first errors, then the first of the others, in
/// their order, with sentences of a length that can be read. A last one counts what was left out;
/// it is an error when errors were.
[[nodiscard]] Problems told(Problems problems);

/// The names of the first things of a list, and how many more there are: "a, b and 70 more".
template <class Items, class Name>
[[nodiscard]] std::string listed(const Items& items, Name&& nameOf)
{
    std::string text;
    std::size_t count = 0;
    for (const auto& item : items) {
        if (++count > kMostNamed) continue;
        text += (text.empty() ? "" : ", ") + shortened(nameOf(item), 80);
    }
    if (count > kMostNamed) text += " and " + std::to_string(count - kMostNamed) + " more";
    return text;
}

}  // namespace jolly
