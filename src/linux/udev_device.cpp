// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/udev_device.h"

#include "linux/capability_bits.h"
#include "linux/classify.h"

#include <cstdlib>
#include <string_view>

namespace jolly
{

namespace
{

CapabilityBits bitsOf(udev_device* input, const char* attribute)
{
    return CapabilityBits(textOf(udev_device_get_sysattr_value(input, attribute)));
}

}  // namespace

std::string textOf(const char* text)
{
    return text ? text : "";
}

udev_device* inputOf(udev_device* node)
{
    return udev_device_get_parent_with_subsystem_devtype(node, "input", nullptr);
}

std::string groupOf(udev_device* device)
{
    if (auto* usb = udev_device_get_parent_with_subsystem_devtype(device, "usb", "usb_device")) {
        return udev_device_get_syspath(usb);
    }
    if (auto* hid = udev_device_get_parent_with_subsystem_devtype(device, "hid", nullptr)) {
        return udev_device_get_syspath(hid);
    }
    auto* parent = udev_device_get_parent(device);
    return udev_device_get_syspath(parent ? parent : device);
}

bool isMadeByUinput(udev_device* node)
{
    return std::string_view(udev_device_get_syspath(node)).find("/devices/virtual/input/") !=
           std::string_view::npos;
}

std::optional<ControllerKind> kindOf(udev_device* input)
{
    const auto keys = bitsOf(input, "capabilities/key");
    const auto axes = bitsOf(input, "capabilities/abs");
    const auto turners = bitsOf(input, "capabilities/rel");
    const auto properties = bitsOf(input, "properties");
    const auto has = [&](EventType type, unsigned code) {
        const auto& bits = type == EventType::Key ? keys : type == EventType::Abs ? axes : turners;
        return bits.has(code);
    };
    return classify({has, [&](unsigned property) { return properties.has(property); }});
}

std::uint16_t numberOf(udev_device* input, const char* attribute)
{
    return static_cast<std::uint16_t>(
        std::strtoul(textOf(udev_device_get_sysattr_value(input, attribute)).c_str(), nullptr, 16));
}

}  // namespace jolly
