// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_device.h"

#include <cstdint>
#include <optional>

namespace jolly
{

/// The ways in which games read joysticks on Linux.
enum class Reader : std::uint8_t {
    Sdl,           ///< SDL 2 on evdev: counts everything from 0
    Joydev,        ///< /dev/input/js*: counts from 0; a hat is two axes after all others
    WindowsLayer,  ///< Wine on SDL: DirectInput, which counts buttons and hats from 1
};

/// The number by which a reader's games know a control of a virtual joystick; empty when they never
/// see it. Axes in the Windows layer count from 0: X, Y, Z, Rx, Ry, Rz, slider 0, slider 1.
///
/// @par Source  SDL 2.26.5, SDL_sysjoystick.c, ConfigJoystick; Linux 6.1, joydev.c,
/// joydev_connect; Wine 8.0, winebus.sys/bus_sdl.c and dinput.h.
[[nodiscard]] std::optional<unsigned> gameNumber(const VirtualDevice& device,
                                                 VirtualControl control, Reader reader);

}  // namespace jolly
