// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/plan.h"
#include "core/value/time.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// A virtual control took another value.
struct Change {
    std::uint32_t output = 0;  ///< place in Plan::outputs
    Counts raw;
};

/// Runs a plan: raw moves in, changes of virtual controls out. Holds every present value and who
/// pressed what. Built on the control thread; run by one thread. After construction nothing
/// allocates.
class Machine
{
 public:
    explicit Machine(Plan plan);

    [[nodiscard]] const Plan& plan() const noexcept { return m_plan; }

    /// Puts every output to rest and forgets all presses, changes and inputs. RT-safe.
    void reset() noexcept;

    /// Takes the state of a control as it stands: axes, hats and switches at once; a push that is
    /// already held counts only from its next press. RT-safe.
    void prime(std::uint32_t input, Counts raw, Time now) noexcept;

    /// Takes over from the machine that ran until now, after all inputs were primed: presses stay
    /// with their strands until released, axes stay with the strand that moved them last. RT-safe.
    void takeOver(const Machine& previous, Time now) noexcept;

    /// One control of a controller moved. RT-safe; at most mostChangesAMove() changes are added.
    void move(std::uint32_t input, bool isHatY, std::int32_t raw, Time now) noexcept;

    /// When tick() has something to do next; max while nothing moves by itself. RT-safe.
    [[nodiscard]] Time nextTick() const noexcept { return m_nextTick; }

    /// Runs the strands that move by themselves once more, when it is time for that.
    /// @return whether some are left for want of room for their changes: clear them and call again.
    /// RT-safe.
    bool tick(Time now) noexcept;

    /// The control is gone: its strands let go of what they pressed, and their axes rest or stay.
    /// RT-safe.
    void lose(std::uint32_t input, Time now) noexcept;

    /// What changed since clearChanges(), in order of arrival; an axis or hat has one entry only.
    [[nodiscard]] std::span<const Change> changes() const noexcept { return m_changes; }
    void clearChanges() noexcept;

    /// Whether one more move might not find room for its changes. RT-safe.
    [[nodiscard]] bool isFull() const noexcept { return m_changes.size() >= m_fullAt; }
    [[nodiscard]] std::size_t mostChangesAMove() const noexcept { return m_mostChangesAMove; }

    [[nodiscard]] Value inputValue(std::uint32_t input) const noexcept { return m_values[input]; }
    [[nodiscard]] std::span<const Value> inputValues() const noexcept { return m_values; }

    /// What last came out of a strand's stages.
    [[nodiscard]] Value strandValue(std::uint32_t strand) const noexcept
    {
        return m_strands[strand].out;
    }

    /// Whether a stage works now, as its "when" says. RT-safe.
    [[nodiscard]] bool doesWork(const PlanStage& stage) const noexcept;

    [[nodiscard]] Value outputValue(std::uint32_t output) const noexcept
    {
        return m_outputs[output].value;
    }
    [[nodiscard]] Counts outputRaw(std::uint32_t output) const noexcept
    {
        return m_outputs[output].raw;
    }

 private:
    static constexpr std::uint32_t kNone = 0xffffffff;

    /// Why a strand is run.
    enum class Cause : std::uint8_t { Priming, Move, Tick };

    struct StrandState {
        Value out{};
        bool isMoving = false;  ///< by itself
        bool isListed = false;  ///< in m_moving
        bool isMasked = false;  ///< waits for the release of a push that was held before
        bool isPressed = false;
    };
    struct LinkState {
        Value value;
        bool isActive = false;
    };
    struct OutputState {
        Value value;
        Counts raw;
        std::uint32_t presses = 0;
        std::uint32_t owner = kNone;    ///< the link that moved last
        std::uint32_t pending = kNone;  ///< place of its entry in m_changes
        bool isTold = false;            ///< in m_flipped
    };

    [[nodiscard]] Value valueOf(const PlanInput& input, Counts raw) const noexcept;
    [[nodiscard]] Value throughStages(const PlanStrand& strand, Value in, Time now) noexcept;
    void feed(std::uint32_t strand, Value in, Time now, Cause cause) noexcept;
    void feedLink(std::uint32_t link, Value value, Cause cause) noexcept;
    void feedAgain(std::uint32_t strand, Time now, Cause cause) noexcept;
    void tellWatchers(Time now, Cause cause) noexcept;
    void noteMotion(std::uint32_t strand, Time now) noexcept;
    void loseLink(std::uint32_t link, WhenAway whenAway) noexcept;
    void takeOverStrand(std::uint32_t strand, const Machine& previous, std::uint32_t old,
                        Time now) noexcept;
    void takeOverStages(std::uint32_t strand, const Machine& previous, std::uint32_t old,
                        Time now) noexcept;
    void takeOverOwners(std::uint32_t strand, const Machine& previous, std::uint32_t old) noexcept;
    void press(std::uint32_t output, bool isPressed) noexcept;
    void settle(std::uint32_t output) noexcept;
    void put(std::uint32_t output, Value value) noexcept;
    [[nodiscard]] Value meet(const PlanOutput& output, const OutputState& state) const noexcept;
    [[nodiscard]] std::uint32_t anyActiveLink(const PlanOutput& output) const noexcept;

    Plan m_plan;
    std::vector<Counts> m_raws;           ///< by input
    std::vector<Value> m_values;          ///< likewise
    std::vector<bool> m_areThere;         ///< likewise
    std::vector<std::uint32_t> m_moving;  ///< strands that move by themselves
    std::size_t m_ticked = 0;             ///< how many of those the present tick() has run
    Time m_nextTick = Time::max();
    std::vector<StrandState> m_strands;
    std::vector<LinkState> m_links;
    std::vector<OutputState> m_outputs;
    std::vector<std::uint32_t> m_flipped;  ///< watched outputs that were pressed or let go
    std::vector<Change> m_changes;
    std::size_t m_mostChangesAMove = 0;
    std::size_t m_fullAt = 0;  ///< so many changes may leave no room for those of one more move
};

}  // namespace jolly
