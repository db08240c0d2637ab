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
/// Nor longer names in them.
inline constexpr std::size_t kLongestName = 80;
/// Of the names in a list, this many are told.
inline constexpr std::size_t kMostNamed = 8;

/// Keeps no more problems than anybody reads: the first errors, then the first of the others, in
/// their order, with sentences of a length that can be read. A last one counts what was left out;
/// it is an error when errors were.
[[nodiscard]] Problems told(Problems problems);

/// The names of the first things of a list, and how many more there are: "a, b and 70 more".
template <class Items, class Name>
[[nodiscard]] Sentence listed(const Items& items, Name&& nameOf)
{
    std::vector<Sentence> names;
    std::size_t count = 0;
    for (const auto& item : items) {
        if (++count <= kMostNamed)
            names.push_back(Sentence(nameOf(item)).withShortNames(kLongestName));
    }
    const auto list = inARow(names);
    return count > kMostNamed ? say("%1 and %2 more", list, count - kMostNamed) : list;
}

}  // namespace jolly
