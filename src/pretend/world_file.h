// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"
#include "core/tangle/problem.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// What one pretend control does all by itself. Times are seconds into a loop of `loop` seconds.
struct PretendControl {
    ControlCode code;
    std::int32_t low = 0;
    std::int32_t high = 1;
    std::int32_t fuzz = 0;  ///< as the kernel would tell it; nothing is filtered
    std::int32_t flat = 0;
    std::int32_t rest = 0;
    double jitter = 0.0;                       ///< counts of seeded noise to either side
    double drift = 0.0;                        ///< counts of slow wandering to either side
    double loop = 0.0;                         ///< seconds; 0 for a control that keeps still
    std::vector<std::vector<double>> motion;   ///< [time, counts], of a hat [time, x, y]
    std::vector<std::vector<double>> presses;  ///< [from, to]
    std::vector<std::vector<double>> turns;    ///< [time, counts]
};

/// A controller as evdev would describe it, and what it does.
struct PretendController {
    Identity identity;
    ControllerKind kind = ControllerKind::Stick;
    double rate = 100.0;  ///< reports a second
    std::vector<PretendControl> controls;
    std::vector<std::vector<double>>
        away;  ///< [from, to]: seconds from the start while it is unplugged

    [[nodiscard]] ControllerDescription description() const;
};

/// What a world file says (docs/formats/world.md).
struct PretendScript {
    std::string name;
    std::uint16_t seed = 1;
    std::vector<PretendController> controllers;
};

struct ReadWorld {
    PretendScript script;
    Problems problems;  ///< with line and column
};

/// Reads the text of a world file; every problem in it is an error.
[[nodiscard]] ReadWorld readWorld(std::string_view text);

}  // namespace jolly
