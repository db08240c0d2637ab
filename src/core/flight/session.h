// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/binding.h"
#include "core/flight/woven_tangle.h"

#include <cstdint>
#include <list>
#include <memory>
#include <span>
#include <utility>
#include <vector>

namespace jolly
{

/// A controller that is there: what its controls stand at, and where they lead in the tangle that
/// runs.
struct SeatedController {
    static constexpr std::int32_t kUnbound = -1;

    std::uint32_t number = 0;  ///< its own, for as long as it is there
    ControllerDescription description{};
    std::vector<Counts> state{};          ///< of each control; of a turner the sum of its turns
    std::vector<std::int32_t> inputOf{};  ///< of each control its place in the plan, or kUnbound
    int rig = Match::kUnknown;            ///< its place in the tangle's rig

    /// Where its bound controls lead.
    [[nodiscard]] std::vector<std::uint32_t> inputs() const;
};

/// Hears when a session has done something of which virtual controls may have changed.
class SessionListener
{
 public:
    virtual ~SessionListener() = default;

    /// A frame is over: the machine's changes are to be taken. RT-safe.
    virtual void frameOver(Instant now) noexcept = 0;
};

/// A flight without its world: the tangle that runs, the controllers that are there and who each of
/// them is. Whatever can happen to it is one call, the same for the engine and for a replay, so
/// that the same comes out. One thread uses it; time comes with every call.
class Session
{
 public:
    /// @param listener  stays for as long as this lives.
    Session(std::unique_ptr<WovenTangle> woven, SessionListener& listener)
        : m_woven(std::move(woven)), m_listener(listener)
    {
    }

    [[nodiscard]] const WovenTangle& woven() const noexcept { return *m_woven; }
    [[nodiscard]] const Tangle& tangle() const noexcept { return m_woven->tangle; }
    [[nodiscard]] const Plan& plan() const noexcept { return m_woven->machine.plan(); }
    [[nodiscard]] Machine& machine() noexcept { return m_woven->machine; }
    [[nodiscard]] const Machine& machine() const noexcept { return m_woven->machine; }

    /// In the order in which they came; each stays where it is in memory.
    [[nodiscard]] const std::list<SeatedController>& controllers() const noexcept
    {
        return m_controllers;
    }
    /// Null when there is none with that number. RT-safe.
    [[nodiscard]] SeatedController* find(std::uint32_t number) noexcept;
    [[nodiscard]] const SeatedController* find(std::uint32_t number) const noexcept;
    [[nodiscard]] const std::vector<Doubt>& doubts() const noexcept { return m_binding.doubts(); }

    /// Whether one is live: then whoever is bound stays so.
    [[nodiscard]] bool isLive() const noexcept { return m_isLive; }

    /// Another tangle runs from now on: presses stay where they are. The changes that this makes
    /// are dropped: games get the virtual controls as a whole.
    /// @return the one that ran until now.
    std::unique_ptr<WovenTangle> take(std::unique_ptr<WovenTangle> woven, Time now);

    /// All begins anew with what the controls stand at; its changes are dropped, likewise.
    void goLive(Time now);
    void standDown() noexcept { m_isLive = false; }

    /// A controller is there; follow() comes next. @param state  what its controls stand at.
    SeatedController& seat(std::uint32_t number, ControllerDescription description,
                           std::vector<Counts> state);

    /// Finds out anew who is who. Whoever is not who he was is lost, or taken as he stands.
    void follow(Time now);

    /// A controller is gone.
    void leave(std::uint32_t number, Time now);

    /// One of its controls moved; frameOver() follows when those that moved with it did, too.
    /// @param raw  what it stands at; of a turner the sum of its turns. RT-safe.
    void move(SeatedController& controller, std::uint32_t control, bool isHatY, std::int32_t raw,
              Instant now) noexcept
    {
        auto& state = controller.state[control];
        (isHatY ? state.y : state.x) = raw;
        const auto input = controller.inputOf[control];
        if (input == SeatedController::kUnbound) return;
        m_woven->machine.move(static_cast<std::uint32_t>(input), isHatY, raw, now);
    }

    /// What moves by itself goes on. RT-safe.
    void tick(Time now) noexcept;

    /// A layer is flipped by hand, a craft is chosen, by their places.
    void flip(std::uint32_t layer, Time now) noexcept;
    void fly(std::uint32_t craft, Time now) noexcept;

    /// A virtual control is held by hand, or no longer; see Machine::holdByHand().
    void hold(std::uint32_t output, Counts counts, Time now) noexcept;
    void letGo(std::uint32_t output, Time now) noexcept;

 private:
    void lose(const SeatedController& controller, Time now);
    void loseTurned(std::span<const Binding::Turn> turns, Time now);
    [[nodiscard]] std::vector<Binding::Turn> bind(const Tangle& tangle);
    void place();
    void prime(const SeatedController& controller);

    std::unique_ptr<WovenTangle> m_woven;
    SessionListener& m_listener;
    std::list<SeatedController> m_controllers;
    Binding m_binding;
    bool m_isLive = false;
};

}  // namespace jolly
