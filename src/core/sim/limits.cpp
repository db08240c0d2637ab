// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sim/limits.h"

#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <limits>

namespace jolly
{

namespace
{

std::uint16_t least(std::optional<std::uint16_t> limit, std::uint16_t most) noexcept
{
    return std::min(limit.value_or(most), most);
}

std::uint16_t ofGamepad(ControlKind control)
{
    const auto layout = layoutOf({.kind = VirtualKind::Gamepad});
    return static_cast<std::uint16_t>(std::ranges::count_if(
        layout, [control](const auto& slot) { return slot.control.kind == control; }));
}

}  // namespace

bool looksAt(const SimSheet& sheet, const VirtualDevice& device) noexcept
{
    return device.kind == VirtualKind::Gamepad ||
           (device.kind == VirtualKind::Joystick && !sheet.isGamepadOnly);
}

std::uint16_t mostOf(const SimSheet& sheet, VirtualKind device, ControlKind control) noexcept
{
    const bool isPad = device == VirtualKind::Gamepad;
    switch (control) {
        case ControlKind::Axis:
            return least(sheet.axes, isPad ? ofGamepad(control) : kMostAxes);
        case ControlKind::Button:
            return least(sheet.buttons, isPad ? ofGamepad(control) : kMostButtons);
        case ControlKind::Hat:
            return least(sheet.hats, isPad ? ofGamepad(control) : kMostHats);
        case ControlKind::Turner:
            break;
    }
    return 0;
}

std::vector<Target> usedPlaces(const Tangle& tangle)
{
    std::vector<Target> places;
    for (const auto& device : tangle.devices) {
        if (!device.isForGames()) continue;
        std::vector<Target> here;
        for (const auto& strand : tangle.strands) {
            for (const auto& target : targetsOf(strand)) {
                if (target.device == device.id) here.push_back(target);
            }
        }
        std::ranges::sort(here, {}, &Target::control);
        const auto twice = std::ranges::unique(here);
        places.insert(places.end(), here.begin(), twice.begin());
    }
    return places;
}

}  // namespace jolly
