// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/binding.h"
#include "engine/live_writer.h"
#include "engine/status.h"
#include "engine/woven_tangle.h"
#include "ports/world.h"

#include <cstdint>
#include <span>
#include <utility>
#include <variant>
#include <vector>

namespace jolly
{

/// A controller that is present, with the counts of its controls and where they lead.
struct DeckController {
    static constexpr std::int32_t kUnbound = -1;

    Handle handle = 0;
    PresentController info;
    std::vector<Counts> state;
    std::vector<std::int32_t> inputOf;  ///< for each control its place in the plan, or kUnbound

    std::vector<std::size_t>
        panicKeys;              ///< its controls of the panic chord; empty if one is missing
    bool hasFineWheel = false;  ///< a pointer's wheel tells parts of a notch
    bool hasFineTilt = false;   ///< its sideways wheel does

    /// Both Shift keys and Esc together: everything is given back. RT-safe.
    [[nodiscard]] bool isPanicChord() const noexcept;

    /// Where its bound controls lead.
    [[nodiscard]] std::vector<std::uint32_t> inputs() const;

    /// Whether a button that springs back is down: not the moment to hold it, since games would
    /// never hear its release.
    [[nodiscard]] bool hasPress(const Machine& machine) const noexcept;
};

/// What a slot of the live block stands for: a virtual control, or a controller's control by its
/// place in the description.
using SlotMeaning = std::variant<Target, std::pair<Handle, std::uint32_t>>;

/// The controllers that are present and how they are bound to the tangle. Engine thread only.
class Deck
{
 public:
    void add(Handle handle, const ControllerDescription& description,
             std::span<const Counts> state);
    void remove(Handle handle);

    /// Finds out anew which controller is which of the rig; see Binding. place() follows.
    [[nodiscard]] std::vector<Binding::Turn> bind(const WovenTangle& woven, bool isFlying);

    /// Finds the controls of those that are bound in a plan.
    void place(const WovenTangle& woven);

    /// Gives each control its slot in the live block, behind those of the plan's virtual controls.
    /// @return what each slot stands for.
    [[nodiscard]] std::vector<SlotMeaning> layOut(const Plan& plan);

    /// Null when there is none. RT-safe.
    [[nodiscard]] DeckController* find(Handle handle) noexcept;

    [[nodiscard]] std::vector<DeckController>& controllers() noexcept { return m_controllers; }
    [[nodiscard]] const std::vector<Doubt>& doubts() const noexcept { return m_binding.doubts(); }

 private:
    std::vector<DeckController> m_controllers;
    Binding m_binding;
};

}  // namespace jolly
