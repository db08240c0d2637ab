// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "core/flight/player.h"
#include "core/plan/chain.h"

#include <deque>
#include <optional>

namespace jolly::app
{

/// One moment of a strand: what went into it, and what came out of its stages.
struct TraceSample {
    Time time{};
    double in = 0.0;
    double out = 0.0;
};

/// The places of the desk's controls in the live block, controller by controller.
using DeskSlots = std::vector<std::pair<std::string, std::vector<int>>>;

[[nodiscard]] DeskSlots slotsOf(const Desk& desk);

/// The tangle with one strand switched on, in Base and for every craft, so that it is compiled; of
/// the others those are left on which it depends, since its stages look at virtual controls.
[[nodiscard]] Tangle rehearsed(const Tangle& tangle, const std::string& strand);

/// A strand in a machine of its own: what the engine computes, once more in the window, so that it
/// can be asked for any strand, also one that is switched off, and for moves that are past.
class Rehearsal
{
 public:
    /// @param tangle  as rehearsed() gives it.
    Rehearsal(const Tangle& tangle, const std::string& strand);

    /// Whether the strand could be compiled; nothing else may be asked if not.
    [[nodiscard]] bool isThere() const { return m_strand.has_value(); }

    [[nodiscard]] Machine& machine() { return m_player.machine(); }
    [[nodiscard]] const Machine& machine() const { return m_player.machine(); }
    [[nodiscard]] const PlanStrand& strand() const { return machine().plan().strands[*m_strand]; }

    /// What comes in, what came out of the strand's stages that are switched on, one after the
    /// other, and what came out at each outlet.
    [[nodiscard]] Value in() const { return machine().inputs().shown(strand().input); }
    [[nodiscard]] Value behind(std::size_t stage) const
    {
        return machine().stages().value(strand().stages.first + static_cast<std::uint32_t>(stage));
    }
    [[nodiscard]] std::span<const Value> outlets() const
    {
        return machine().stages().outlets(strand());
    }
    [[nodiscard]] Chain chain() const { return {machine(), *m_strand}; }
    [[nodiscard]] Sides sides() const;
    [[nodiscard]] Sides outSides() const;
    [[nodiscard]] TraceSample now(Time time) const;

    /// Lets what moves by itself go on until `time`, telling each sample.
    void runUntil(Time time, std::deque<TraceSample>& samples);

 private:
    Player m_player;
    std::optional<std::uint32_t> m_strand;
};

/// What a strand did in the last seconds, as it would have been with the shape that it has now:
/// after each edit the moves of those seconds run through it again.
class AxisTrace
{
 public:
    static constexpr Time kLength = std::chrono::seconds(10);

    /// How far apart the moves of an axis are that are remembered: far more than a picture of ten
    /// seconds shows.
    static constexpr Time kSpacing = std::chrono::milliseconds(4);

    explicit AxisTrace(LiveFeed& feed) : m_feed(feed) {}

    /// Follows a strand of a tangle; call again after each change of either, or of the desk.
    void follow(const Tangle& tangle, const std::string& strand);

    /// Takes the moves that came since the values before.
    void takeMoves();

    /// Forgets the past; after a time in which moves were not taken.
    void forget() { m_hasBegun = false; }

    [[nodiscard]] bool isThere() const { return m_rehearsal && m_rehearsal->isThere(); }
    [[nodiscard]] const Rehearsal& rehearsal() const { return *m_rehearsal; }

    /// In order of time; the last one is now. Empty when there is no such strand.
    [[nodiscard]] const std::deque<TraceSample>& samples() const { return m_samples; }

 private:
    void begin();
    void run();
    void feed(const SeenMove& move);
    void remember(const SeenMove& move);

    LiveFeed& m_feed;
    std::unique_ptr<Rehearsal> m_rehearsal;
    std::vector<std::optional<std::uint32_t>> m_inputOf;  ///< by slot of the live block
    std::vector<Counts> m_first;                          ///< by slot, before m_moves
    std::deque<SeenMove> m_moves;
    std::uint64_t m_forgotten = 0;  ///< moves before m_moves
    std::vector<std::uint64_t>
        m_rememberedOf;  ///< by slot, how many moves there were with its last
    std::deque<TraceSample> m_samples;
    DeskSlots m_desk;
    bool m_hasBegun = false;
};

}  // namespace jolly::app
