// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/moves.h"
#include "fuzz.h"

#include <cmath>
#include <sstream>

using namespace jolly;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    static MoveReader reader;
    std::istringstream lines{std::string(fuzz::textOf(data, size))};
    RecordedMove move;
    for (std::string line; std::getline(lines, line);) {
        if (!reader.read(line, move).empty()) continue;
        fuzz::expect(std::abs(move.t) <= kFurthest, "times are within");
        auto written = writeMove(move);
        RecordedMove again;
        fuzz::expect(reader.read(written, again).empty(), "what is written is read");
        fuzz::expect(again.t == move.t && again.raw == move.raw && again.control == move.control,
                     "and alike");
    }
    return 0;
}
