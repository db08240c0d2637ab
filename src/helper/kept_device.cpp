// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/kept_device.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <set>

namespace jolly
{

namespace
{

const std::string kKept = std::string(", TAG-=\"uaccess\", ENV{") + kKeptProperty +
                          "}=\"1\", OWNER:=\"root\", GROUP:=\"root\", MODE:=\"0600\"\n";

bool isPlain(char c)
{
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') ||
           std::string_view(" ._:/-").find(c) != std::string_view::npos;
}

std::string hexOf(std::uint16_t number)
{
    std::array<char, 8> text{};
    std::snprintf(text.data(), text.size(), "%04x", number);
    return text.data();
}

/// Whether a text is there and its pattern matches nothing else.
bool isExact(const std::string& text)
{
    return !text.empty() && std::ranges::all_of(text, isPlain);
}

/// Whether the serial number alone tells it from all others.
bool isNamedBySerial(const KeptDevice& d)
{
    return isExact(d.uniq) && !d.sharesSerial;
}

/// Without the number of the interface: parts of one device share their port.
std::string_view portOf(const std::string& phys)
{
    return std::string_view(phys).substr(0, phys.rfind('/'));
}

/// By its serial number, wherever it is plugged in; where that is missing, odd or a twin's as well
/// by its port, too.
std::string inputRule(const KeptDevice& d)
{
    auto which = d.uniq.empty() ? std::string() : "ATTRS{uniq}==\"" + patternOf(d.uniq);
    if (!isNamedBySerial(d))
        which += (which.empty() ? "" : "\", ") + ("ATTRS{phys}==\"" + patternOf(d.phys));
    return "SUBSYSTEM==\"input\", KERNEL==\"event*|js*\", ENV{ID_INPUT_KEYBOARD}!=\"1\", "
           "ENV{ID_INPUT_MOUSE}!=\"1\", ATTRS{id/vendor}==\"" +
           hexOf(d.vendor) + "\", ATTRS{id/product}==\"" + hexOf(d.product) +
           "\", ATTRS{name}==\"" + patternOf(d.name) + "\", " + which + "\"" + kKept;
}

/// The running number at the end of a HID device's sysfs name changes with every plugging in. The
/// serial number and the port stand in its uevent file, a line each, in this order (kernel,
/// hid-core.c: hid_uevent); "?" matches the end of a line.
std::string hidRule(const KeptDevice& d)
{
    const auto serial = "HID_UNIQ=" + (d.uniq.empty() ? "*" : patternOf(d.uniq) + "?MODALIAS=*");
    const auto which =
        isNamedBySerial(d) ? "*" + serial : "*HID_PHYS=" + patternOf(d.phys) + "?" + serial;
    return "SUBSYSTEM==\"hidraw\", KERNELS==\"" + patternOf(d.hid.substr(0, d.hid.find('.'))) +
           ".*\", ATTRS{uevent}==\"" + which + "\"" + kKept;
}

}  // namespace

bool KeptDevice::isSameAs(const KeptDevice& other) const
{
    return vendor == other.vendor && product == other.product && name == other.name &&
           uniq == other.uniq &&
           (phys == other.phys || (!uniq.empty() && !sharesSerial && !other.sharesSerial));
}

bool areTwins(const KeptDevice& one, const KeptDevice& other)
{
    return !one.uniq.empty() && one.vendor == other.vendor && one.product == other.product &&
           one.uniq == other.uniq && portOf(one.phys) != portOf(other.phys);
}

bool canBeNamed(const KeptDevice& device)
{
    return isNamedBySerial(device) || isExact(device.phys);
}

std::string patternOf(std::string_view text)
{
    std::string pattern;
    for (const char c : text) {
        if (isPlain(c)) {
            pattern += c;
        } else if (pattern.empty() || pattern.back() != '*') {
            pattern += '*';
        }
    }
    return pattern;
}

std::string rulesFor(std::span<const KeptDevice> devices)
{
    std::set<std::string> lines;
    for (const auto& device : devices) {
        lines.insert(inputRule(device));
        if (!device.hid.empty()) lines.insert(hidRule(device));
    }
    std::string text;
    for (const auto& line : lines) text += line;
    return text;
}

}  // namespace jolly
