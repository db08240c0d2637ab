// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/fleet.h"

#include "core/flight/sweep.h"

#include <algorithm>

namespace jolly
{

namespace
{

bool haveSameShape(const VirtualSpec& a, const VirtualSpec& b)
{
    const auto isSame = [](const VirtualSlot& x, const VirtualSlot& y) {
        return x.code == y.code && x.low == y.low && x.high == y.high;
    };
    return a.name == b.name && a.kind == b.kind && a.ids == b.ids && a.phys == b.phys &&
           std::ranges::equal(a.slots, b.slots, isSame);
}

std::vector<Counts> valuesOf(const Machine& machine, Run outputs)
{
    std::vector<Counts> values(outputs.count);
    for (std::uint32_t i = 0; i < outputs.count; ++i)
        values[i] = machine.meetings().raw(outputs.first + i);
    return values;
}

/// What a device holds when nothing moves it.
std::vector<Counts> restOf(const VirtualSpec& spec)
{
    std::vector<Counts> values;
    for (const auto& slot : spec.slots) values.push_back(jolly::restOf(slot));
    return values;
}

}  // namespace

Fleet::Ship Fleet::plan(const WovenTangle& woven, std::size_t device)
{
    const auto& from = woven.tangle.devices[device];
    Ship ship{.id = from.id,
              .spec = {from.name, from.kind, idsOf(from), physOf(from), layoutOf(from), {}},
              .frame = {}};
    ship.frame.reserve(ship.spec.slots.size());
    return ship;
}

Fallible Fleet::make(Ship& ship)
{
    auto made = m_world.create(ship.spec);
    if (!made) return tl::unexpected(std::move(made.error()));
    ship.handle = *made;
    ship.isThere = true;
    return {};
}

Fallible Fleet::launch(const WovenTangle& woven, Time now)
{
    for (const auto& leaving : m_leaving) m_world.destroy(leaving.handle);
    m_leaving.clear();
    for (std::size_t d = 0; d < woven.tangle.devices.size(); ++d) {
        auto ship = plan(woven, d);
        ship.spec.values = valuesOf(woven.machine, woven.machine.plan().outputsOfDevice[d]);
        if (auto done = make(ship); !done) {
            land(now);
            return done;
        }
        m_ships.push_back(std::move(ship));
    }
    m_loaded.reserve(m_ships.size());
    m_isFlying = true;
    findDeadline();
    return {};
}

/// Goes on with a device that was there before the edit; false when it has to be made anew.
bool Fleet::follow(Ship& ship, Ship& before, std::span<const Counts> values) noexcept
{
    if (!before.isThere || !haveSameShape(before.spec, ship.spec)) return false;
    ship.handle = before.handle;
    ship.spec.values = before.spec.values;
    ship.isThere = true;
    before.isThere = false;
    sendDifference(ship, values);
    return true;
}

Problems Fleet::refit(const WovenTangle& woven, Time now)
{
    Problems problems;
    std::vector<Ship> old = std::move(m_ships);
    m_ships.clear();
    for (std::size_t d = 0; d < woven.tangle.devices.size(); ++d) {
        auto& ship = m_ships.emplace_back(plan(woven, d));
        const auto values = valuesOf(woven.machine, woven.machine.plan().outputsOfDevice[d]);
        const auto same = std::ranges::find(old, ship.id, &Ship::id);
        if (same != old.end() && follow(ship, *same, values)) continue;
        ship.spec.values = values;
        if (same != old.end() && same->isThere)
            problems.push_back({Severity::Warning, "/devices/" + ship.id,
                                say("%1 was changed and is made anew.", ship.spec.name),
                                words("A running game may have to be told of it again.")});
    }
    for (auto& ship : old) dismiss(ship, now);
    for (auto& ship : m_ships) {
        if (!ship.isThere) ship.makeAt = earliestFor(ship.spec, now);
    }
    static_cast<void>(makeWaiting(now, problems));
    m_loaded.reserve(m_ships.size());
    findDeadline();
    return problems;
}

/// When no device that is taking leave is like it any more.
Time Fleet::earliestFor(const VirtualSpec& spec, Time now) const noexcept
{
    for (const auto& leaving : m_leaving) {
        if (leaving.phys == spec.phys || leaving.name == spec.name)
            now = std::max(now, leaving.end);
    }
    return now;
}

bool Fleet::makeWaiting(Time now, Problems& troubles)
{
    bool hasMade = false;
    for (auto& ship : m_ships) {
        if (ship.makeAt > now) continue;
        ship.makeAt = Time::max();
        const auto done = make(ship);
        hasMade = hasMade || done;
        if (!done)
            troubles.push_back(
                {Severity::Error, "/devices/" + ship.id, done.error().sentence, done.error().cure});
    }
    return hasMade;
}

void Fleet::setSolo(const Plan& plan, std::span<const std::uint32_t> outputs)
{
    m_solo.clear();
    for (const auto output : outputs)
        m_solo.emplace_back(plan.outputs[output].device, plan.outputs[output].slot);
    m_isSolo = true;
    m_world.keepStill(true);
}

void Fleet::endSolo(const Machine& machine)
{
    if (!std::exchange(m_isSolo, false)) return;
    m_world.keepStill(false);
    for (std::size_t d = 0; d < m_ships.size(); ++d)
        sendDifference(m_ships[d], valuesOf(machine, machine.plan().outputsOfDevice[d]));
}

void Fleet::land(Time now)
{
    if (std::exchange(m_isSolo, false)) m_world.keepStill(false);
    for (auto& ship : m_ships) dismiss(ship, now);
    m_ships.clear();
    m_isFlying = false;
    findDeadline();
}

void Fleet::dismiss(Ship& ship, Time now)
{
    if (!ship.isThere) return;
    sendDifference(ship, restOf(ship.spec));
    bidFarewell(ship.handle, ship.spec, now);
    ship.isThere = false;
}

void Fleet::sendDifference(Ship& ship, std::span<const Counts> values) noexcept
{
    ship.frame.clear();
    const auto& slots = ship.spec.slots;
    for (const bool areModifiers : {false, true}) {
        for (std::size_t i = 0; i < values.size(); ++i) {
            const bool isKey = ship.spec.kind == VirtualKind::Keyboard;
            if ((isKey && isModifier(slots[i].control.number)) != areModifiers) continue;
            if (values[i] == ship.spec.values[i]) continue;
            ship.spec.values[i] = values[i];
            // The sums of another machine begin elsewhere: nothing turned.
            if (slots[i].control.kind == ControlKind::Turner) continue;
            ship.frame.push_back({static_cast<std::uint16_t>(i), values[i]});
        }
    }
    sendFrame(ship);
}

bool Fleet::sendFrame(Ship& ship) noexcept
{
    if (ship.frame.empty() || !ship.isThere) return false;
    const auto status = m_world.write(ship.handle, ship.frame);
    ship.frame.clear();
    if (status != WriteStatus::Written) m_hasLosses = ship.hasLoss = true;
    if (status == WriteStatus::Gone) ship.isThere = false;
    return status == WriteStatus::Written;
}

bool Fleet::tick(Time now, Problems& troubles)
{
    std::erase_if(m_leaving, [&](const Leaving& leaving) {
        if (leaving.end > now) return false;
        m_world.destroy(leaving.handle);
        return true;
    });
    const bool hasMade = makeWaiting(now, troubles);
    for (auto& ship : m_ships) {
        if (!ship.hasLoss) continue;
        ship.hasLoss = false;
        troubles.push_back(
            {Severity::Error, "/devices/" + ship.id,
             ship.isThere
                 ? say("The kernel refused a movement of %1.", ship.spec.name)
                 : say("%1 was taken away by the system; games no longer see it.", ship.spec.name),
             words("Stand down and go live again.")});
    }
    m_hasLosses = false;
    findDeadline();
    return hasMade;
}

bool Fleet::isThere(std::size_t device) const noexcept
{
    return device < m_ships.size() && m_ships[device].isThere;
}

void Fleet::findDeadline() noexcept
{
    m_nextDeadline = Time::max();
    for (const auto& leaving : m_leaving) m_nextDeadline = std::min(m_nextDeadline, leaving.end);
    for (const auto& ship : m_ships) m_nextDeadline = std::min(m_nextDeadline, ship.makeAt);
}

}  // namespace jolly
