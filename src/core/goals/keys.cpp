// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/keys.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"
#include "core/value/control_code.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

bool isFunctionKey(std::uint16_t key) noexcept
{
    return (key >= KEY_F1 && key <= KEY_F10) || key == KEY_F11 || key == KEY_F12;
}

bool hasControl(const VirtualDevice& device, VirtualControl control)
{
    const auto layout = layoutOf(device);
    return std::ranges::find(layout, control, &VirtualSlot::control) != layout.end();
}

/// Keys that no keyboard of ours has, or that are named twice.
void checkKeys(const Chord& chord, const VirtualDevice& keyboard, const GoalComplaint& complain)
{
    for (const auto& key : keysOf(chord)) {
        if (!hasControl(keyboard, key.control))
            complain("/keys",
                     say("presses %1, which no virtual keyboard of ours has",
                         nameOf(keyboard, key.control)),
                     words("Record other keys."), "");
        if (std::ranges::count(chord.keys, key.control.number) > 1)
            return complain("/keys", say("presses %1 twice at once", nameOf(keyboard, key.control)),
                            words("Name it once."), "");
    }
}

}  // namespace

bool isModifier(std::uint16_t key) noexcept
{
    switch (key) {
        case KEY_LEFTCTRL:
        case KEY_RIGHTCTRL:
        case KEY_LEFTSHIFT:
        case KEY_RIGHTSHIFT:
        case KEY_LEFTALT:
        case KEY_RIGHTALT:
        case KEY_LEFTMETA:
        case KEY_RIGHTMETA:
            return true;
        default:
            return false;
    }
}

std::vector<std::uint16_t> pressOrder(const Chord& chord)
{
    auto keys = chord.keys;
    std::ranges::stable_partition(keys, isModifier);
    return keys;
}

Words dangerOf(const Chord& chord)
{
    const auto has = [&](auto... keys) {
        return (... || (std::ranges::find(chord.keys, keys) != chord.keys.end()));
    };
    const bool hasAlt = has(KEY_LEFTALT, KEY_RIGHTALT);
    if (hasAlt && has(KEY_SYSRQ))
        return words("gives the kernel a command, which may end everything");
    if (!hasAlt || !has(KEY_LEFTCTRL, KEY_RIGHTCTRL)) return {};
    if (std::ranges::any_of(chord.keys, isFunctionKey)) return words("switches to another console");
    if (has(KEY_BACKSPACE)) return words("may end the session");
    if (has(KEY_DELETE)) return words("may restart the computer");
    return {};
}

std::vector<Target> keysOf(const Chord& chord)
{
    std::vector<Target> places;
    for (const auto key : pressOrder(chord))
        places.push_back({chord.device, {ControlKind::Button, key}});
    return places;
}

std::string toText(const Chord& chord)
{
    std::string text;
    for (const auto key : pressOrder(chord))
        text += (text.empty() ? "" : " + ") + shortTextOf({EventType::Key, key, 0});
    return text;
}

Sentence nameOfGoal(const Tangle&, const Chord& chord)
{
    return toText(chord);
}

Sentence explainGoal(const Tangle&, const Chord& chord, const Lead& lead)
{
    const auto keys = toText(chord);
    return explainPress(chord.keys.size() == 1 ? say("the key %1", keys) : say("the keys %1", keys),
                        lead);
}

void checkGoal(const Tangle& tangle, const Chord& chord, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    const auto* device = findDevice(tangle, chord.device);
    checkPress(from, words("keys"), complain);
    if (!device || device->kind != VirtualKind::Keyboard)
        return complain("/device",
                        say("presses keys of \"%1\", which is no virtual keyboard", chord.device),
                        words("Add a virtual keyboard, and record the keys anew."), "");
    if (chord.keys.empty() || chord.keys.size() > Chord::kMost)
        complain("/keys",
                 chord.keys.empty() ? Sentence(words("presses no keys"))
                                    : say("presses %1 keys at once; %2 are the most",
                                          chord.keys.size(), Chord::kMost),
                 words("Record them: press them together."), "");
    checkKeys(chord, *device, complain);
    const auto danger = dangerOf(chord);
    if (danger.empty() || chord.isMeant) return;
    complain("", say("presses %1, which %2", toText(chord), danger),
             words("Choose other keys, or say that it is meant."), "mean-it");
}

bool movesPlace(const Chord& chord, const Target& place)
{
    return chord.device == place.device && place.control.kind == ControlKind::Button &&
           std::ranges::find(chord.keys, place.control.number) != chord.keys.end();
}

}  // namespace jolly
