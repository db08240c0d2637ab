// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/commands.h"
#include "core/value/control_code.h"
#include "core/value/time.h"

#include <cstdint>
#include <functional>
#include <memory>
#include <string>

namespace jolly
{

/// One line of a moves file: {"t": seconds, "controller": alias, "control": "ABS_X", "raw": 512};
/// or what a hand or another program did: {"t": seconds, "flip": layer}, {"t": seconds, "fly":
/// craft}.
struct RecordedMove {
    enum class Deed { Move, Flip, Fly };

    double t = 0.0;  ///< seconds, no further from 0 than kFurthest
    Time time{};     ///< the same, to the nearest nanosecond
    std::string controller{};  ///< of the other deeds the layer or the craft, by its id or its name
    ControlCode control{};
    std::int32_t raw = 0;
    Deed deed = Deed::Move;
};

/// Times in a moves file are no further from 0 than this, in seconds: what fits into a Time.
inline constexpr double kFurthest = 9.0e9;

/// Reads lines of a moves file.
class MoveReader
{
 public:
    MoveReader();
    ~MoveReader();

    /// @param line  may be padded while it is read. @return what is wrong with it as the end of a
    /// sentence; empty when `move` is what it says.
    [[nodiscard]] std::string read(std::string& line, RecordedMove& move);

 private:
    struct Parser;
    std::unique_ptr<Parser> m_parser;
};

[[nodiscard]] std::string writeMove(const RecordedMove& move);

/// Gives every move of a file to `take`, in order and one by one, until it says what is wrong with
/// one. Says on standard error which line is wrong and why; empty lines are skipped.
///
/// @param take  @return what is wrong with the move as the end of a sentence; empty when nothing.
/// @return Fine or Usage.
[[nodiscard]] ExitCode forEachMove(const std::string& file,
                                   const std::function<std::string(const RecordedMove&)>& take);

}  // namespace jolly
