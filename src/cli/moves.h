// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/commands.h"
#include "core/value/control_code.h"

#include <tl/expected.hpp>

#include <cstdint>
#include <functional>
#include <string>

namespace jolly
{

/// One line of a moves file: {"t": seconds, "controller": alias, "control": "ABS_X", "raw": 512}.
struct RecordedMove {
    double t = 0.0;
    std::string controller;
    ControlCode control{};
    std::int32_t raw = 0;
};

/// @return the move, or what is wrong with the line as the end of a sentence.
[[nodiscard]] tl::expected<RecordedMove, std::string> readMove(const std::string& line);

[[nodiscard]] std::string writeMove(const RecordedMove& move);

/// Gives every move of a file to `take`, in order, until it says what is wrong with one. Says on
/// standard error which line is wrong and why; empty lines are skipped.
///
/// @param take  @return what is wrong with the move as the end of a sentence; empty when nothing.
/// @return Fine or Usage.
[[nodiscard]] ExitCode forEachMove(const std::string& file,
                                   const std::function<std::string(const RecordedMove&)>& take);

}  // namespace jolly
