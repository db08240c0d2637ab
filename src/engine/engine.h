// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/session.h"
#include "engine/deck.h"
#include "engine/desk_pass.h"
#include "engine/dropped_pulses.h"
#include "engine/fleet.h"
#include "engine/game_seat.h"
#include "engine/hand.h"
#include "engine/live_memory.h"
#include "ports/world.h"

#include <cstdint>
#include <map>
#include <memory>
#include <span>
#include <utility>

namespace jolly
{

/// Moves virtual devices as the controllers of a world move, by the tangle it was given last.
/// Starts idle, with an empty tangle.
///
/// One thread runs it; other threads talk to it through an EngineDoor. Between arrivals, departures
/// and edits, step() neither allocates nor locks.
class Engine : private WorldListener, private SessionListener
{
 public:
    /// How long it waits before it asks again for a controller that another program holds.
    static constexpr Time kHoldAgain = std::chrono::seconds(1);

    Engine(World& world, LiveBlock& live, StatusBoard& board);

    /// Lets the world tell what happened, waiting until `deadline` at most, and acts on it.
    void step(Time deadline);

    /// Runs another tangle from now on: between two frames, presses stay where they are.
    /// @return the one that ran until now, to be deleted where it was made.
    std::unique_ptr<WovenTangle> take(std::unique_ptr<WovenTangle> woven);

    /// Makes the virtual devices and holds the controllers. Fails with nothing changed.
    [[nodiscard]] Fallible goLive();

    /// Releases everything and gives everything back. Devices end within Fleet::kFarewell.
    void standDown();

    /// Engages a layer by hand until the next time, or lets it go. By its id, or its name.
    [[nodiscard]] Fallible flipLayer(const std::string& layer);

    /// Flies another craft of the tangle from now on. By its id, or its name.
    [[nodiscard]] Fallible chooseCraft(const std::string& craft);

    /// See Hand. A virtual control is at a value, whatever the controllers say, until
    /// letGoByHand(); a turner is turned by so many counts.
    [[nodiscard]] Fallible holdByHand(const Target& place, Value value,
                                      const std::string& client = {});
    Fallible letGoByHand(const Target& place);
    /// Lets go of all, and ends what a sim learns; or of what one client holds and has learned.
    void letGoByHand();
    void letGoByHandOf(const std::string& client);
    /// A client that holds something is still there.
    void keepHand(const std::string& client = {});

    /// From now on these virtual controls alone reach games, and stand at rest: one, or keys of a
    /// chord. None ends it.
    [[nodiscard]] Fallible learn(const std::vector<Target>& places, const std::string& client = {});
    /// Moves them once from rest to rest; see sweepOf().
    [[nodiscard]] Fallible sweep(SweepWay way);

    /// Whether a control said since the last call that the recording is to be kept.
    [[nodiscard]] bool takeKeep() noexcept { return std::exchange(m_wantsKeep, false); }
    /// Readers of the virtual devices that are there and may be read.
    [[nodiscard]] GameSeats openAsGame();
    /// Measures the delay of every frame from now on, or of some.
    void measureAll(bool isWanted) noexcept { m_live.measureAll(isWanted); }
    /// Lets clients know that the end that comes is wanted, and no death.
    void sayEnding() noexcept { m_live.sayEnding(); }

    [[nodiscard]] bool isLive() const noexcept { return m_session.isLive(); }

    /// Changes whenever the status does.
    [[nodiscard]] std::uint64_t edition() const noexcept { return m_live.edition(); }

    /// Whether nothing of a flight is left, so that the program may end.
    [[nodiscard]] bool isAtRest() const noexcept { return m_fleet.isEmpty(); }

 private:
    void controllerArrived(Handle, const ControllerDescription&, std::span<const Counts>) override;
    void controllerGone(Handle) override;
    void frame(Handle, std::span<const RawMove>, Time) noexcept override;
    void lost(Handle, Time) noexcept override;
    void keptAlone(std::span<const Handle>, const Fallible&) override;
    void trouble(const Problem&) override;
    void frameOver(Instant now) noexcept override;

    void moveOne(DeckController& controller, const RawMove& move, Instant now,
                 std::uint32_t mark) noexcept;
    [[nodiscard]] Value shown(const SeatedController& seat, std::uint32_t control) const noexcept;
    void recordChange(std::uint32_t slot, const PlanOutput& output, Counts raw, Time time) noexcept;
    void recordState(const DeckController& controller, Time time) noexcept;
    void tellLayers(Time time) noexcept;
    void putScene();
    void keepRecording();
    void putByHand(std::uint32_t output, Counts counts, const std::string& client);
    void endLearning();
    void runHand(Time now);
    [[nodiscard]] Instant hear(Time stamp) noexcept;
    void deckChanged();
    void setStraight();
    void letGoOf(DeckController& controller);
    [[nodiscard]] bool shouldHold(const DeckController& controller) const;
    void holdWhatIsFree();
    [[nodiscard]] bool isMoment(DeckController& controller);
    void holdOne(DeckController& controller);
    void runMotion() noexcept;
    void tellDropped();
    void keepHouse(Time now);
    void letAllGo();
    void keepAlone();
    void giveUp();
    void layOut();
    void publish();

    World& m_world;
    LiveWriter m_live;
    StatusBoard& m_board;
    Session m_session;
    Deck m_deck;
    Fleet m_fleet;
    DeskPass m_desk;
    DroppedPulses m_dropped;
    Hand m_hand;
    std::map<std::string, Problem> m_troubles;  ///< by path
    Time m_liveSince{};
    Time m_holdAgain = Time::max();
    std::vector<SlotMeaning> m_slots;  ///< of the live block
    std::vector<Handle> m_alone;       ///< that are asked for to be ours alone
    std::uint64_t m_engaged = 1;       ///< layers, as they were told last
    std::uint32_t m_craft = 0;         ///< likewise
    bool m_wantsHold = false;          ///< some controller waits to be held
    bool m_isStale = true;             ///< the status has to be published
    bool m_wantsKeep = false;          ///< the recording
    bool m_isPanic = false;            ///< the panic chord was pressed
};

}  // namespace jolly
