// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/classify.h"

#include <linux/input-event-codes.h>

namespace jolly
{

namespace
{

struct Range {
    unsigned first;
    unsigned last;
};

bool hasAny(const Capabilities& c, EventType type, Range range)
{
    for (unsigned code = range.first; code <= range.last; ++code) {
        if (c.has(type, code)) return true;
    }
    return false;
}

bool isTouchOrTablet(const Capabilities& c)
{
    return c.hasProperty(INPUT_PROP_DIRECT) || c.hasProperty(INPUT_PROP_ACCELEROMETER) ||
           hasAny(c, EventType::Abs, {ABS_MT_SLOT, ABS_MAX}) ||
           hasAny(c, EventType::Key, {BTN_TOOL_PEN, BTN_TOOL_QUADTAP});
}

bool isKeyboard(const Capabilities& c)
{
    for (unsigned code = KEY_ESC; code <= KEY_S; ++code) {
        if (!c.has(EventType::Key, code)) return false;
    }
    return true;
}

bool isPointer(const Capabilities& c)
{
    return c.has(EventType::Key, BTN_LEFT) && c.has(EventType::Rel, REL_X) &&
           c.has(EventType::Rel, REL_Y);
}

bool hasControllerControls(const Capabilities& c)
{
    constexpr Range kButtons[] = {{BTN_MISC, BTN_9},
                                  {BTN_JOYSTICK, BTN_THUMBR},
                                  {0x150, 0x15f},
                                  {BTN_DPAD_UP, 0x22f},
                                  {BTN_TRIGGER_HAPPY, 0x2ff}};
    for (const auto& range : kButtons) {
        if (hasAny(c, EventType::Key, range)) return true;
    }
    return hasAny(c, EventType::Abs, {ABS_X, ABS_HAT3Y});
}

}  // namespace

std::optional<ControllerKind> classify(const Capabilities& c)
{
    if (isTouchOrTablet(c)) return std::nullopt;
    if (isKeyboard(c)) return ControllerKind::Keyboard;
    if (isPointer(c)) return ControllerKind::Pointer;
    if (!hasControllerControls(c)) return std::nullopt;
    return c.has(EventType::Key, BTN_GAMEPAD) ? ControllerKind::Gamepad : ControllerKind::Stick;
}

}  // namespace jolly
