// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/virtual_layout.h"

#include "core/tangle/lookup.h"

#include <linux/input-event-codes.h>

#include <algorithm>
#include <span>
#include <string_view>

namespace jolly
{

namespace
{

struct AxisRow {
    std::uint16_t code;
    Words name;
    std::int32_t low = -32768;
    std::int32_t high = 32767;
    bool restsLow = false;  ///< whatever the settings say
};

/// No gaps, in this order: readers that number axes by place and those that go by code agree. The
/// last three are for readers that take more than eight.
constexpr AxisRow kJoystickAxes[] = {
    {ABS_X, words("X")},
    {ABS_Y, words("Y")},
    {ABS_Z, words("Z")},
    {ABS_RX, words("Rx")},
    {ABS_RY, words("Ry")},
    {ABS_RZ, words("Rz")},
    {ABS_THROTTLE, words("Throttle")},
    {ABS_RUDDER, words("Rudder")},
    {ABS_WHEEL, words("Wheel")},
    {ABS_GAS, words("Gas")},
    {ABS_BRAKE, words("Brake")},
};

/// As the kernel's own pad driver has them (drivers/input/joystick/xpad.c, xpad_set_up_abs): the
/// triggers are one-sided, 0 to 255.
constexpr AxisRow kGamepadAxes[] = {
    {ABS_X, words("left stick X")},
    {ABS_Y, words("left stick Y")},
    {ABS_Z, words("left trigger"), 0, 255, true},
    {ABS_RX, words("right stick X")},
    {ABS_RY, words("right stick Y")},
    {ABS_RZ, words("right trigger"), 0, 255, true},
};

struct NamedCode {
    std::uint16_t code;
    Words name;
};

/// The same driver sends 0x133 for the left face button and 0x134 for the top one, and clients
/// expect it so, although the kernel's pad document has it the other way round.
constexpr NamedCode kGamepadButtons[] = {{BTN_SOUTH, words("bottom button")},
                                         {BTN_EAST, words("right button")},
                                         {0x133, words("left button")},
                                         {0x134, words("top button")},
                                         {BTN_TL, words("left shoulder")},
                                         {BTN_TR, words("right shoulder")},
                                         {BTN_SELECT, words("select")},
                                         {BTN_START, words("start")},
                                         {BTN_MODE, words("guide")},
                                         {BTN_THUMBL, words("left stick press")},
                                         {BTN_THUMBR, words("right stick press")}};

constexpr NamedCode kPointerButtons[] = {
    {BTN_LEFT, words("left button")},     {BTN_RIGHT, words("right button")},
    {BTN_MIDDLE, words("middle button")}, {BTN_SIDE, words("side button")},
    {BTN_EXTRA, words("extra button")},   {BTN_FORWARD, words("forward button")},
    {BTN_BACK, words("back button")},     {BTN_TASK, words("task button")}};

/// With the fine wheels each notch needs both: the coarse one alone is ignored then.
constexpr NamedCode kPointerTurners[] = {{REL_X, words("left-right")},
                                         {REL_Y, words("up-down")},
                                         {REL_WHEEL, words("wheel")},
                                         {REL_HWHEEL, words("side wheel")},
                                         {REL_WHEEL_HI_RES, words("fine wheel")},
                                         {REL_HWHEEL_HI_RES, words("fine side wheel")}};

/// Keys that put the computer to sleep or switch it off are never sent.
constexpr std::uint16_t kForbiddenKeys[] = {KEY_POWER, KEY_SLEEP, KEY_SUSPEND};

struct CodeRun {
    std::uint16_t first;
    std::uint16_t last;
};

/// What the kernel's HID driver makes of a joystick (drivers/hid/hid-input.c).
constexpr CodeRun kFewButtons[] = {{0x120, 0x12f}, {0x2c0, 0x2fe}};
/// The same with every further code that no reader takes for a key, a mouse or a tablet.
constexpr CodeRun kManyButtons[] = {
    {0x120, 0x12f}, {0x131, 0x13f}, {0x150, 0x15f}, {0x220, 0x22f}, {0x2c0, 0x2fe}};
/// And with two that only touch pads have, for who wants the last two.
constexpr CodeRun kAllButtons[] = {{0x120, 0x12f}, {0x131, 0x13f}, {0x14e, 0x14f},
                                   {0x150, 0x15f}, {0x220, 0x22f}, {0x2c0, 0x2fe}};
constexpr std::uint16_t kMostInFewRuns = 79;

std::span<const AxisRow> axisRows(const VirtualDevice& device) noexcept
{
    if (device.kind == VirtualKind::Gamepad) return kGamepadAxes;
    if (device.kind != VirtualKind::Joystick) return {};
    return {kJoystickAxes, std::min<std::size_t>(device.axes, std::size(kJoystickAxes))};
}

std::span<const NamedCode> namedButtons(VirtualKind kind) noexcept
{
    if (kind == VirtualKind::Gamepad) return kGamepadButtons;
    if (kind == VirtualKind::Pointer) return kPointerButtons;
    return {};
}

std::span<const CodeRun> buttonRuns(std::uint16_t buttons) noexcept
{
    if (buttons <= kMostInFewRuns) return kFewButtons;
    if (buttons <= kSafeButtons) return kManyButtons;
    return kAllButtons;
}

/// Collects the slots of one device.
class Layout
{
 public:
    explicit Layout(const VirtualDevice& device) : m_device(device) {}

    std::vector<VirtualSlot> run()
    {
        addAxes();
        if (m_device.kind == VirtualKind::Joystick) addButtonRuns();
        if (m_device.kind == VirtualKind::Keyboard) addKeys();
        for (const auto& button : namedButtons(m_device.kind)) addButton(button.code);
        addHats();
        if (m_device.kind == VirtualKind::Pointer) addTurners();
        return std::move(m_slots);
    }

 private:
    void addAxes()
    {
        std::uint16_t number = 0;
        for (const auto& row : axisRows(m_device)) {
            const VirtualControl control{ControlKind::Axis, ++number};
            m_slots.push_back({control,
                               {EventType::Abs, row.code},
                               row.low,
                               row.high,
                               sidesOf(m_device, control)});
        }
    }

    void addButton(std::uint16_t code)
    {
        m_slots.push_back({{ControlKind::Button, ++m_buttons}, {EventType::Key, code}});
    }

    void addButtonRuns()
    {
        for (const auto& run : buttonRuns(m_device.buttons)) {
            for (auto code = run.first; code <= run.last && m_buttons < m_device.buttons; ++code)
                addButton(code);
        }
    }

    void addKeys()
    {
        for (std::uint16_t code = KEY_ESC; code <= kLastKey; ++code) {
            if (std::ranges::find(kForbiddenKeys, code) != std::end(kForbiddenKeys)) continue;
            m_slots.push_back({{ControlKind::Button, code}, {EventType::Key, code}});
        }
    }

    void addHats()
    {
        std::uint16_t hats = 0;
        if (m_device.kind == VirtualKind::Gamepad) hats = 1;
        if (m_device.kind == VirtualKind::Joystick) hats = std::min(m_device.hats, kMostHats);
        for (std::uint16_t n = 1; n <= hats; ++n) {
            const auto code = static_cast<std::uint16_t>(ABS_HAT0X + 2 * (n - 1));
            m_slots.push_back({{ControlKind::Hat, n}, {EventType::Abs, code}, -1, 1});
        }
    }

    void addTurners()
    {
        std::uint16_t number = 0;
        for (const auto& turner : kPointerTurners)
            m_slots.push_back({{ControlKind::Turner, ++number}, {EventType::Rel, turner.code}});
    }

    const VirtualDevice& m_device;
    std::vector<VirtualSlot> m_slots;
    std::uint16_t m_buttons = 0;
};

/// "KEY_LEFTCTRL" as "key LEFTCTRL".
Sentence keyName(std::uint16_t code)
{
    return say("key %1", shortTextOf({EventType::Key, code, 0}));
}

Words nameIn(std::span<const NamedCode> rows, std::uint16_t number) noexcept
{
    return number >= 1 && number <= rows.size() ? rows[number - 1U].name : Words{};
}

Words fixedName(const VirtualDevice& device, VirtualControl control) noexcept
{
    const auto axes = axisRows(device);
    switch (control.kind) {
        case ControlKind::Axis:
            return control.number <= axes.size() ? axes[control.number - 1U].name : Words{};
        case ControlKind::Button:
            return nameIn(namedButtons(device.kind), control.number);
        case ControlKind::Turner:
            return nameIn(kPointerTurners, control.number);
        case ControlKind::Hat:
            break;
    }
    return {};
}

}  // namespace

std::vector<VirtualSlot> layoutOf(const VirtualDevice& device)
{
    return Layout(device).run();
}

bool mayRestInMiddle(const VirtualDevice& device, VirtualControl axis)
{
    const auto axes = axisRows(device);
    const bool isThere = axis.number >= 1 && axis.number <= axes.size();
    return !isThere || !axes[axis.number - 1U].restsLow;
}

Sides sidesOf(const VirtualDevice& device, VirtualControl axis)
{
    return mayRestInMiddle(device, axis) ? settingsOf(device, axis).sides : Sides::One;
}

std::optional<OtherWheel> otherWheelOf(VirtualControl wheel, const VirtualDevice& device)
{
    constexpr double kFineCounts = 120.0;
    constexpr std::uint16_t kCoarse = 3;  ///< the first of two coarse ones, then two fine ones
    constexpr std::uint16_t kWheels = 2;
    if (wheel.kind != ControlKind::Turner || device.kind != VirtualKind::Pointer) return {};
    if (wheel.number < kCoarse || wheel.number >= kCoarse + 2 * kWheels) return {};
    const bool isCoarse = wheel.number < kCoarse + kWheels;
    const auto number = isCoarse ? wheel.number + kWheels : wheel.number - kWheels;
    return OtherWheel{{ControlKind::Turner, static_cast<std::uint16_t>(number)},
                      isCoarse ? kFineCounts : 1.0 / kFineCounts};
}

Words gamepadName(ControlCode control) noexcept
{
    for (const auto& axis : kGamepadAxes) {
        if (control == ControlCode{EventType::Abs, axis.code}) return axis.name;
    }
    for (const auto& button : kGamepadButtons) {
        if (control == ControlCode{EventType::Key, button.code}) return button.name;
    }
    return {};
}

Sentence nameOf(const VirtualDevice& device, VirtualControl control)
{
    if (device.kind == VirtualKind::Keyboard && control.kind == ControlKind::Button)
        return keyName(control.number);
    const auto name = fixedName(device, control);
    return name.empty() ? nameOf(control) : Sentence(name);
}

}  // namespace jolly
