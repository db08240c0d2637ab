// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/inputs.h"
#include "core/plan/layer_stack.h"
#include "core/plan/meetings.h"
#include "core/plan/motion.h"
#include "core/plan/plan.h"
#include "core/plan/routing.h"
#include "core/plan/strand_ends.h"
#include "core/value/time.h"

#include <cstdint>
#include <memory>
#include <span>
#include <utility>
#include <vector>

namespace jolly
{

/// Runs a plan: raw moves in, changes of virtual controls out. Holds what the plan's stages
/// remember. Built on the control thread; run by one thread. After construction nothing allocates.
class Machine
{
 public:
    explicit Machine(Plan plan);

    [[nodiscard]] const Plan& plan() const noexcept { return *m_plan; }

    /// Puts every output to rest and forgets all presses, changes and inputs. RT-safe.
    void reset() noexcept;

    /// Takes the state of a control as it stands. Axes, hats and switches count with begin(); a
    /// push that is already held only from its next press. RT-safe.
    void prime(std::uint32_t input, Counts raw) noexcept;

    /// Runs the strands of the controls that were primed, and those that look at them: once all
    /// that is known is known, so that their order plays no part. RT-safe.
    void begin(Time now) noexcept;

    /// Takes over from the machine that ran until now, and begins. What it knew of a control
    /// counts, not what that was primed with. Presses stay with their strands until released, axes
    /// with the strand that moved them last, stages remember what those of their kind remembered,
    /// in their order. RT-safe.
    void takeOver(const Machine& previous, Time now) noexcept;

    /// One control of a controller moved. `raw` is what it stands at, of a turner the sum of all
    /// its turns: the same again is no move. RT-safe.
    void move(std::uint32_t input, bool isHatY, std::int32_t raw, Time now) noexcept;

    /// When tick() has something to do next; max while nothing moves by itself. RT-safe.
    [[nodiscard]] Time nextTick() const noexcept { return m_motion.next(); }

    /// Runs the strands that are due. RT-safe.
    void tick(Time now) noexcept;

    /// The control is gone: its strands let go of what they pressed, and their axes rest or stay.
    /// RT-safe.
    void lose(std::uint32_t input, Time now) noexcept;

    /// Whether a strand said to stand down, to keep the recording, since the last call. RT-safe.
    [[nodiscard]] bool takeStandDown() noexcept { return std::exchange(m_wantsStandDown, false); }
    [[nodiscard]] bool takeKeep() noexcept { return std::exchange(m_wantsKeep, false); }

    [[nodiscard]] int dropped(std::uint32_t strand) const noexcept;  ///< pulses of it

    /// The frame is over: layers that were pressed in it count now. Calls `take(change)` once for
    /// each virtual control that is not what it was, in the order of the first change. RT-safe.
    template <class Take>
    void takeChanges(Take&& take) noexcept
    {
        settle(m_now);
        m_meetings.takeChanges(take);
    }
    void dropChanges() noexcept
    {
        takeChanges([](const Change&) {});
    }
    [[nodiscard]] const Inputs& inputs() const noexcept { return m_inputs; }
    [[nodiscard]] const LayerStack& layers() const noexcept { return m_layers; }
    [[nodiscard]] const Routing& routing() const noexcept { return m_routing; }

    /// A layer by hand until the next flip; another craft. They count with the frame. RT-safe.
    void flipLayer(std::uint32_t layer) noexcept { m_layers.flip(layer); }
    void chooseCraft(std::uint32_t craft) noexcept { m_wantedCraft = craft; }
    /// See Meetings::holdByHand(). RT-safe.
    void holdByHand(std::uint32_t output, Counts counts) noexcept;
    void letGo(std::uint32_t output) noexcept;

    /// What last came out of a strand's stages, at each of its outlets.
    [[nodiscard]] std::span<const Value> strandOutlets(std::uint32_t strand) const noexcept
    {
        const auto& outlets = m_plan->strands[strand].outlets;
        return std::span(m_outs).subspan(outlets.first, outlets.count);
    }
    /// What last came out of one of the plan's stages, at its first outlet.
    [[nodiscard]] Value stageValue(std::uint32_t at) const noexcept { return m_stageValues[at]; }

    /// Whether a stage works now, as its "when" says. RT-safe.
    [[nodiscard]] bool doesWork(const PlanStage& stage) const noexcept;
    [[nodiscard]] const Meetings& meetings() const noexcept { return m_meetings; }

 private:
    friend class Handover;
    [[nodiscard]] Moment momentOf(Time now, Cause cause) const noexcept;
    void run(std::uint32_t strand, Value in, Time now, Cause cause) noexcept;
    void runStages(const PlanStrand& strand, Value in, Time now, Cause cause,
                   std::span<Value> outlets) noexcept;
    void giveOrders(const PlanStrand& strand, std::span<const Value> outlets, Time now,
                    Cause cause) noexcept;
    void carryOut(const PlanOrder& order, Time now) noexcept;
    void recentre(std::uint32_t output, Time now) noexcept;
    void runAgain(std::uint32_t strand, Time now, Cause cause) noexcept;
    void lookAround(std::uint32_t strand, Time now, Cause cause) noexcept;
    [[nodiscard]] bool rouse(std::uint32_t stage, Value in, Time now) noexcept;
    void maskAll(std::uint32_t input, bool areMasked) noexcept;
    void tellLookers(std::uint32_t input, Time now, Cause cause) noexcept;
    void tellFlips(Time now, Cause cause) noexcept;
    void noteMotion(std::uint32_t strand, Time now) noexcept;
    void settle(Time now) noexcept;
    void notePress(std::uint32_t input, Time now) noexcept;
    void reroute(std::uint64_t layers, Time now) noexcept;
    void changeRoute(std::uint32_t input, std::uint32_t from, std::uint32_t to, Time now) noexcept;
    void bringIn(std::uint32_t strand, bool picksUp, Time now) noexcept;
    void takeOut(std::uint32_t strand) noexcept;
    void endStrand(std::uint32_t strand) noexcept;
    [[nodiscard]] bool hasMet(std::uint32_t strand, std::span<const Value> outlets) noexcept;

    std::unique_ptr<const Plan> m_plan;  ///< stays where it is when the machine is moved
    Inputs m_inputs;
    std::vector<StageRunner> m_runners;
    std::vector<bool> m_areAsleep;     ///< stages whose "when" is off
    std::vector<bool> m_areMasked;     ///< strands that wait for the release of a push held before
    std::vector<bool> m_haveMasked;    ///< inputs with such strands
    std::vector<Value> m_stageValues;  ///< what came out of each stage
    std::vector<Value> m_outs;         ///< by outlet
    std::vector<bool> m_areGiven;      ///< orders whose outlet is pressed
    StrandEnds m_ends;
    Meetings m_meetings;
    Motion m_motion;
    LayerStack m_layers;
    Routing m_routing;
    std::vector<std::int8_t> m_pickUps;  ///< strands that wait for the hand: 0 none, else how
    std::uint32_t m_wantedCraft = 0;
    Time m_now{};  ///< of the present frame
    bool m_wantsStandDown = false, m_wantsKeep = false;
};

}  // namespace jolly
