// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/like_for_like.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <linux/input-event-codes.h>

#include <algorithm>
#include <array>
#include <optional>

namespace jolly
{

namespace
{

/// Hands out free places of virtual joysticks, one device after the other.
class Supply
{
 public:
    /// @param devices  ids of those that are used before new ones are added.
    Supply(Tangle& tangle, std::vector<std::string> devices)
        : m_tangle(tangle), m_devices(std::move(devices))
    {
    }

    std::optional<Target> next(ControlKind kind)
    {
        for (const auto& device : m_devices) {
            if (const auto place = freeOf(device, kind)) return place;
        }
        if (kind == ControlKind::Turner || limitOf(kind) == 0) return std::nullopt;
        m_devices.push_back(addDevice(m_tangle, VirtualKind::Joystick));
        return freeOf(m_devices.back(), kind);
    }

 private:
    /// How many of a kind a device of this tangle may have.
    [[nodiscard]] std::uint16_t limitOf(ControlKind kind) const
    {
        const auto& sheet = m_tangle.sheet;
        const auto least = [](std::uint16_t most, const std::optional<std::uint16_t>& told) {
            return told ? std::min(most, *told) : most;
        };
        switch (kind) {
            case ControlKind::Axis:
                return least(kSafeAxes, sheet ? sheet->axes : std::nullopt);
            case ControlKind::Button:
                return least(kSafeButtons, sheet ? sheet->buttons : std::nullopt);
            case ControlKind::Hat:
                return least(kMostHats, sheet ? sheet->hats : std::nullopt);
            case ControlKind::Turner:
                break;
        }
        return 0;
    }

    [[nodiscard]] std::optional<Target> freeOf(const std::string& id, ControlKind kind) const
    {
        const auto& device = *findDevice(m_tangle, id);
        const auto layout = layoutOf(device);
        for (std::uint16_t n = 1; n <= limitOf(kind); ++n) {
            const Target place{id, {kind, n}};
            const bool isThere = device.sizing == Sizing::AsNeeded ||
                                 findBy(layout, &VirtualSlot::control, place.control) != nullptr;
            if (isThere && takersOf(m_tangle, place).empty()) return place;
        }
        return std::nullopt;
    }

    Tangle& m_tangle;
    std::vector<std::string> m_devices;
};

/// Leads controls of one controller and notes what came of it.
class Leading
{
 public:
    Leading(Tangle& tangle, const RigController& controller)
        : m_tangle(tangle), m_controller(controller)
    {
    }

    [[nodiscard]] bool isLed(ControlCode control) const
    {
        return std::ranges::any_of(m_tangle.strands, [&](const Strand& strand) {
            return strand.source == Source{m_controller.id, control};
        });
    }

    /// Leads a control to a place; as the other way of what was led there before.
    void lead(ControlCode control, const std::optional<Target>& place)
    {
        const auto taken = place ? takersOf(m_tangle, *place) : std::vector<const Strand*>{};
        auto woven = !place          ? Result<std::string>(std::string())
                     : taken.empty() ? connect(m_tangle, m_controller, control, *place)
                                     : connectOtherWay(m_tangle, std::string(taken.front()->id),
                                                       m_controller, control, *place);
        if (!woven || woven->empty()) {
            m_done.left.push_back(control);
            return;
        }
        fitDevices(m_tangle);
        m_done.strands.push_back(*woven);
    }

    LikeForLike take() { return std::move(m_done); }

 private:
    Tangle& m_tangle;
    const RigController& m_controller;
    LikeForLike m_done;
};

/// What a control is led to: the counts of a dial press two buttons.
ControlKind likeOf(ControlKind kind)
{
    return kind == ControlKind::Turner ? ControlKind::Button : kind;
}

LikeForLike leadInOrder(Tangle& tangle, const RigController& controller,
                        std::vector<std::string> devices)
{
    Supply supply(tangle, std::move(devices));
    Leading leading(tangle, controller);
    for (const auto& control : controller.controls) {
        if (!leading.isLed(control.code))
            leading.lead(control.code, supply.next(likeOf(control.kind)));
    }
    return leading.take();
}

LikeForLike onOwnJoystick(Tangle& tangle, const RigController& controller)
{
    return leadInOrder(tangle, controller, {});
}

LikeForLike onWhatIsFree(Tangle& tangle, const RigController& controller)
{
    std::vector<std::string> devices;
    for (const auto& device : tangle.devices) {
        if (device.kind == VirtualKind::Joystick) devices.push_back(device.id);
    }
    return leadInOrder(tangle, controller, std::move(devices));
}

/// The first gamepad of which nothing is taken; a new one where there is none.
std::string freePad(Tangle& tangle)
{
    for (const auto& device : tangle.devices) {
        const bool isFree = std::ranges::none_of(
            tangle.strands, [&](const Strand& strand) { return leadsToDevice(strand, device.id); });
        if (device.kind == VirtualKind::Gamepad && isFree) return device.id;
    }
    return addDevice(tangle, VirtualKind::Gamepad);
}

/// A control of ours, and the one of a gamepad that it stands for.
struct PadRow {
    ControlCode code;
    VirtualControl place;
};

constexpr VirtualControl padAxis(std::uint16_t n)
{
    return {ControlKind::Axis, n};
}
constexpr VirtualControl padButton(std::uint16_t n)
{
    return {ControlKind::Button, n};
}
constexpr VirtualControl kPadHat{ControlKind::Hat, 1};
constexpr VirtualControl kLeftX = padAxis(1), kLeftY = padAxis(2), kLeftTrigger = padAxis(3),
                         kRightX = padAxis(4), kRightY = padAxis(5), kRightTrigger = padAxis(6);

/// The kernel's pad codes (Documentation/input/gamepad.rst); triggers as axes or as buttons.
constexpr PadRow kPadRows[] = {{{EventType::Abs, ABS_X}, kLeftX},
                               {{EventType::Abs, ABS_Y}, kLeftY},
                               {{EventType::Abs, ABS_RX}, kRightX},
                               {{EventType::Abs, ABS_RY}, kRightY},
                               {{EventType::Abs, ABS_Z}, kLeftTrigger},
                               {{EventType::Abs, ABS_RZ}, kRightTrigger},
                               {{EventType::Abs, ABS_HAT0X}, kPadHat},
                               {{EventType::Key, BTN_SOUTH}, padButton(1)},
                               {{EventType::Key, BTN_EAST}, padButton(2)},
                               {{EventType::Key, 0x133}, padButton(3)},
                               {{EventType::Key, 0x134}, padButton(4)},
                               {{EventType::Key, BTN_TL}, padButton(5)},
                               {{EventType::Key, BTN_TR}, padButton(6)},
                               {{EventType::Key, BTN_SELECT}, padButton(7)},
                               {{EventType::Key, BTN_START}, padButton(8)},
                               {{EventType::Key, BTN_MODE}, padButton(9)},
                               {{EventType::Key, BTN_THUMBL}, padButton(10)},
                               {{EventType::Key, BTN_THUMBR}, padButton(11)},
                               {{EventType::Key, BTN_TL2}, kLeftTrigger},
                               {{EventType::Key, BTN_TR2}, kRightTrigger}};

/// W, A, S and D are the left stick, the arrows the right one; of two keys on one axis the first
/// goes to its low end: left, or up.
constexpr PadRow kKeyRows[] = {
    {{EventType::Key, KEY_A}, kLeftX},           {{EventType::Key, KEY_D}, kLeftX},
    {{EventType::Key, KEY_W}, kLeftY},           {{EventType::Key, KEY_S}, kLeftY},
    {{EventType::Key, KEY_LEFT}, kRightX},       {{EventType::Key, KEY_RIGHT}, kRightX},
    {{EventType::Key, KEY_UP}, kRightY},         {{EventType::Key, KEY_DOWN}, kRightY},
    {{EventType::Key, KEY_Z}, kLeftTrigger},     {{EventType::Key, KEY_X}, kRightTrigger},
    {{EventType::Key, KEY_SPACE}, padButton(1)}, {{EventType::Key, KEY_E}, padButton(2)},
    {{EventType::Key, KEY_R}, padButton(3)},     {{EventType::Key, KEY_F}, padButton(4)},
    {{EventType::Key, KEY_1}, padButton(5)},     {{EventType::Key, KEY_2}, padButton(6)},
    {{EventType::Key, KEY_TAB}, padButton(7)},   {{EventType::Key, KEY_ENTER}, padButton(8)},
    {{EventType::Key, KEY_C}, padButton(10)},    {{EventType::Key, KEY_V}, padButton(11)}};

LikeForLike byRows(Tangle& tangle, const RigController& controller, std::span<const PadRow> rows)
{
    const auto pad = freePad(tangle);
    Leading leading(tangle, controller);
    std::vector<ControlCode> led;
    for (const auto& [code, place] : rows) {
        const auto* control = findControl(controller, code);
        if (!control || leading.isLed(code)) continue;
        led.push_back(code);
        const bool isTwice = place.kind == ControlKind::Axis &&
                             control->kind == ControlKind::Button &&
                             !takersOf(tangle, {pad, place}).empty();
        const bool mayMeet = isTwice && mayRestInMiddle(*findDevice(tangle, pad), place);
        if (!isTwice || mayMeet) leading.lead(code, Target{pad, place});
    }
    for (const auto& control : controller.controls) {
        const bool isDone = std::ranges::find(led, control.code) != led.end();
        if (!isDone && !leading.isLed(control.code)) leading.lead(control.code, std::nullopt);
    }
    return leading.take();
}

/// Whether a pad tells its controls by the kernel's codes for pads.
bool hasPadCodes(const RigController& controller)
{
    return findControl(controller, ControlCode{EventType::Key, BTN_SOUTH}) != nullptr;
}

/// The rows of a cheap pad that tells its buttons as a joystick's: sticks, triggers and buttons in
/// the order in which it has them, as the kernel's pads do.
std::vector<PadRow> rowsInOrder(const RigController& controller)
{
    constexpr std::array kSticks = {kLeftX, kLeftY, kRightX, kRightY};
    constexpr std::array kTriggers = {kLeftTrigger, kRightTrigger};
    constexpr std::uint16_t kFaceAndShoulders = 6, kPadButtons = 11;
    std::vector<PadRow> rows;
    std::size_t sticks = 0, triggers = 0;
    for (const auto& control : controller.controls) {
        if (control.kind == ControlKind::Hat) rows.push_back({control.code, kPadHat});
        if (control.kind != ControlKind::Axis) continue;
        if (control.sides == Sides::Two && sticks < kSticks.size())
            rows.push_back({control.code, kSticks[sticks++]});
        if (control.sides == Sides::One && triggers < kTriggers.size())
            rows.push_back({control.code, kTriggers[triggers++]});
    }
    std::uint16_t place = 0;
    for (const auto& control : controller.controls) {
        if (control.kind != ControlKind::Button) continue;
        if (place == kFaceAndShoulders && triggers < kTriggers.size()) {
            rows.push_back({control.code, kTriggers[triggers++]});
        } else if (place < kPadButtons) {
            rows.push_back({control.code, padButton(++place)});
        }
    }
    return rows;
}

LikeForLike asPad(Tangle& tangle, const RigController& controller)
{
    if (hasPadCodes(controller)) return byRows(tangle, controller, kPadRows);
    return byRows(tangle, controller, rowsInOrder(controller));
}

LikeForLike keysAsPad(Tangle& tangle, const RigController& controller)
{
    return byRows(tangle, controller, kKeyRows);
}

/// The pointer's motion and wheels are axes, its buttons are buttons.
LikeForLike pointerAsStick(Tangle& tangle, const RigController& controller)
{
    Supply supply(tangle, {});
    Leading leading(tangle, controller);
    for (const auto& control : controller.controls) {
        const bool isFine = control.code == ControlCode{EventType::Rel, REL_WHEEL_HI_RES} ||
                            control.code == ControlCode{EventType::Rel, REL_HWHEEL_HI_RES};
        if (isFine || leading.isLed(control.code)) continue;  // it goes with its coarse twin
        const auto kind = control.kind == ControlKind::Turner ? ControlKind::Axis : control.kind;
        leading.lead(control.code, supply.next(kind));
    }
    return leading.take();
}

bool isDesk(const RigController& c)
{
    return c.kind == ControllerKind::Keyboard || c.kind == ControllerKind::Pointer;
}

constexpr LikeWay kWays[] = {
    {"own", words("A virtual joystick of its own"),
     words("As large as it is, its controls in their order."),
     [](const RigController& c) { return !isDesk(c); }, onOwnJoystick},
    {"free", words("What is free"),
     words("The free places of the joysticks that are there, then a new one."),
     [](const RigController& c) { return !isDesk(c); }, onWhatIsFree},
    {"pad", words("A standard gamepad"),
     words("Sticks, triggers, cross and buttons where every game expects them."),
     [](const RigController& c) {
         return c.kind == ControllerKind::Gamepad || c.kind == ControllerKind::Stick;
     },
     asPad},
    {"keys", words("Keys as a gamepad"),
     words("W, A, S, D and the arrows are the sticks, Z and X the triggers, Space and the keys "
           "around are buttons."),
     [](const RigController& c) { return c.kind == ControllerKind::Keyboard; }, keysAsPad},
    {"pointer", words("The pointer as a stick"),
     words("Its motion moves two axes, its wheel a third; buttons are buttons."),
     [](const RigController& c) { return c.kind == ControllerKind::Pointer; }, pointerAsStick},
};

}  // namespace

std::span<const LikeWay> likeWays() noexcept
{
    return kWays;
}

const LikeWay* likeWay(std::string_view key) noexcept
{
    const auto found =
        std::ranges::find_if(kWays, [&](const LikeWay& way) { return way.key == key; });
    return found == std::end(kWays) ? nullptr : found;
}

Result<LikeForLike> leadLikeForLike(Tangle& tangle, const RigController& controller,
                                    const LikeWay& way)
{
    auto changed = tangle;
    auto done = way.weave(changed, controller);
    if (done.strands.empty())
        return fail(Failure::Code::NotThere,
                    say("Nothing of %1 is left that could be led so.", controller.alias),
                    words("Take strands of it away first, or choose another way."));
    tangle = std::move(changed);
    return done;
}

}  // namespace jolly
