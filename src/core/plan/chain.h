// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"

#include <cstddef>
#include <vector>

namespace jolly
{

/// The compiled stages of one strand, to be asked by hand: what comes out in the end for what goes
/// in, while everything else stays as it is now. It is a copy; asking changes nothing else.
/// Control thread only.
class Chain
{
 public:
    Chain() = default;

    /// @param strand  place among the machine's strands.
    Chain(const Machine& machine, std::uint32_t strand);

    /// How many stages it has: those of the strand that are switched on.
    [[nodiscard]] std::size_t size() const noexcept { return m_stages.size(); }

    /// Whether a stage works now, as its "when" says.
    [[nodiscard]] bool isWorking(std::size_t stage) const { return m_areWorking[stage]; }

    /// What comes out of the stages [first, last) for `in`, once it has settled.
    [[nodiscard]] double through(double in, std::size_t first, std::size_t last);
    [[nodiscard]] double through(double in) { return through(in, 0, size()); }

    /// What has to go into the stages [first, last) for `out` to come out, in [low, 1]: the place
    /// nearest to `near` where they give it, or where they come nearest to it.
    [[nodiscard]] double inverse(double out, std::size_t first, std::size_t last, double low,
                                 double near);

 private:
    std::vector<PlanStage> m_stages;
    std::vector<bool> m_areWorking;
    std::vector<Value> m_inputs;
};

}  // namespace jolly
