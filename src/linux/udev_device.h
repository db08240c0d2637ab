// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"

#include <libudev.h>

#include <memory>
#include <optional>
#include <string>

namespace jolly
{

struct UdevFree {
    void operator()(udev* u) const noexcept { udev_unref(u); }
    void operator()(udev_monitor* m) const noexcept { udev_monitor_unref(m); }
    void operator()(udev_device* d) const noexcept { udev_device_unref(d); }
    void operator()(udev_enumerate* e) const noexcept { udev_enumerate_unref(e); }
};

using Udev = std::unique_ptr<udev, UdevFree>;
using UdevDevice = std::unique_ptr<udev_device, UdevFree>;
using UdevEnumerate = std::unique_ptr<udev_enumerate, UdevFree>;

/// libudev's texts are null where there is none.
[[nodiscard]] std::string textOf(const char* text);

/// The input device that an event or js node belongs to; null for others.
[[nodiscard]] udev_device* inputOf(udev_device* node);

/// The device that all nodes of one controller share: the USB device, else the HID device, else the
/// input device.
[[nodiscard]] std::string groupOf(udev_device* node);

/// Whether a program made it by uinput.
[[nodiscard]] bool isMadeByUinput(udev_device* node);

/// What kind of controller an input device is. Without opening it, so that what may not be read is
/// told apart, too.
[[nodiscard]] std::optional<ControllerKind> kindOf(udev_device* input);

/// A file of sysfs with a hexadecimal number in it; 0 where there is none.
[[nodiscard]] std::uint16_t numberOf(udev_device* input, const char* attribute);

}  // namespace jolly
