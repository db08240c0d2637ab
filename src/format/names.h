// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <optional>
#include <string>
#include <string_view>
#include <utility>

namespace jolly::format
{

/// The words that stand for an enumeration in the file.
template <class Enum>
struct Names;

template <>
struct Names<ControlKind> {
    static constexpr std::pair<std::string_view, ControlKind> rows[] = {
        {"axis", ControlKind::Axis},
        {"button", ControlKind::Button},
        {"hat", ControlKind::Hat},
        {"turner", ControlKind::Turner}};
};

template <>
struct Names<ControllerKind> {
    static constexpr std::pair<std::string_view, ControllerKind> rows[] = {
        {"stick", ControllerKind::Stick},       {"throttle", ControllerKind::Throttle},
        {"pedals", ControllerKind::Pedals},     {"wheel", ControllerKind::Wheel},
        {"box", ControllerKind::Box},           {"gamepad", ControllerKind::Gamepad},
        {"keyboard", ControllerKind::Keyboard}, {"pointer", ControllerKind::Pointer}};
};

template <>
struct Names<Sides> {
    static constexpr std::pair<std::string_view, Sides> rows[] = {{"two", Sides::Two},
                                                                  {"one", Sides::One}};
};

template <>
struct Names<ButtonKind> {
    static constexpr std::pair<std::string_view, ButtonKind> rows[] = {
        {"push", ButtonKind::Push},
        {"switch", ButtonKind::Switch},
        {"selector", ButtonKind::Selector},
        {"encoder pulse", ButtonKind::EncoderPulse}};
};

template <>
struct Names<VirtualKind> {
    static constexpr std::pair<std::string_view, VirtualKind> rows[] = {
        {"joystick", VirtualKind::Joystick},
        {"gamepad", VirtualKind::Gamepad},
        {"keyboard", VirtualKind::Keyboard},
        {"pointer", VirtualKind::Pointer}};
};

template <>
struct Names<Sizing> {
    static constexpr std::pair<std::string_view, Sizing> rows[] = {{"fixed", Sizing::Fixed},
                                                                   {"as needed", Sizing::AsNeeded}};
};

template <>
struct Names<Meeting> {
    static constexpr std::pair<std::string_view, Meeting> rows[] = {
        {"moved last", Meeting::MovedLast},
        {"sum", Meeting::Sum},
        {"larger", Meeting::Larger},
        {"average", Meeting::Average}};
};

template <>
struct Names<Hiding> {
    static constexpr std::pair<std::string_view, Hiding> rows[] = {
        {"none", Hiding::None},
        {"held", Hiding::Held},
        {"ours alone", Hiding::OursAlone},
        {"from launched games", Hiding::FromLaunched}};
};

template <>
struct Names<FunctionKind> {
    static constexpr std::pair<std::string_view, FunctionKind> rows[] = {
        {"press", FunctionKind::Press},
        {"axis", FunctionKind::Axis},
        {"two ways", FunctionKind::TwoWays},
        {"steps", FunctionKind::Steps}};
};

template <>
struct Names<WhenAway> {
    static constexpr std::pair<std::string_view, WhenAway> rows[] = {{"rest", WhenAway::Rest},
                                                                     {"keep", WhenAway::Keep}};
};

template <class Enum>
[[nodiscard]] std::string_view nameOf(Enum value)
{
    for (const auto& [name, row] : Names<Enum>::rows) {
        if (row == value) return name;
    }
    return {};
}

template <class Enum>
[[nodiscard]] std::optional<Enum> valueOf(std::string_view name)
{
    for (const auto& [row, value] : Names<Enum>::rows) {
        if (row == name) return value;
    }
    return std::nullopt;
}

}  // namespace jolly::format
