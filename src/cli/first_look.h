// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/world.h"

#include <map>
#include <span>
#include <vector>

namespace jolly
{

/// Learns what is there in a world and what moves: for commands that only look.
class FirstLook : public WorldListener
{
 public:
    struct Seen {
        ControllerDescription description;
        std::vector<Counts> state;
    };

    void controllerArrived(Handle handle, const ControllerDescription& description,
                           std::span<const Counts> state) override
    {
        controllers[handle] = {description, {state.begin(), state.end()}};
    }
    void controllerGone(Handle handle) override { controllers.erase(handle); }
    void frame(Handle, std::span<const RawMove>, Time) noexcept override {}
    void trouble(const Problem& problem) override
    {
        troubles.erase(problem.path);
        if (!problem.sentence.empty()) troubles[problem.path] = problem;
    }

    std::map<Handle, Seen> controllers;
    std::map<std::string, Problem> troubles;
};

}  // namespace jolly
