// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/flags.h"
#include "core/plan/inputs.h"
#include "core/plan/layer_stack.h"
#include "core/plan/meetings.h"
#include "core/plan/motion.h"
#include "core/plan/performers.h"
#include "core/plan/plan.h"
#include "core/plan/routing.h"
#include "core/plan/strand_ends.h"
#include "core/plan/strand_stages.h"
#include "core/plan/strand_state.h"
#include "core/value/time.h"

#include <cstdint>
#include <memory>
#include <span>
#include <utility>
#include <vector>

namespace jolly
{

/// Runs a plan: raw moves in, changes of virtual controls out. Built on the control thread; run by
/// one thread. After construction nothing allocates. Time comes with every call; none is kept.
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
    void begin(Instant now) noexcept;

    /// Takes over from the machine that ran until now, and begins. What it knew of a control
    /// counts, not what that was primed with. Presses stay with their strands until released, axes
    /// with the strand that moved them last, stages remember what those of their kind remembered,
    /// in their order. RT-safe.
    void takeOver(const Machine& previous, Instant now) noexcept;

    /// One control of a controller moved. `raw` is what it stands at, of a turner the sum of all
    /// its turns: the same again is no move. RT-safe.
    void move(std::uint32_t input, bool isHatY, std::int32_t raw, Instant now) noexcept;

    /// When tick() has something to do next; max while nothing moves by itself. RT-safe.
    [[nodiscard]] Time nextTick() const noexcept;
    /// Runs the strands and performers that are due. RT-safe.
    void tick(Instant now) noexcept;

    /// These controls are gone together: their strands let go of what they pressed, and their axes
    /// rest or stay. What others see of it is neither a press nor an order. RT-safe.
    void lose(std::span<const std::uint32_t> inputs, Instant now) noexcept;

    /// Whether a strand said to stand down, to keep the recording, since the last call. RT-safe.
    [[nodiscard]] bool takeStandDown() noexcept { return std::exchange(m_wantsStandDown, false); }
    [[nodiscard]] bool takeKeep() noexcept { return std::exchange(m_wantsKeep, false); }
    /// Pulses of a strand that were dropped since too many waited.
    [[nodiscard]] int dropped(std::uint32_t strand) const noexcept;

    /// The frame is over: layers that were pressed in it count now. Calls `take(change)` once for
    /// each virtual control that is not what it was, in the order of the first change. RT-safe.
    template <class Take>
    void takeChanges(Instant now, Take&& take) noexcept
    {
        settle(now);
        m_meetings.takeChanges(take);
    }
    void dropChanges(Instant now) noexcept
    {
        takeChanges(now, [](const Change&) {});
    }
    [[nodiscard]] const Inputs& inputs() const noexcept { return m_inputs; }
    [[nodiscard]] const LayerStack& layers() const noexcept { return m_layers; }
    [[nodiscard]] const Routing& routing() const noexcept { return m_routing; }
    [[nodiscard]] const Meetings& meetings() const noexcept { return m_meetings; }
    [[nodiscard]] const StrandStages& stages() const noexcept { return m_stages; }
    /// Whether what its control says is for a strand.
    [[nodiscard]] bool counts(std::uint32_t strand) const noexcept
    {
        return m_strands[strand].counts();
    }
    /// A layer by hand until the next flip; another craft. They count with the frame. RT-safe.
    void flipLayer(std::uint32_t layer) noexcept { m_layers.flip(layer); }
    void chooseCraft(std::uint32_t craft) noexcept { m_wantedCraft = craft; }
    /// See Meetings::holdByHand(). RT-safe.
    void holdByHand(std::uint32_t output, Counts counts, Instant now) noexcept;
    void letGo(std::uint32_t output, Instant now) noexcept;

    /// What stages may wait for.
    [[nodiscard]] Surroundings around() const noexcept { return {m_inputs, m_meetings, m_layers}; }

 private:
    friend class Handover;
    [[nodiscard]] Moment momentOf(const PlanStrand&, Instant now, bool isNews) const noexcept;
    void run(std::uint32_t strand, Value in, Instant now, Cause cause) noexcept;
    void giveOrders(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                    Cause cause) noexcept;
    void carryOut(const PlanOrder& order, Instant now) noexcept;
    void recentre(std::uint32_t output, Instant now) noexcept;
    void runAgain(std::uint32_t strand, Instant now, Cause cause) noexcept;
    void lookAround(std::uint32_t strand, Instant now, Cause cause) noexcept;
    void maskAll(std::uint32_t input, bool areMasked) noexcept;
    void tellLookers(std::uint32_t input, Instant now, Cause cause) noexcept;
    void tellFlips(Instant now, Cause cause) noexcept;
    void noteMotion(std::uint32_t strand, Instant now) noexcept;
    void settle(Instant now) noexcept;
    void notePress(std::uint32_t input, Instant now) noexcept;
    void reroute(std::uint64_t layers, Instant now) noexcept;
    void rerouteInput(std::uint32_t input, Instant now) noexcept;
    void hearAnew(std::uint32_t input, Instant now) noexcept;
    void changeRoute(std::uint32_t input, std::uint32_t from, std::uint32_t to, Instant) noexcept;
    void countOnly(std::uint32_t input) noexcept;
    void bringIn(std::uint32_t strand, bool picksUp, Instant now) noexcept;
    void takeOut(std::uint32_t strand, Instant now) noexcept;
    void finish(std::uint32_t strand, Instant now) noexcept;
    void endStrand(std::uint32_t strand) noexcept;
    void forgetOrders(std::uint32_t strand) noexcept;
    void dropLeft(std::uint32_t input) noexcept;
    enum class Heir : std::uint8_t { None, Waits, Has };
    [[nodiscard]] Heir heirOf(std::uint32_t input, std::uint32_t output) const noexcept;
    void tickStrand(std::uint32_t strand, Instant now) noexcept;

    std::unique_ptr<const Plan> m_plan;  ///< stays where it is when the machine is moved
    Inputs m_inputs;
    StrandStages m_stages;
    std::vector<StrandState> m_strands;
    Flags m_haveMasked;  ///< inputs with strands that wait for a release
    Flags m_areGiven;    ///< orders whose outlet is pressed
    StrandEnds m_ends;
    Performers m_performers;
    Meetings m_meetings;
    Motion m_motion;
    LayerStack m_layers;
    Routing m_routing;
    std::uint32_t m_wantedCraft = 0;
    bool m_wantsStandDown = false, m_wantsKeep = false;
};

}  // namespace jolly
