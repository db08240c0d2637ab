// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sim/spread.h"

#include "core/sim/limits.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <limits>
#include <set>

namespace jolly
{

namespace
{

constexpr std::size_t kNoLimit = std::numeric_limits<std::size_t>::max();

class Spreader
{
 public:
    explicit Spreader(const Tangle& tangle)
        : m_tangle(tangle), m_sheet(*tangle.sheet), m_used(usedPlaces(tangle))
    {
        m_buttonsLeft = m_sheet.allButtons.value_or(kNoLimit);
    }

    Spread run()
    {
        chooseDevices();
        keepWhatFits();
        for (const auto& place : m_used) {
            if (!m_kept.contains(keyOf(place))) house(place);
        }
        removeEmptied();
        return std::move(m_spread);
    }

 private:
    using Key = std::pair<std::string, VirtualControl>;

    static Key keyOf(const Target& place) { return {place.device, place.control}; }

    std::size_t limitOfDevices() const { return m_sheet.devices ? *m_sheet.devices : kNoLimit; }

    bool isWithin(const VirtualDevice& device, VirtualControl control) const
    {
        return control.number <= mostOf(m_sheet, device.kind, control.kind);
    }

    /// When the sim sees fewer devices than there are, those stay on which most can stay.
    void chooseDevices()
    {
        std::vector<std::pair<std::size_t, const VirtualDevice*>> ranked;
        for (const auto& device : m_tangle.devices) {
            if (!looksAt(m_sheet, device)) continue;
            const auto fits = std::ranges::count_if(m_used, [&](const Target& place) {
                return place.device == device.id && isWithin(device, place.control);
            });
            ranked.emplace_back(static_cast<std::size_t>(fits), &device);
        }
        std::ranges::stable_sort(ranked, std::greater{}, [](const auto& r) { return r.first; });
        if (ranked.size() > limitOfDevices()) ranked.resize(limitOfDevices());
        std::ranges::sort(ranked, {}, [](const auto& r) { return r.second; });
        for (const auto& [fits, device] : ranked) m_seen.push_back(*device);
    }

    void keepWhatFits()
    {
        for (const auto& place : m_used) {
            const auto* device = findBy(m_seen, &VirtualDevice::id, place.device);
            if (!device || !isWithin(*device, place.control) || !takeButton(place)) continue;
            m_kept.insert(keyOf(place));
            m_taken.insert(keyOf(place));
        }
    }

    /// Counts a button against the limit of all; false when none is left.
    bool takeButton(const Target& place)
    {
        if (place.control.kind != ControlKind::Button) return true;
        if (m_buttonsLeft == 0) return false;
        --m_buttonsLeft;
        return true;
    }

    void house(const Target& place)
    {
        const bool hasBudget = place.control.kind != ControlKind::Button || m_buttonsLeft > 0;
        auto to = hasBudget ? findPlace(place) : std::nullopt;
        if (!to && hasBudget) to = findPlaceOnNewDevice(place);
        if (!to) {
            m_spread.homeless.push_back(place);
            return;
        }
        static_cast<void>(takeButton(place));
        m_taken.insert(keyOf(*to));
        m_spread.moves.push_back({place, *to});
    }

    /// First where devices have room as they are, then where one can grow.
    std::optional<Target> findPlace(const Target& place) const
    {
        for (const bool mayGrow : {false, true}) {
            for (const auto& device : m_seen) {
                if (auto found = findPlaceOn(device, place, mayGrow)) return found;
            }
        }
        return std::nullopt;
    }

    std::optional<Target> findPlaceOn(const VirtualDevice& device, const Target& place,
                                      bool mayGrow) const
    {
        const auto kind = place.control.kind;
        auto most = mostOf(m_sheet, device.kind, kind);
        if (!mayGrow)
            most = std::min(most, sizeOf(device, kind));
        else if (!m_sheet.axes && kind == ControlKind::Axis)
            most = std::min(most, kSafeAxes);
        for (std::uint16_t number = 1; number <= most; ++number) {
            const Target target{device.id, {kind, number}};
            if (!m_taken.contains(keyOf(target)) && hasSameSides(device, target, place))
                return target;
        }
        return std::nullopt;
    }

    static std::uint16_t sizeOf(const VirtualDevice& device, ControlKind kind)
    {
        const auto layout = layoutOf(device);
        return static_cast<std::uint16_t>(std::ranges::count_if(
            layout, [kind](const auto& slot) { return slot.control.kind == kind; }));
    }

    /// A gamepad's axes have their sides from its layout: a throttle takes a trigger.
    bool hasSameSides(const VirtualDevice& device, const Target& target, const Target& place) const
    {
        if (device.kind != VirtualKind::Gamepad || place.control.kind != ControlKind::Axis)
            return true;
        const auto layout = layoutOf(device);
        const auto* slot = findBy(layout, &VirtualSlot::control, target.control);
        const auto* from = findDevice(m_tangle, place.device);
        const auto fromLayout = layoutOf(*from);
        const auto* source = findBy(fromLayout, &VirtualSlot::control, place.control);
        return slot && (!source || slot->sides == source->sides);
    }

    /// Adds a device for it, unless the sim sees no more or it would find no place there either.
    std::optional<Target> findPlaceOnNewDevice(const Target& place)
    {
        if (m_seen.size() >= limitOfDevices()) return std::nullopt;
        Tangle scratch;
        scratch.devices = m_tangle.devices;
        scratch.devices.insert(scratch.devices.end(), m_spread.added.begin(), m_spread.added.end());
        static_cast<void>(addDevice(
            scratch, m_sheet.isGamepadOnly ? VirtualKind::Gamepad : VirtualKind::Joystick));
        const auto& added = scratch.devices.back();
        auto to = findPlaceOn(added, place, true);
        if (!to) return std::nullopt;
        m_spread.added.push_back(added);
        m_seen.push_back(added);
        return to;
    }

    void removeEmptied()
    {
        for (const auto& device : m_tangle.devices) {
            const bool isSeen = findBy(m_seen, &VirtualDevice::id, device.id) != nullptr;
            const auto isOn = [&](const Target& place) { return place.device == device.id; };
            const bool wasUsed = std::ranges::any_of(m_used, isOn);
            const bool isNeeded = std::ranges::any_of(m_spread.homeless, isOn);
            if (!device.isForGames() || isSeen) continue;
            if (wasUsed && !isNeeded) {
                m_spread.removed.push_back(device.id);
            } else if (looksAt(m_sheet, device)) {
                m_spread.last.push_back(device.id);
            }
        }
        if (isInOrder()) m_spread.last.clear();
    }

    /// Whether no device that the sim is to see stands behind one that it is not.
    bool isInOrder() const
    {
        bool hasLast = false;
        for (const auto& device : m_tangle.devices) {
            const bool isLast = std::ranges::find(m_spread.last, device.id) != m_spread.last.end();
            hasLast = hasLast || isLast;
            if (hasLast && !isLast && findBy(m_seen, &VirtualDevice::id, device.id)) return false;
        }
        return !hasLast || m_spread.added.empty();
    }

    const Tangle& m_tangle;
    const SimSheet& m_sheet;
    std::vector<Target> m_used;
    std::vector<VirtualDevice> m_seen;
    std::set<Key> m_kept;
    std::set<Key> m_taken;
    std::size_t m_buttonsLeft = 0;
    Spread m_spread;
};

}  // namespace

Spread spread(const Tangle& tangle)
{
    return tangle.sheet ? Spreader(tangle).run() : Spread{};
}

void applySpread(Tangle& tangle, const Spread& spread)
{
    tangle.devices.insert(tangle.devices.end(), spread.added.begin(), spread.added.end());
    // No place of a plan is both left and taken, so the order does not matter.
    for (const auto& move : spread.moves) {
        if (auto* device = findDevice(tangle, move.to.device))
            static_cast<void>(growFor(*device, move.to.control));
        movePlace(tangle, move.from, move.to);
    }
    for (const auto& id : spread.removed) static_cast<void>(removeDevice(tangle, id, Ends::Cut));
    std::ranges::stable_partition(tangle.devices, [&](const VirtualDevice& device) {
        return std::ranges::find(spread.last, device.id) == spread.last.end();
    });
    fitDevices(tangle);
}

std::vector<Sentence> differenceOf(const Tangle& tangle, const Spread& spread)
{
    auto after = tangle;
    applySpread(after, spread);
    std::vector<Sentence> lines;
    for (const auto& device : spread.added) lines.push_back(say("Add %1.", device.name));
    for (const auto& move : spread.moves)
        lines.push_back(say("%1: %2 → %3", functionAt(tangle, move.from),
                            placeName(tangle, move.from), placeName(after, move.to)));
    for (const auto& id : spread.removed)
        lines.push_back(say("Remove %1: nothing is left on it.", findDevice(tangle, id)->name));
    for (const auto& id : spread.last)
        lines.push_back(say("Put %1 behind the others.", findDevice(tangle, id)->name));
    for (const auto& place : spread.homeless)
        lines.push_back(say("No place is left for %1 (%2).", functionAt(tangle, place),
                            placeName(tangle, place)));
    return lines;
}

}  // namespace jolly
