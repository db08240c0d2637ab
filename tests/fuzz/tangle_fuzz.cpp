// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "format/tangle_text.h"
#include "fuzz.h"

#include <cmath>

using namespace jolly;

namespace
{

/// Moves every control a few times and looks at what comes out.
void fly(const Tangle& tangle)
{
    Machine machine(compile(tangle));
    Time now{};
    const auto inputs = std::min<std::size_t>(machine.plan().inputs.size(), 200);
    for (const std::int32_t raw : {0, 1, -2147483647 - 1, 2147483647, 512, 0}) {
        for (std::uint32_t i = 0; i < inputs; ++i) {
            now += std::chrono::milliseconds(3);
            machine.move(i, false, raw, now);
            machine.move(i, true, raw, now);
            machine.tick(now);
            machine.dropChanges();
        }
    }
    for (std::uint32_t i = 0; i < machine.plan().outputs.size(); ++i) {
        const auto value = machine.meetings().value(i);
        fuzz::expect(std::abs(value.x) <= 1.0 && std::abs(value.y) <= 1.0, "values are within");
    }
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto read = fuzz::readTwice(fuzz::textOf(data, size), format::readTangle,
                                      format::writeTangle, &format::ReadTangle::tangle);
    if (read.isReadable) fly(read.tangle);
    return 0;
}
