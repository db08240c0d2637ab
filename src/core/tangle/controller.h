// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/calibration.h"
#include "core/value/control_code.h"
#include "core/value/value.h"

#include <cstdint>
#include <string>
#include <vector>

namespace jolly
{

/// What tells one controller from another, as the kernel gives it.
struct Identity {
    std::uint16_t bus = 0;
    std::uint16_t vendor = 0;
    std::uint16_t product = 0;
    std::uint16_t version = 0;
    std::string name{};
    std::string uniq{};  ///< serial number; empty or shared by all units for many devices
    std::string phys{};  ///< the port it is plugged into

    friend bool operator==(const Identity&, const Identity&) = default;
};

/// What kind of thing a controller is: decides its drawing and whether it is held by default.
enum class ControllerKind : std::uint8_t {
    Stick,
    Throttle,
    Pedals,
    Wheel,
    Box,
    Gamepad,
    Keyboard,
    Pointer,
};

/// One control as the device reports it. Ranges are raw counts and concern axes only.
struct ControlDescription {
    ControlCode code{};
    ControlKind kind = ControlKind::Axis;
    std::int32_t low = 0;
    std::int32_t high = 1;
    std::int32_t fuzz = 0;  ///< the kernel swallows smaller changes; 0 for none
    std::int32_t flat =
        0;  ///< the kernel's dead zone around the middle, told to readers; 0 for none

    [[nodiscard]] bool isFiltered() const noexcept { return fuzz != 0 || flat != 0; }

    friend bool operator==(const ControlDescription&, const ControlDescription&) = default;

    /// The value of its counts when nothing but its range is known; axes count as two-sided.
    /// RT-safe.
    [[nodiscard]] Value valueOf(Counts counts) const noexcept
    {
        if (kind != ControlKind::Axis) return valueOfCounts(kind, counts);
        return {Calibration::ofRange(low, high).valueOf(counts.x, Sides::Two), 0.0};
    }
};

/// A physical device as a world sees it. The order of `controls` is that of the moves it sends.
struct ControllerDescription {
    Identity identity{};
    ControllerKind kind = ControllerKind::Stick;
    std::vector<ControlDescription> controls{};
    std::string driver{};              ///< the kernel's driver; empty when not known
    std::vector<std::string> nodes{};  ///< its device files

    friend bool operator==(const ControllerDescription&, const ControllerDescription&) = default;
};

/// One change of one control: its place in ControllerDescription::controls and its new counts. For
/// a turner, the counts it turned since the last move.
struct RawMove {
    std::uint16_t control = 0;
    bool isHatY = false;  ///< the up-down half of a hat changed; else the left-right half
    std::int32_t raw = 0;
};

}  // namespace jolly
