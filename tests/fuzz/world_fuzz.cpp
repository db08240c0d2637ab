// SPDX-License-Identifier: GPL-3.0-or-later
#include "fuzz.h"
#include "pretend/motion.h"
#include "pretend/world_file.h"

using namespace jolly;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto read = readWorld(fuzz::textOf(data, size));
    fuzz::expectReadable(read.problems, hasErrors(read.problems));
    if (hasErrors(read.problems)) return 0;
    for (const auto& controller : read.script.controllers) {
        static_cast<void>(isDuring(controller.away, 1.0));
        for (const auto& control : controller.controls) {
            for (const Time time : {Time(0), Time(1'234'567'890), Time(3'600'000'000'000)}) {
                static_cast<void>(positionAt(control, time, read.script.seed, 7));
                static_cast<void>(turnsBetween(control, Time(0), time));
            }
        }
    }
    return 0;
}
