// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/lookup.h"

#include "core/tangle/key_names.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

VirtualSettings settingsOf(const VirtualDevice& device, VirtualControl control)
{
    if (const auto* settings = findBy(device.settings, &VirtualSettings::control, control)) {
        return *settings;
    }
    VirtualSettings plain;
    plain.control = control;
    return plain;
}

std::optional<std::pair<std::size_t, std::size_t>> switchAt(const RigController& controller,
                                                            ControlCode button)
{
    for (std::size_t s = 0; s < controller.switches.size(); ++s) {
        const auto& positions = controller.switches[s].positions;
        const auto found = std::ranges::find(positions, button, &SwitchPosition::button);
        if (found != positions.end())
            return std::pair(s, static_cast<std::size_t>(found - positions.begin()));
    }
    return std::nullopt;
}

Sentence nameOf(const RigController& controller, const RigControl& control)
{
    if (!control.label.empty()) return control.label;
    if (const auto at = switchAt(controller, control.code)) {
        const auto& of = controller.switches[at->first];
        return say("%1: %2", of.name, of.positions[at->second].name);
    }
    if (!control.role.empty()) return Sentence::ourWord(control.role);
    if (controller.kind == ControllerKind::Keyboard && control.kind == ControlKind::Button)
        return keyName(control.code);
    if (controller.kind == ControllerKind::Gamepad) {
        if (const auto name = gamepadName(control.code); !name.empty()) return name;
    }
    std::size_t number = 0;
    for (const auto& other : controller.controls) {
        if (other.kind == control.kind) ++number;
        if (&other == &control) break;
    }
    if (control.kind == ControlKind::Button || control.kind == ControlKind::Hat)
        return controlName(control.kind, number);
    return controlName(control.kind, shortTextOf(control.code));
}

}  // namespace jolly
