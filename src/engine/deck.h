// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/session.h"
#include "engine/live_writer.h"
#include "engine/status.h"
#include "ports/world.h"

#include <cstdint>
#include <utility>
#include <variant>
#include <vector>

namespace jolly
{

/// A controller of the session, with what the engine does to it in the world.
struct DeckController {
    SeatedController* seat = nullptr;  ///< the session's
    Hold hold = Hold::Free;
    bool isOursAlone = false;     ///< nobody else may open it now
    std::uint32_t firstSlot = 0;  ///< of its controls in the live block

    std::vector<std::size_t>
        panicKeys;              ///< its controls of the panic chord; empty if one is missing
    bool hasFineWheel = false;  ///< a pointer's wheel tells parts of a notch
    bool hasFineTilt = false;   ///< its sideways wheel does

    [[nodiscard]] Handle handle() const noexcept { return seat->number; }
    [[nodiscard]] ControllerKind kind() const noexcept { return seat->description.kind; }

    /// As the status tells it.
    [[nodiscard]] PresentController info() const;

    /// Both Shift keys and Esc together: everything is given back. RT-safe.
    [[nodiscard]] bool isPanicChord() const noexcept;

    /// Whether a button that springs back is down: not the moment to hold it, since games would
    /// never hear its release.
    [[nodiscard]] bool hasPress(const Plan& plan) const noexcept;
};

/// What a slot of the live block stands for: a virtual control, or a controller's control by its
/// place in the description.
using SlotMeaning = std::variant<Target, std::pair<Handle, std::uint32_t>>;

/// The session's controllers, as the engine deals with them. Engine thread only.
class Deck
{
 public:
    void add(SeatedController& seat);
    void remove(Handle handle);

    /// Gives each control its slot in the live block, behind those of the plan's virtual controls.
    /// @return what each slot stands for.
    [[nodiscard]] std::vector<SlotMeaning> layOut(const Plan& plan);

    /// Null when there is none. RT-safe.
    [[nodiscard]] DeckController* find(Handle handle) noexcept;

    [[nodiscard]] std::vector<DeckController>& controllers() noexcept { return m_controllers; }

 private:
    std::vector<DeckController> m_controllers;
};

}  // namespace jolly
