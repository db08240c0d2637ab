// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/likely.h"

#include <linux/input-event-codes.h>

#include <algorithm>
#include <cctype>
#include <string>
#include <utility>

namespace jolly
{

namespace
{

constexpr std::pair<const char*, ControllerKind> kWords[] = {
    {"pedal", ControllerKind::Pedals},      {"rudder", ControllerKind::Pedals},
    {"throttle", ControllerKind::Throttle}, {"quadrant", ControllerKind::Throttle},
    {"lever", ControllerKind::Throttle},    {"wheel", ControllerKind::Wheel},
    {"yoke", ControllerKind::Stick},        {"stick", ControllerKind::Stick},
    {"panel", ControllerKind::Box},         {"box", ControllerKind::Box}};

constexpr std::ptrdiff_t kMostPedals = 4;
constexpr std::ptrdiff_t kMostOfPedals = 2;

bool hasAxis(const ControllerDescription& d, unsigned code)
{
    return std::ranges::any_of(d.controls, [code](const ControlDescription& control) {
        return control.kind == ControlKind::Axis && control.code.code == code;
    });
}

bool hasButton(const ControllerDescription& d, unsigned code)
{
    return std::ranges::any_of(d.controls, [code](const ControlDescription& control) {
        return control.kind == ControlKind::Button && control.code.code == code;
    });
}

std::string lowerCase(std::string text)
{
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

/// The axis by which pedals turn: the other ones are pressed by the toes.
unsigned rudderOf(const ControllerDescription& d)
{
    for (const unsigned code : {ABS_RZ, ABS_RUDDER, ABS_Z}) {
        if (hasAxis(d, code)) return code;
    }
    return ABS_X;
}

}  // namespace

ControllerKind likelyKind(const ControllerDescription& d)
{
    if (d.kind != ControllerKind::Stick) return d.kind;
    const auto name = lowerCase(d.identity.name);
    for (const auto& [word, kind] : kWords) {
        if (name.find(word) != std::string::npos) return kind;
    }
    const auto axes = std::ranges::count(d.controls, ControlKind::Axis, &ControlDescription::kind);
    const auto buttons =
        std::ranges::count(d.controls, ControlKind::Button, &ControlDescription::kind);
    if (hasAxis(d, ABS_WHEEL) || hasButton(d, BTN_GEAR_DOWN)) return ControllerKind::Wheel;
    if (axes == 0) return ControllerKind::Box;
    if (buttons <= kMostOfPedals && axes <= kMostPedals && (axes == 3 || hasAxis(d, ABS_RUDDER)))
        return ControllerKind::Pedals;
    if (hasAxis(d, ABS_X) && hasAxis(d, ABS_Y)) return ControllerKind::Stick;
    return hasAxis(d, ABS_THROTTLE) ? ControllerKind::Throttle : ControllerKind::Box;
}

Sides likelySides(const ControllerDescription& d, ControllerKind kind, ControlCode axis)
{
    const unsigned code = axis.code;
    if (code == ABS_THROTTLE || code == ABS_GAS || code == ABS_BRAKE) return Sides::One;
    switch (kind) {
        case ControllerKind::Gamepad:
            return code == ABS_Z || code == ABS_RZ ? Sides::One : Sides::Two;
        case ControllerKind::Pedals:
            return code == rudderOf(d) ? Sides::Two : Sides::One;
        case ControllerKind::Wheel:
            return code == ABS_X || code == ABS_WHEEL ? Sides::Two : Sides::One;
        case ControllerKind::Throttle: {
            const bool isThumbStick =
                (code == ABS_RX || code == ABS_RY) && hasAxis(d, ABS_RX) && hasAxis(d, ABS_RY);
            return isThumbStick ? Sides::Two : Sides::One;
        }
        default:
            return Sides::Two;
    }
}

}  // namespace jolly
