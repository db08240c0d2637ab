// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/deck.h"
#include "engine/fleet.h"
#include "ports/world.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// Keeps the desk usable while a keyboard or pointer is held: what no strand uses of it goes on
/// through a virtual keyboard or pointer of its own, while what is mapped does not reach anybody
/// else. A key belongs to it from its press to its release, or until its keyboard is held no
/// longer, whatever is edited in between. Engine thread only.
class DeskPass
{
 public:
    /// From the making of a device until the desktop listens to it: what is sent earlier is lost.
    static constexpr Time kGettingReady = std::chrono::milliseconds(500);

    explicit DeskPass(World& world);

    /// Whether a controller of this kind is passed on while it is held.
    [[nodiscard]] static bool isDesk(ControllerKind kind) noexcept
    {
        return kind == ControllerKind::Keyboard || kind == ControllerKind::Pointer;
    }

    /// Makes the device for a kind of controller if it is not there. Control thread of the engine:
    /// allocates.
    [[nodiscard]] Fallible open(ControllerKind kind, Time now);

    /// When a controller of this kind may be held; max while its device is not there.
    [[nodiscard]] Time readyAt(ControllerKind kind) const noexcept;

    /// Passes on what `machine` has no strand for. RT-safe.
    void pass(const DeckController& controller, std::span<const RawMove> moves,
              const Plan& plan) noexcept;

    /// A controller is not held any more, or gone: what was passed on for it is let go.
    void letGo(const DeckController& controller) noexcept;

    /// Lets go of all keys and takes the devices away by way of the fleet's farewell.
    void close(Fleet& fleet, Time now);

 private:
    /// A key that is passed on as pressed.
    struct Press {
        Handle controller = 0;
        std::int32_t slot = 0;
        friend bool operator==(const Press&, const Press&) = default;
    };

    struct Device {
        VirtualSpec spec;
        Handle handle = 0;
        Time readyAt = Time::max();
        std::vector<std::int32_t> slotOfKey;     ///< by key code; -1 where it has none
        std::vector<std::int32_t> slotOfTurner;  ///< likewise
        std::vector<Press> presses;              ///< never more than were reserved
        std::vector<VirtualMove> frame;
    };

    [[nodiscard]] Device& deviceFor(ControllerKind kind) noexcept;
    [[nodiscard]] static Device plan(VirtualKind kind);
    static void press(Device& device, Press press) noexcept;
    static void release(Device& device, Press press) noexcept;
    [[nodiscard]] static bool isDown(const Device& device, std::int32_t slot) noexcept;
    void send(Device& device) noexcept;
    void passTurn(Device& device, const DeckController& controller, std::uint16_t code,
                  std::int32_t counts) noexcept;
    static void put(Device& device, std::int32_t slot, std::int32_t value) noexcept;

    World& m_world;
    Device m_keyboard;
    Device m_pointer;
};

}  // namespace jolly
