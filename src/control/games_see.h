// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/status.h"

#include <string>
#include <vector>

namespace jolly
{

/// One joystick as a game would find it now.
struct GameSight {
    enum class Meaning : std::uint8_t {
        Fine,         ///< virtual, or real and not woven into anything
        DoubleInput,  ///< real, and heard beside the virtual device it is woven to
        Silent,       ///< real and listed, but games do not hear it
        Hidden,       ///< real, and some or all games do not find it
        Missing,      ///< virtual, and not there
    };

    std::string name;
    bool isVirtual = false;
    std::vector<std::string> nodes;  ///< of a real one
    Meaning meaning = Meaning::Fine;
    Words sentence;             ///< what it means for the flight
    int rig = Match::kUnknown;  ///< of a real one: its place in the tangle's rig
};

/// All joysticks that are there, the virtual ones first, then the real ones by their nodes.
/// Keyboards and pointers, which no game lists as joysticks, are left out.
[[nodiscard]] std::vector<GameSight> whatGamesSee(const Tangle& tangle, const EngineStatus& status);

}  // namespace jolly
