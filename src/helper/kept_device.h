// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <span>
#include <string>
#include <string_view>

namespace jolly
{

/// An input device that is kept for one program alone, as the device itself tells who it is.
/// Everything here may be hostile: a device can say anything.
struct KeptDevice {
    std::uint16_t vendor = 0;
    std::uint16_t product = 0;
    std::string name{};
    std::string uniq{};  ///< its serial number; empty when it has none
    std::string phys{};  ///< its port; tells it from twins that have no serial number, or the same
    std::string hid{};   ///< the HID device's sysfs name, such as 0003:1209:0001.0004; may be empty
    bool sharesSerial = false;  ///< whether a twin in another port tells the same serial number

    /// Whether they are the same device, perhaps plugged in again.
    [[nodiscard]] bool isSameAs(const KeptDevice& other) const;
};

/// Whether two tell the same serial number from different ports: then it is no name of either.
[[nodiscard]] bool areTwins(const KeptDevice& one, const KeptDevice& other);

/// Whether a rule can be made that matches it and never its twin: its serial number or its port has
/// to be there, and to be of letters, digits and the like.
[[nodiscard]] bool canBeNamed(const KeptDevice& device);

/// A pattern of udev's rules that matches `text` and can hold nothing but a pattern: letters,
/// digits, spaces and ._:/- as they are, everything else as "*" for whatever stands there.
[[nodiscard]] std::string patternOf(std::string_view text);

/// The udev rules that mark these devices' event, js and hidraw nodes as kept and close them to all
/// but root from the moment they are plugged in. The file must sort after those that tag with
/// "uaccess" and before 73-seat-late.rules, which acts on that tag. Keyboards and pointers are left
/// out whatever they call themselves. Empty for no devices.
[[nodiscard]] std::string rulesFor(std::span<const KeptDevice> devices);

/// The udev property of nodes that are kept.
inline constexpr const char* kKeptProperty = "JOLLY_TANGLE_KEPT";

/// The rule that closes the nodes that are marked. A device that was tagged with "uaccess" once
/// stays so for 73-seat-late.rules until it is unplugged (systemd, udev-rules.c: TAG matches former
/// tags, too), so this has to come after it. What an access list grants is void without the group's
/// permissions (acl(5), the mask).
inline constexpr const char* kClosingRule =
    "ENV{JOLLY_TANGLE_KEPT}==\"1\", RUN+=\"/bin/chmod 0600 $devnode\"\n";

}  // namespace jolly
