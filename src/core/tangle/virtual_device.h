// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_control.h"
#include "core/value/extra.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// What games take a virtual device for.
enum class VirtualKind : std::uint8_t { Joystick, Gamepad, Keyboard, Pointer };

/// Who decides how many controls a virtual joystick has.
enum class Sizing : std::uint8_t {
    Fixed,     ///< the pilot
    AsNeeded,  ///< the strands that end in it; see fitDevices()
};

/// How several strands on one virtual axis meet.
enum class Meeting : std::uint8_t { MovedLast, Sum, Larger, Average };

/// What a tangle says of one virtual control. Controls without an entry have the defaults.
struct VirtualSettings {
    VirtualControl control{};
    std::string function{};    ///< id of what it stands for; "" for nothing
    Sides sides = Sides::Two;  ///< One rests at the low end, Two in the middle
    Meeting meeting = Meeting::MovedLast;
    Extra extra{};

    friend bool operator==(const VirtualSettings&, const VirtualSettings&) = default;
};

/// The numbers by which games tell devices apart. uinput can set no serial number.
struct VirtualIds {
    std::uint16_t bus = 0;
    std::uint16_t vendor = 0;
    std::uint16_t product = 0;
    std::uint16_t version = 0;
    Extra extra{};

    friend bool operator==(const VirtualIds&, const VirtualIds&) = default;
};

/// The highest number of a virtual device.
inline constexpr std::uint16_t kMostNumber = 9999;

/// What games see.
struct VirtualDevice {
    std::string id{};    ///< stable; strands refer to it
    std::string name{};  ///< what games show
    VirtualKind kind = VirtualKind::Joystick;
    std::uint16_t number = 0;  ///< from 1, its own for as long as it lives: gives games lasting ids
    std::optional<VirtualIds> ids{};  ///< the pilot's own; else made from the number
    Sizing sizing = Sizing::Fixed;
    std::uint16_t axes = 8;  ///< of a joystick; the other kinds have their own fixed sets
    std::uint16_t buttons = 32;
    std::uint16_t hats = 1;
    std::vector<VirtualSettings> settings{};
    Extra extra{};

    /// Whether games read it as a joystick: it is no keyboard and no pointer.
    [[nodiscard]] bool isForGames() const noexcept
    {
        return kind == VirtualKind::Joystick || kind == VirtualKind::Gamepad;
    }

    friend bool operator==(const VirtualDevice&, const VirtualDevice&) = default;
};

/// The ids that the kernel is told.
[[nodiscard]] VirtualIds idsOf(const VirtualDevice& device) noexcept;

/// Begins the `phys` of every virtual device of ours, so that none is taken for a controller.
inline constexpr std::string_view kOurPhys = "jolly-tangle-";

/// The port that the kernel is told: kOurPhys and the number.
[[nodiscard]] std::string physOf(const VirtualDevice& device);

}  // namespace jolly
