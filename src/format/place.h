// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"

#include <string>
#include <string_view>

namespace jolly::format
{

/// A place in a text, both counted from 1; columns count characters, not bytes.
struct Place {
    int line = 1;
    int column = 1;

    friend bool operator==(const Place&, const Place&) = default;
};

/// The place of a byte; of the end when `offset` lies beyond it.
[[nodiscard]] Place placeAt(std::string_view text, std::size_t offset);

/// The place of the value that a JSON pointer names, or of the last of its parents that is there.
///
/// @param json  well-formed JSON.
[[nodiscard]] Place placeOf(std::string_view json, std::string_view pointer);

/// Fills in line and column of every problem that has none, in one walk through the text.
void addPlaces(Problems& problems, std::string_view json);

/// "marrowmere.tangle:12:7: /strands/3: sentence cure", for a terminal.
[[nodiscard]] std::string toText(const Problem& problem, std::string_view file);

/// "Line 12: sentence cure", for the window: no path of the format.
[[nodiscard]] Sentence toWords(const Problem& problem);

}  // namespace jolly::format
