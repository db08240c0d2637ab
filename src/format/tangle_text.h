// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"
#include "format/rule.h"

#include <string>
#include <string_view>

namespace jolly::format
{

/// A tangle as it was read, with everything there is to say about it.
struct ReadTangle {
    Tangle tangle;      ///< whole only when `isReadable`
    Problems problems;  ///< with line and column
    int version =
        kTangleVersion;       ///< of the text; one of an earlier version is written anew as this
    bool isReadable = false;  ///< false: the text cannot be taken without losing something
};

/// Reads the text of a .tangle file. Several problems are reported at once. A tangle with errors
/// that concern single strands is still readable; one whose text breaks the format is not.
[[nodiscard]] ReadTangle readTangle(std::string_view text);

/// The text of a .tangle file: same tangle, same bytes. Ends with a line feed.
[[nodiscard]] std::string writeTangle(const Tangle& tangle);

}  // namespace jolly::format
