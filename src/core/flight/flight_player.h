// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"
#include "core/flight/session.h"
#include "core/flight/standing.h"

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace jolly
{

/// Plays a recording through the tangles that flew, or through another one: what happened is given
/// to a session as the engine gave it to its own, so that the same comes out.
class FlightPlayer : private SessionListener
{
 public:
    /// The tangle with a number in the recording.
    using TangleOf = std::function<Tangle(std::uint32_t number)>;
    /// Hears of each virtual control that took another value.
    using Hear = std::function<void(Time, const Change&)>;
    /// Hears that a frame is over, after what changed in it was told.
    using HearFrame = std::function<void(Time)>;

    /// As it was flown. What moved by itself does so when it did.
    FlightPlayer(const Recording& recording, TangleOf tangleOf, Hear hear = {});

    /// As another tangle would have flown it. What moves by itself does so at exactly its time, and
    /// edits that were made meanwhile are left out.
    FlightPlayer(const Recording& recording, const Tangle& instead, Hear hear = {});

    void onFrame(HearFrame hear) { m_hearFrame = std::move(hear); }

    /// Begins, once, where a recording or a chunk of it begins. What stages remember from before is
    /// not in it: latches are off, trims in their middle. Layers and craft are as they were.
    void begin(const Standing& standing, Time time);

    void feed(const Happening& happening);

    /// Ends the last frame.
    void finish() { endFrame(); }

    /// Of the tangle that is played now; with `instead` it stays the same one.
    [[nodiscard]] Machine& machine() { return m_session->machine(); }
    [[nodiscard]] const Machine& machine() const { return m_session->machine(); }
    [[nodiscard]] const Plan& plan() const { return m_session->plan(); }
    [[nodiscard]] const Standing& standing() const { return m_standing; }

    /// The place of a track among the plan's inputs; nothing when the tangle does not have it.
    [[nodiscard]] std::optional<std::uint32_t> inputOf(std::uint32_t track) const;

    /// When each input moved last, by its place; nothing for those that did not.
    [[nodiscard]] std::optional<Time> movedAt(std::uint32_t input) const;

 private:
    void frameOver(Instant now) noexcept override;
    void start(const Tangle& tangle);
    void seat(std::uint32_t controller);
    void move(const Happening& happening);
    void runUntil(Time time);
    void endFrame();
    void takeTangle(const Happening& happening);
    void goLive(Time time);
    void hold(const Happening& happening);
    void tellWhatIsOther(const Plan& plan, const std::vector<Counts>& before, Time time);
    [[nodiscard]] std::optional<std::uint32_t> outputOf(std::uint32_t track) const;

    const Recording& m_recording;
    TangleOf m_tangleOf;  ///< empty when another tangle is played
    Hear m_hear;
    HearFrame m_hearFrame;
    std::unique_ptr<Session> m_session;
    Standing m_standing;
    std::vector<Time> m_movedAt;  ///< by track; min for never
    Time m_now{};
    Time m_late{};      ///< of the present frame
    Time m_lateNext{};  ///< of the one that follows
    bool m_isInFrame = false;
};

}  // namespace jolly
