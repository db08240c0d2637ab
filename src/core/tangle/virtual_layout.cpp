// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/virtual_layout.h"

#include "core/tangle/lookup.h"

#include <linux/input-event-codes.h>

#include <algorithm>
#include <span>

namespace jolly
{

namespace
{

struct AxisRow {
    std::uint16_t code;
    std::string_view name;
    std::int32_t low;
    std::int32_t high;
    bool restsLow;  ///< whatever the settings say
};

constexpr std::int32_t kLow = -32768;
constexpr std::int32_t kHigh = 32767;

/// No gaps, in this order: readers that number axes by place and those that go by code agree.
constexpr AxisRow kJoystickAxes[] = {
    {ABS_X, "X", kLow, kHigh, false},
    {ABS_Y, "Y", kLow, kHigh, false},
    {ABS_Z, "Z", kLow, kHigh, false},
    {ABS_RX, "Rx", kLow, kHigh, false},
    {ABS_RY, "Ry", kLow, kHigh, false},
    {ABS_RZ, "Rz", kLow, kHigh, false},
    {ABS_THROTTLE, "Throttle", kLow, kHigh, false},
    {ABS_RUDDER, "Rudder", kLow, kHigh, false},
};

/// As the kernel's own pad driver has them (drivers/input/joystick/xpad.c, xpad_set_up_abs): the
/// triggers are one-sided, 0 to 255.
constexpr AxisRow kGamepadAxes[] = {
    {ABS_X, "L stick X", kLow, kHigh, false},  {ABS_Y, "L stick Y", kLow, kHigh, false},
    {ABS_Z, "L trigger", 0, 255, true},        {ABS_RX, "R stick X", kLow, kHigh, false},
    {ABS_RY, "R stick Y", kLow, kHigh, false}, {ABS_RZ, "R trigger", 0, 255, true},
};

constexpr std::uint16_t kGamepadButtons[] = {0x130, 0x131, 0x133, 0x134, 0x136, 0x137,
                                             0x13a, 0x13b, 0x13c, 0x13d, 0x13e};

struct CodeRun {
    std::uint16_t first;
    std::uint16_t last;
};

/// What the kernel's HID driver makes of a joystick (drivers/hid/hid-input.c).
constexpr CodeRun kFewButtons[] = {{0x120, 0x12f}, {0x2c0, 0x2fe}};
/// The same with every further code that no reader takes for a key, a mouse or a tablet.
constexpr CodeRun kManyButtons[] = {
    {0x120, 0x12f}, {0x131, 0x13f}, {0x150, 0x15f}, {0x220, 0x22f}, {0x2c0, 0x2fe}};
constexpr std::uint16_t kMostInFewRuns = 79;

std::span<const AxisRow> axisRows(VirtualKind kind) noexcept
{
    if (kind == VirtualKind::Gamepad) return kGamepadAxes;
    return kJoystickAxes;
}

std::vector<std::uint16_t> buttonCodes(const VirtualDevice& device)
{
    if (device.kind == VirtualKind::Gamepad)
        return {std::begin(kGamepadButtons), std::end(kGamepadButtons)};
    std::span<const CodeRun> runs = kFewButtons;
    if (device.buttons > kMostInFewRuns) runs = kManyButtons;
    std::vector<std::uint16_t> codes;
    for (const auto& run : runs) {
        for (unsigned code = run.first; code <= run.last && codes.size() < device.buttons; ++code) {
            codes.push_back(static_cast<std::uint16_t>(code));
        }
    }
    return codes;
}

VirtualSlot axisSlot(const VirtualDevice& device, std::uint16_t number)
{
    const auto& row = axisRows(device.kind)[number - 1U];
    const VirtualControl control{ControlKind::Axis, number};
    const auto sides = row.restsLow ? Sides::One : settingsOf(device, control).sides;
    return {control, {EventType::Abs, row.code}, row.low, row.high, sides};
}

}  // namespace

std::vector<VirtualSlot> layoutOf(const VirtualDevice& device)
{
    const bool isPad = device.kind == VirtualKind::Gamepad;
    const std::size_t axes = isPad ? std::size(kGamepadAxes)
                                   : std::min<std::size_t>(device.axes, std::size(kJoystickAxes));
    const std::size_t hats = isPad ? 1 : std::min(device.hats, kMostHats);
    std::vector<VirtualSlot> slots;
    for (std::uint16_t n = 1; n <= axes; ++n) slots.push_back(axisSlot(device, n));
    std::uint16_t button = 0;
    for (const auto code : buttonCodes(device)) {
        slots.push_back(
            {{ControlKind::Button, ++button}, {EventType::Key, code}, 0, 1, Sides::Two});
    }
    for (std::uint16_t n = 1; n <= hats; ++n) {
        const auto code = static_cast<std::uint16_t>(ABS_HAT0X + 2 * (n - 1));
        slots.push_back({{ControlKind::Hat, n}, {EventType::Abs, code}, -1, 1, Sides::Two});
    }
    return slots;
}

std::string_view axisName(VirtualKind kind, std::uint16_t number) noexcept
{
    const auto rows = axisRows(kind);
    return number >= 1 && number <= rows.size() ? rows[number - 1U].name : std::string_view{};
}

std::string shapeComplaint(const VirtualDevice& device)
{
    if (device.kind == VirtualKind::Gamepad || device.buttons < 14) return {};
    if (device.axes != 6 && device.axes + 2 * device.hats != 6) return {};
    return "\"" + device.name + "\" has " + std::to_string(device.axes) + " axes, " +
           std::to_string(device.hats) + " hats and " + std::to_string(device.buttons) +
           " buttons; games in a Windows layer take that shape for a gamepad and hide most of it. "
           "Give it 7 or 8 axes, or at most 13 buttons.";
}

}  // namespace jolly
