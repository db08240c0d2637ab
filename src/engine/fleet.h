// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/woven_tangle.h"
#include "core/tangle/problem.h"
#include "ports/world.h"

#include <algorithm>
#include <cstdint>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// The virtual devices that exist while live, and what each was told last. Engine thread only.
class Fleet
{
 public:
    /// Between the releases of a device and its end, so that readers get them: they lose what they
    /// have not read when a device goes (evdev.c, evdev_disconnect).
    static constexpr Time kFarewell = std::chrono::milliseconds(60);

    explicit Fleet(World& world) : m_world(world) {}

    /// Makes all devices with the values the machine has now; farewells of the flight before end.
    /// On failure none is left.
    [[nodiscard]] Fallible launch(const WovenTangle& woven, Time now);

    /// Follows an edit: devices that stay as games see them live on and get what differs; new ones
    /// are made at once; changed ones are taken away and made anew after their farewell, by tick(),
    /// so that there never are two alike. @return a warning for each of these, an error for each
    /// that failed.
    [[nodiscard]] Problems refit(const WovenTangle& woven, Time now);

    /// Releases every button, brings every axis to rest and takes the devices away a little later.
    void land(Time now);

    /// Takes a device that is none of the tangle's away a little later. The caller has written its
    /// releases.
    void bidFarewell(Handle device, const VirtualSpec& spec, Time now)
    {
        m_leaving.push_back({device, now + kFarewell, spec.phys, spec.name});
        m_nextDeadline = std::min(m_nextDeadline, m_leaving.back().end);
    }

    /// Puts a change into the frame of its device, unless the device holds that already. RT-safe.
    void put(const PlanOutput& output, Counts raw) noexcept
    {
        if (!m_isFlying || output.device == kNoDevice) return;
        if (m_isSolo && !isSolo(output)) return;
        auto& ship = m_ships[output.device];
        auto& held = ship.spec.values[output.slot];
        if (held == raw) return;
        const auto sent =
            output.layout.control.kind == ControlKind::Turner ? turnFrom(held, raw) : raw;
        held = raw;
        if (!ship.isThere) return;  // it gets its values when it is made
        if (ship.frame.empty()) m_loaded.push_back(output.device);
        ship.frame.push_back({output.slot, sent});
    }

    /// These outputs of a plan alone reach games until endSolo(); all else keeps still.
    void setSolo(const Plan& plan, std::span<const std::uint32_t> outputs);

    /// All reach games again, and get what differs from what they were told last.
    void endSolo(const Machine& machine);

    /// Sends the frames. @return how many were written. RT-safe.
    unsigned send() noexcept
    {
        unsigned frames = 0;
        for (const auto ship : m_loaded) frames += sendFrame(m_ships[ship]) ? 1U : 0U;
        m_loaded.clear();
        return frames;
    }

    /// Ends devices whose farewell is over, makes those that waited for it, and names those that
    /// could not be made or that the world lost since the last call. @return whether one was made.
    bool tick(Time now, Problems& troubles);

    [[nodiscard]] bool isEmpty() const noexcept { return m_ships.empty() && m_leaving.empty(); }
    [[nodiscard]] bool isThere(std::size_t device) const noexcept;
    /// Of a device that is there.
    [[nodiscard]] Handle handleOf(std::size_t device) const { return m_ships[device].handle; }
    [[nodiscard]] bool hasLosses() const noexcept { return m_hasLosses; }

    /// When tick() has something to do next.
    [[nodiscard]] Time nextDeadline() const noexcept { return m_nextDeadline; }

 private:
    struct Ship {
        std::string id;
        VirtualSpec spec;  ///< `values` holds what was sent last
        Handle handle = 0;
        bool isThere = false;
        bool hasLoss = false;
        Time makeAt = Time::max();  ///< when the one it replaces is gone
        std::vector<VirtualMove> frame;
    };
    struct Leaving {
        Handle handle;
        Time end;
        std::string phys;
        std::string name;
    };

    /// How far a turner turned from one sum of its counts to the next.
    [[nodiscard]] static Counts turnFrom(Counts before, Counts now) noexcept
    {
        return {static_cast<std::int32_t>(static_cast<std::uint32_t>(now.x) -
                                          static_cast<std::uint32_t>(before.x)),
                0};
    }
    [[nodiscard]] bool isSolo(const PlanOutput& output) const noexcept
    {
        return std::ranges::find(m_solo, std::pair(output.device, output.slot)) != m_solo.end();
    }
    [[nodiscard]] static Ship plan(const WovenTangle& woven, std::size_t device);
    [[nodiscard]] Fallible make(Ship& ship);
    bool follow(Ship& ship, Ship& before, std::span<const Counts> values) noexcept;
    [[nodiscard]] Time earliestFor(const VirtualSpec& spec, Time now) const noexcept;
    bool makeWaiting(Time now, Problems& troubles);
    void dismiss(Ship& ship, Time now);
    /// Modifiers last, so that keys which are let go have been what they were.
    void sendDifference(Ship& ship, std::span<const Counts> values) noexcept;
    bool sendFrame(Ship& ship) noexcept;
    void findDeadline() noexcept;

    World& m_world;
    std::vector<Ship> m_ships;            ///< in the order of the tangle's devices
    std::vector<std::uint32_t> m_loaded;  ///< ships with a frame to be sent
    std::vector<Leaving> m_leaving;
    Time m_nextDeadline = Time::max();
    std::vector<std::pair<std::uint16_t, std::uint16_t>> m_solo;  ///< devices and slots
    bool m_isSolo = false;
    bool m_isFlying = false;
    bool m_hasLosses = false;
};

}  // namespace jolly
