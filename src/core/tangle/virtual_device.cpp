// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/virtual_device.h"

#include <linux/input.h>

namespace jolly
{

namespace
{

/// Nobody's numbers: clients that know a device by number would take ours for it.
constexpr std::uint16_t kVendor = 0x6a74;
constexpr std::uint16_t kProducts = 0x0100;
constexpr std::uint16_t kVersion = 1;

}  // namespace

VirtualIds idsOf(const VirtualDevice& device) noexcept
{
    if (device.ids) return *device.ids;
    return {
        BUS_VIRTUAL, kVendor, static_cast<std::uint16_t>(kProducts + device.number), kVersion, {}};
}

std::string physOf(const VirtualDevice& device)
{
    return std::string(kOurPhys) + std::to_string(device.number);
}

}  // namespace jolly
