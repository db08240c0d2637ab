// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/binding.h"
#include "core/flight/player.h"
#include "core/flight/recording.h"
#include "core/flight/standing.h"

#include <cstdint>
#include <functional>
#include <optional>
#include <vector>

namespace jolly
{

/// Plays a recording through the tangles that flew, or through another one: the same calls of the
/// machine as the engine's, so that the same comes out.
class FlightPlayer
{
 public:
    /// The tangle with a number in the recording.
    using TangleOf = std::function<Tangle(std::uint32_t number)>;

    /// As it was flown. What moved by itself does so when it did.
    FlightPlayer(const Recording& recording, TangleOf tangleOf, Player::Hear hear = {});

    /// As another tangle would have flown it. What moves by itself does so at exactly its time, and
    /// edits that were made meanwhile are left out.
    FlightPlayer(const Recording& recording, const Tangle& instead, Player::Hear hear = {});

    /// Begins where a recording or a chunk of it begins. What stages remember from before is not in
    /// it: latches are off, trims in their middle. Layers and craft are as they were.
    void begin(const Standing& standing, Time time);

    void feed(const Happening& happening);

    /// Ends the last frame.
    void finish();

    [[nodiscard]] Player& player() { return *m_player; }
    [[nodiscard]] const Plan& plan() const { return m_player->machine().plan(); }
    [[nodiscard]] const Standing& standing() const { return m_standing; }

    /// The place of a track among the plan's inputs; nothing when the tangle does not have it.
    [[nodiscard]] std::optional<std::uint32_t> inputOf(std::uint32_t track) const;

    /// When each input moved last, by its place; nothing for those that did not.
    [[nodiscard]] std::optional<Time> movedAt(std::uint32_t input) const;

 private:
    void start(const Tangle& tangle);
    std::vector<Binding::Turn> bind();
    void placeTracks(const Plan& plan);
    void prime(Machine& machine) const;
    void primeController(std::uint32_t controller);
    void loseController(std::uint32_t controller, Time time);
    void follow(std::span<const Binding::Turn> turns, Time time);
    void holdHands(Time time);
    void endFrame();
    void takeTangle(const Happening& happening);
    void goLive(Time time);
    void arrive(const Happening& happening);
    void leave(const Happening& happening);
    void hold(std::uint32_t track, bool isHeld, Time time);

    const Recording& m_recording;
    TangleOf m_tangleOf;             ///< empty when another tangle is played
    std::optional<Tangle> m_tangle;  ///< that is played
    Player::Hear m_hear;
    std::unique_ptr<Player> m_player;
    Standing m_standing;
    Binding m_binding;
    std::vector<std::int32_t> m_inputOf;   ///< by track, or -1
    std::vector<std::int32_t> m_outputOf;  ///< likewise
    std::vector<Time> m_movedAt;           ///< by track; min for never
    Time m_now{};
    Time m_late{};      ///< of the present frame
    Time m_lateNext{};  ///< of the one that follows
    bool m_isInFrame = false;
};

}  // namespace jolly
