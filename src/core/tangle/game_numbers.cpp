// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/game_numbers.h"

#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

std::size_t countOf(const std::vector<VirtualSlot>& layout, ControlKind kind)
{
    return static_cast<std::size_t>(std::ranges::count_if(
        layout, [kind](const auto& slot) { return slot.control.kind == kind; }));
}

/// SDL 2.26 looks up whether an axis is half of a hat in a list that ends after four: with a second
/// hat it takes these two for halves of hats and drops them.
bool isLostInSdl(const std::vector<VirtualSlot>& layout, const VirtualSlot& slot)
{
    const bool isLate = slot.code.type == EventType::Abs &&
                        (slot.code.code == ABS_GAS || slot.code.code == ABS_BRAKE);
    return isLate && countOf(layout, ControlKind::Hat) >= 2;
}

std::optional<unsigned> inJoydev(const std::vector<VirtualSlot>& layout, const VirtualSlot& slot)
{
    const unsigned number = slot.control.number - 1U;
    if (slot.control.kind != ControlKind::Hat) return number;
    return static_cast<unsigned>(countOf(layout, ControlKind::Axis)) + 2 * number;
}

std::optional<unsigned> inWindowsLayer(const std::vector<VirtualSlot>& layout,
                                       const VirtualSlot& slot)
{
    const auto number = slot.control.number;
    if (countOf(layout, ControlKind::Axis) == 0) return std::nullopt;
    if (slot.control.kind == ControlKind::Axis)
        return number <= kSafeAxes ? std::optional(number - 1U) : std::nullopt;
    if (slot.control.kind == ControlKind::Hat && number > kSafeHats) return std::nullopt;
    return number;
}

}  // namespace

std::optional<unsigned> gameNumber(const VirtualDevice& device, VirtualControl control,
                                   Reader reader)
{
    if (device.kind == VirtualKind::Keyboard || device.kind == VirtualKind::Pointer)
        return std::nullopt;
    const auto layout = layoutOf(device);
    const auto* slot = findBy(layout, &VirtualSlot::control, control);
    if (!slot) return std::nullopt;
    switch (reader) {
        case Reader::Sdl:
            if (isLostInSdl(layout, *slot)) return std::nullopt;
            return control.number - 1U;
        case Reader::Joydev:
            return inJoydev(layout, *slot);
        case Reader::WindowsLayer:
            return inWindowsLayer(layout, *slot);
    }
    return std::nullopt;
}

}  // namespace jolly
