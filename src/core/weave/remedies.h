// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <span>
#include <string_view>

namespace jolly
{

/// A cure that changes the tangle at one click. Problem::remedy is its key.
struct Remedy {
    std::string_view key;
    Words label;  ///< what its button says
    Fallible (*apply)(Tangle& tangle, const Problem& problem);
};

[[nodiscard]] std::span<const Remedy> allRemedies() noexcept;

/// Null when there is none for the problem.
[[nodiscard]] const Remedy* remedyFor(const Problem& problem) noexcept;

}  // namespace jolly
