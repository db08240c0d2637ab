// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"

#include "core/tangle/edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::uint16_t kStep = 32;

struct Size {
    std::uint16_t axes = kSafeAxes;
    std::uint16_t buttons = kStep;
    std::uint16_t hats = kSafeHats;

    void hold(VirtualControl control)
    {
        if (control.kind == ControlKind::Axis) axes = std::max(axes, control.number);
        if (control.kind == ControlKind::Button) buttons = std::max(buttons, control.number);
        if (control.kind == ControlKind::Hat) hats = std::max(hats, control.number);
    }
};

/// In steps of 32; the last one that every reader sees is 126.
std::uint16_t inSteps(std::uint16_t buttons)
{
    const auto steps = static_cast<std::uint16_t>((buttons + kStep - 1) / kStep * kStep);
    if (steps <= kSafeButtons) return steps;
    return buttons <= kSafeButtons ? kSafeButtons : kMostButtons;
}

Size neededBy(const Tangle& tangle, const std::string& device)
{
    Size size;
    for (const auto& strand : tangle.strands) {
        for (const auto& target : targetsOf(strand)) {
            if (target.device == device) size.hold(target.control);
        }
    }
    size.axes = std::min(size.axes, kMostAxes);
    size.buttons = inSteps(size.buttons);
    size.hats = std::min(size.hats, kMostHats);
    return size;
}

/// The control that a device which sizes itself would grow by; empty when it cannot.
std::optional<VirtualControl> nextToGrow(const VirtualDevice& device, ControlKind kind)
{
    if (device.sizing != Sizing::AsNeeded || device.kind != VirtualKind::Joystick) return {};
    const VirtualControl next{
        kind, static_cast<std::uint16_t>((kind == ControlKind::Axis     ? device.axes
                                          : kind == ControlKind::Button ? device.buttons
                                                                        : device.hats) +
                                         1)};
    const auto most = kind == ControlKind::Axis     ? kSafeAxes
                      : kind == ControlKind::Button ? kSafeButtons
                                                    : kSafeHats;
    return next.number <= most ? std::optional(next) : std::nullopt;
}

const char* stemOf(VirtualKind kind)
{
    switch (kind) {
        case VirtualKind::Joystick:
            return "Jolly";
        case VirtualKind::Gamepad:
            return "Jolly Pad";
        case VirtualKind::Keyboard:
            return "Jolly Keys";
        case VirtualKind::Pointer:
            return "Jolly Pointer";
    }
    return "Jolly";
}

std::string idFor(const Tangle& tangle, VirtualKind kind)
{
    auto stem = std::string(stemOf(kind));
    std::ranges::replace(stem, ' ', '-');
    std::ranges::transform(stem, stem.begin(), [](char c) {
        return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
    });
    return freshId(tangle, stem);
}

/// Takes the settings of a control out of its device; the defaults when it has none.
VirtualSettings takeSettings(Tangle& tangle, const Target& place)
{
    auto* device = findDevice(tangle, place.device);
    if (!device) return {.control = place.control};
    auto settings = settingsOf(*device, place.control);
    std::erase_if(device->settings, [&](const auto& s) { return s.control == place.control; });
    return settings;
}

void putSettings(Tangle& tangle, const Target& place, VirtualSettings settings)
{
    auto* device = findDevice(tangle, place.device);
    settings.control = place.control;
    if (!device || settings == VirtualSettings{.control = place.control}) return;
    device->settings.insert(
        std::ranges::upper_bound(device->settings, place.control, {}, &VirtualSettings::control),
        std::move(settings));
}

/// What is said of a free place only its function is kept of, when the one that comes has none.
void moveSettings(Tangle& tangle, const Target& from, const Target& to)
{
    auto mine = takeSettings(tangle, from);
    const auto there = takeSettings(tangle, to);
    if (mine.function.empty()) mine.function = there.function;
    putSettings(tangle, to, std::move(mine));
}

void swapPlaces(Tangle& tangle, const Target& one, const Target& other)
{
    for (auto& strand : tangle.strands) {
        for (auto& end : strand.ends) {
            auto* place = namedIn(end);
            if (!place) continue;
            if (*place == one) {
                *place = other;
            } else if (*place == other) {
                *place = one;
            }
        }
    }
    auto ofOne = takeSettings(tangle, one);
    auto ofOther = takeSettings(tangle, other);
    putSettings(tangle, other, std::move(ofOne));
    putSettings(tangle, one, std::move(ofOther));
}

/// Strands that make an axis of something else rest where a virtual axis does.
void restAt(Tangle& tangle, const Target& axis)
{
    for (const auto& strand : tangle.strands) {
        if (leadsTo(strand, axis)) restWithGoals(tangle, strand.id);
    }
}

void cutEnds(Tangle& tangle, const std::string& device)
{
    for (auto& strand : tangle.strands)
        std::erase_if(strand.ends, [&](const End& end) { return deviceOf(end) == device; });
}

std::size_t moveEnds(Tangle& tangle, const std::string& device)
{
    std::size_t lost = 0;
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        for (std::size_t e = 0; e < tangle.strands[s].ends.size(); ++e) {
            const auto& end = tangle.strands[s].ends[e];
            if (deviceOf(end) != device) continue;
            const auto* target = targetOf(end);
            const auto to = target ? nextFree(tangle, target->control.kind, device) : std::nullopt;
            const auto id = tangle.strands[s].id;
            if (!to || !moveEnd(tangle, id, e, *to)) ++lost;
            fitDevices(tangle);
        }
    }
    return lost;
}

}  // namespace

std::uint16_t freeNumber(const Tangle& tangle)
{
    for (std::uint16_t number = 1;; ++number) {
        if (!findBy(tangle.devices, &VirtualDevice::number, number)) return number;
    }
}

std::string freeName(const Tangle& tangle, const std::string& stem, bool isCounted)
{
    auto name = isCounted ? stem + " 1" : stem;
    for (int n = 2; findBy(tangle.devices, &VirtualDevice::name, name); ++n)
        name = stem + " " + std::to_string(n);
    return name;
}

std::string addDevice(Tangle& tangle, VirtualKind kind)
{
    VirtualDevice device{.id = idFor(tangle, kind), .kind = kind, .number = freeNumber(tangle)};
    const bool isJoystick = kind == VirtualKind::Joystick;
    device.sizing = isJoystick ? Sizing::AsNeeded : Sizing::Fixed;
    device.name = freeName(tangle, stemOf(kind), isJoystick);
    tangle.devices.push_back(device);
    return device.id;
}

std::string copyDevice(Tangle& tangle, const std::string& device)
{
    const auto found = std::ranges::find(tangle.devices, device, &VirtualDevice::id);
    if (found == tangle.devices.end()) return {};
    auto copy = *found;
    copy.id = idFor(tangle, copy.kind);
    copy.number = freeNumber(tangle);
    copy.ids.reset();
    copy.name = freeName(tangle, copy.name + " copy");
    tangle.devices.insert(found + 1, copy);
    return copy.id;
}

Fallible renameDevice(Tangle& tangle, const std::string& device, const std::string& name)
{
    auto* known = findDevice(tangle, device);
    if (!known)
        return fail(Failure::Code::NotThere, words("That virtual device is gone."),
                    words("Choose another."));
    if (name.find_first_not_of(' ') == std::string::npos)
        return fail(Failure::Code::Unreadable, words("A virtual device needs a name."),
                    words("Type what games are to show."));
    if (name.size() > kMostNameBytes)
        return fail(Failure::Code::Unreadable, words("That name is longer than 79 letters."),
                    words("Shorten it; games see no more."));
    const auto* other = findBy(tangle.devices, &VirtualDevice::name, name);
    if (other && other != known)
        return fail(Failure::Code::Busy, say("Another virtual device is called %1 already.", name),
                    words("Choose another name."));
    known->name = name;
    return {};
}

std::size_t removeDevice(Tangle& tangle, const std::string& device, Ends ends)
{
    const auto lost = ends == Ends::Moved ? moveEnds(tangle, device) : 0;
    std::vector<std::string> cut;
    for (const auto& strand : tangle.strands) {
        const bool isOnlyThere = std::ranges::all_of(
            strand.ends, [&](const End& end) { return deviceOf(end) == device; });
        if (isOnlyThere && !strand.ends.empty()) cut.push_back(strand.id);
    }
    cutEnds(tangle, device);
    std::erase_if(tangle.strands,
                  [&](const Strand& s) { return std::ranges::find(cut, s.id) != cut.end(); });
    std::erase_if(tangle.devices, [&](const VirtualDevice& d) { return d.id == device; });
    return lost;
}

std::vector<const Strand*> takersOf(const Tangle& tangle, const Target& target)
{
    std::vector<const Strand*> takers;
    for (const auto& strand : tangle.strands) {
        if (leadsTo(strand, target)) takers.push_back(&strand);
    }
    return takers;
}

Sentence placeName(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    return device ? say("%1, %2", device->name, nameOf(*device, place.control))
                  : Sentence(place.device);
}

Sentence functionAt(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    auto name = functionName(tangle, device ? settingsOf(*device, place.control).function : "");
    if (!name.empty()) return name;
    const auto takers = takersOf(tangle, place);
    if (takers.empty()) return placeName(tangle, place);
    name = functionName(tangle, takers.front()->function);
    return name.empty() ? takers.front()->name : name;
}

void giveFunction(Tangle& tangle, const Target& place, const std::string& function)
{
    auto settings = takeSettings(tangle, place);
    settings.function = function;
    putSettings(tangle, place, std::move(settings));
}

void setSides(Tangle& tangle, const Target& axis, Sides sides)
{
    auto settings = takeSettings(tangle, axis);
    settings.sides = sides;
    putSettings(tangle, axis, std::move(settings));
    restAt(tangle, axis);
}

void setMeeting(Tangle& tangle, const Target& axis, Meeting meeting)
{
    auto settings = takeSettings(tangle, axis);
    settings.meeting = meeting;
    putSettings(tangle, axis, std::move(settings));
}

void movePlace(Tangle& tangle, const Target& from, const Target& to)
{
    for (auto& strand : tangle.strands) {
        for (auto& end : strand.ends) {
            if (auto* place = namedIn(end); place && *place == from) *place = to;
        }
    }
    moveSettings(tangle, from, to);
    restAt(tangle, to);
}

std::optional<Target> nextFree(const Tangle& tangle, ControlKind kind, const std::string& except)
{
    for (const auto& device : tangle.devices) {
        if (!device.isForGames() || device.id == except) continue;
        for (const auto& slot : layoutOf(device)) {
            const Target target{device.id, slot.control};
            if (slot.control.kind == kind && takersOf(tangle, target).empty()) return target;
        }
        if (const auto next = nextToGrow(device, kind)) return Target{device.id, *next};
    }
    return std::nullopt;
}

std::optional<Target> nextFreeBehind(const Tangle& tangle, const Target& place)
{
    const auto kind = place.control.kind;
    const auto* device = findDevice(tangle, place.device);
    if (!device || !device->isForGames()) return nextFree(tangle, kind);
    for (const auto& slot : layoutOf(*device)) {
        const Target target{device->id, slot.control};
        const bool isBehind =
            slot.control.kind == kind && slot.control.number > place.control.number;
        if (isBehind && takersOf(tangle, target).empty()) return target;
    }
    if (const auto next = nextToGrow(*device, kind)) return Target{device->id, *next};
    return nextFree(tangle, kind);
}

Fallible moveEnd(Tangle& tangle, const std::string& strand, std::size_t end, const Target& to)
{
    const auto* moved = findStrand(tangle, strand);
    if (!moved || end >= moved->ends.size() || !targetOf(moved->ends[end]) ||
        !findDevice(tangle, to.device))
        return fail(Failure::Code::NotThere, words("That strand or virtual device is gone."),
                    words("Choose another."));
    const auto from = *targetOf(moved->ends[end]);
    if (from.control.kind != to.control.kind)
        return fail(
            Failure::Code::Unreadable,
            say("%1 and %2 are of different kinds.", nameOf(from.control), nameOf(to.control)),
            words("Choose a control of the same kind."));
    if (from == to) return {};
    if (takersOf(tangle, to).empty()) {
        const bool isAlone = takersOf(tangle, from).size() == 1;
        findStrand(tangle, strand)->ends[end].goal = to;
        if (isAlone) moveSettings(tangle, from, to);
    } else {
        swapPlaces(tangle, from, to);
    }
    for (const auto& place : {from, to}) restAt(tangle, place);
    return {};
}

void fitDevices(Tangle& tangle)
{
    for (auto& device : tangle.devices) {
        if (device.number == 0) device.number = freeNumber(tangle);
        if (device.sizing != Sizing::AsNeeded || device.kind != VirtualKind::Joystick) continue;
        const auto size = neededBy(tangle, device.id);
        device.axes = size.axes;
        device.buttons = size.buttons;
        device.hats = size.hats;
    }
}

bool growFor(VirtualDevice& device, VirtualControl control)
{
    const Size most{kMostAxes, kMostButtons, kMostHats};
    Size size{device.axes, device.buttons, device.hats};
    size.hold(control);
    if (device.kind != VirtualKind::Joystick || control.kind == ControlKind::Turner ||
        size.axes > most.axes || size.buttons > most.buttons || size.hats > most.hats)
        return false;
    device.axes = size.axes;
    device.buttons = size.buttons > device.buttons ? inSteps(size.buttons) : device.buttons;
    device.hats = size.hats;
    return true;
}

}  // namespace jolly
