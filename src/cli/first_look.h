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
    enum class At : bool {
        Controllers,
        SystemToo,  ///< what stands in the way of making virtual devices, too
    };
    explicit FirstLook(At at = At::Controllers) : m_at(at) {}

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
    void keptAlone(std::span<const Handle>, const Fallible&) override {}
    void trouble(const Problem& problem) override
    {
        if (m_at == At::Controllers && problem.path.starts_with("/system/")) return;
        troubles.erase(problem.path);
        if (!problem.sentence.empty()) troubles[problem.path] = problem;
    }

    std::map<Handle, Seen> controllers;
    std::map<std::string, Problem> troubles;

 private:
    At m_at;
};

}  // namespace jolly
