// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/sweep.h"
#include "core/tangle/virtual_control.h"
#include "core/value/result.h"
#include "core/value/value.h"
#include "ports/unique_fd.h"

#include <string>
#include <vector>

namespace jolly
{

/// What is asked of an engine, in its own process or from another. Every call may fail with
/// NotThere when the engine is going or gone, and with Busy when it does not answer.
class EngineCommands
{
 public:
    virtual ~EngineCommands() = default;

    [[nodiscard]] virtual Fallible goLive() = 0;
    [[nodiscard]] virtual Fallible standDown() = 0;
    [[nodiscard]] virtual Fallible flipLayer(const std::string& layer) = 0;
    [[nodiscard]] virtual Fallible chooseCraft(const std::string& craft) = 0;
    [[nodiscard]] virtual Fallible quit() = 0;

    /// See Engine::holdByHand(). Whoever holds something calls keepHand() every second.
    [[nodiscard]] virtual Fallible holdByHand(const Target& place, Value value) = 0;
    [[nodiscard]] virtual Fallible letGoByHand(const Target& place) = 0;
    [[nodiscard]] virtual Fallible letGoAllByHand() = 0;
    [[nodiscard]] virtual Fallible keepHand() = 0;

    /// See Engine::learn() and Engine::sweep().
    [[nodiscard]] virtual Fallible learn(const std::vector<Target>& places) = 0;
    [[nodiscard]] virtual Fallible sweep(SweepWay way) = 0;

    /// Reads the virtual devices back as a game does, for the next Lookout::kLease.
    [[nodiscard]] virtual Fallible lookAsGame() = 0;

    /// What the flight recorder keeps, from the chunk on that goes on at `since`: a file as
    /// docs/formats/recording.md says, in memory.
    [[nodiscard]] virtual Result<UniqueFd> recording(Time since) = 0;

    /// Writes it to a file; to one with a name of its own in the folder of kept flights when the
    /// path is empty. @return the path.
    [[nodiscard]] virtual Result<std::string> keepRecording(const std::string& path) = 0;
};

}  // namespace jolly
