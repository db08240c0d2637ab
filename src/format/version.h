// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "format/reader.h"

#include <string>
#include <string_view>

namespace jolly::format
{

/// What keeps a text from being JSON at all: nothing in it, or defects, with their places.
[[nodiscard]] Problems findTextProblems(std::string_view text);

/// What keeps JSON from being a file of a kind and version that we read; empty when nothing does.
/// @param kind  the key that holds the version, which is the name of the kind: "tangle".
[[nodiscard]] Problems findVersionProblems(const Json& json, const std::string& kind);

}  // namespace jolly::format
