// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/chord.h"

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

std::string dangerOf(const Chord& chord)
{
    const auto has = [&](auto... keys) {
        return (... || (std::ranges::find(chord.keys, keys) != chord.keys.end()));
    };
    const bool hasAlt = has(KEY_LEFTALT, KEY_RIGHTALT);
    if (hasAlt && has(KEY_SYSRQ)) return "gives the kernel a command, which may end everything";
    if (!hasAlt || !has(KEY_LEFTCTRL, KEY_RIGHTCTRL)) return {};
    if (std::ranges::any_of(chord.keys, isFunctionKey)) return "switches to another console";
    if (has(KEY_BACKSPACE)) return "may end the session";
    if (has(KEY_DELETE)) return "may restart the computer";
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
    for (const auto key : pressOrder(chord)) {
        const auto name = jolly::toText(ControlCode{EventType::Key, key, 0});
        text += (text.empty() ? "" : " + ") + name.substr(name.find('_') + 1);
    }
    return text;
}

}  // namespace jolly
