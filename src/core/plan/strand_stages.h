// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/flags.h"
#include "core/plan/inputs.h"
#include "core/plan/layer_stack.h"
#include "core/plan/meetings.h"
#include "core/plan/plan.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// What stages may wait for, as it stands now.
struct Surroundings {
    const Inputs& inputs;
    const Meetings& meetings;
    const LayerStack& layers;

    /// Whether a stage works now, as its "when" says. RT-safe.
    [[nodiscard]] bool letWork(const PlanStage& stage) const noexcept;
};

/// What the stages of strands remember, and what came out of them. A stage whose "when" does not
/// hold sleeps, and so do those of a strand that counts no longer. RT-safe after construction.
class StrandStages
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit StrandStages(const Plan& plan);

    /// All of them begin anew, before anything is pressed.
    void reset() noexcept;

    /// Those of a strand begin anew; one that waits for something sleeps until it is so.
    void forget(const PlanStrand& strand) noexcept;

    /// Those of a strand sleep until run() or look() wakes them.
    void sleep(const PlanStrand& strand) noexcept;

    /// Those of a strand go on, having seen nothing since it stopped counting; what its presses
    /// began goes on.
    void resume(const PlanStrand& strand, Value in, const Moment& moment,
                const Surroundings& around) noexcept;

    /// Sends a value through a strand's stages. @return what comes out, at each outlet.
    std::span<const Value> run(const PlanStrand& strand, Value in, const Moment& moment,
                               const Surroundings& around) noexcept;

    /// A strand's stages hear what became of the controls that they look at, although the strand's
    /// own source may not have been heard of. One that slept until now has seen nothing of it; it
    /// wakes when its strand runs, or at once where that cannot.
    void look(const PlanStrand& strand, const Moment& moment, const Surroundings& around) noexcept;

    /// When a strand wants to run again although nothing happens; max at rest.
    [[nodiscard]] Time nextAt(const PlanStrand& strand, Time now) const noexcept;

    /// Whether a press that they took has not come to its end.
    [[nodiscard]] bool arePerforming(const PlanStrand& strand) const noexcept;

    /// Pulses of a strand's stages that were dropped since too many waited.
    [[nodiscard]] int dropped(const PlanStrand& strand) const noexcept;

    /// What last came out of a strand, at each of its outlets; out of one stage, at its first.
    [[nodiscard]] std::span<const Value> outlets(const PlanStrand& strand) const noexcept
    {
        return std::span(m_outs).subspan(strand.outlets.first, strand.outlets.count);
    }
    [[nodiscard]] Value value(std::uint32_t stage) const noexcept { return m_values[stage]; }

    /// Those of a strand go on from those of one in a plan before: the first of a kind from the
    /// first of that kind, the second from the second. So an edit in flight makes nothing jump, and
    /// a stage that is added makes no other forget.
    void goOn(const PlanStrand& strand, const StrandStages& previous,
              const PlanStrand& old) noexcept;

 private:
    [[nodiscard]] bool rouse(std::uint32_t stage, Value in, const Moment& moment,
                             const Surroundings& around) noexcept;
    [[nodiscard]] std::uint32_t countBefore(const PlanStrand& strand, std::uint32_t stage,
                                            std::size_t kind) const noexcept;

    const Plan& m_plan;
    std::vector<StageRunner> m_runners;
    Flags m_areAsleep;            ///< by stage
    std::vector<Value> m_values;  ///< what came out of each stage
    std::vector<Value> m_outs;    ///< by outlet
};

}  // namespace jolly
