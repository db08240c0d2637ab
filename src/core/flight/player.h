// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "core/tangle/tangle.h"

#include <functional>
#include <memory>

namespace jolly
{

/// Runs a tangle in virtual time, without controllers that come and go: made-up moves, rehearsals,
/// replays of moves alone. What moves by itself goes on at exactly its time.
class Player
{
 public:
    /// Hears of each virtual control that took another value.
    using Hear = std::function<void(Time, const Change&)>;
    /// Hears that a frame is over, after what changed in it was told.
    using HearFrame = std::function<void(Time)>;

    explicit Player(const Tangle& tangle, Hear hear = {})
        : m_machine(std::make_unique<Machine>(compile(tangle))), m_hear(std::move(hear))
    {
    }

    [[nodiscard]] Machine& machine() noexcept { return *m_machine; }
    [[nodiscard]] const Machine& machine() const noexcept { return *m_machine; }

    void onFrame(HearFrame hear) { m_hearFrame = std::move(hear); }

    /// Begins with what was primed.
    void begin(Time time);

    /// Lets what moves by itself go on until and at `time`.
    void runUntil(Time time);

    /// Lets it go on once, at `time`.
    void tick(Time time);

    /// A control moved; its frame goes on.
    void move(std::uint32_t input, bool isHatY, std::int32_t raw, Instant time)
    {
        m_machine->move(input, isHatY, raw, time);
    }

    /// The frame is over: what changed in it is told.
    void endFrame(Instant time);

 private:
    std::unique_ptr<Machine> m_machine;
    Hear m_hear;
    HearFrame m_hearFrame;
};

}  // namespace jolly
