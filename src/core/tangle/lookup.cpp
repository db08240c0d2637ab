// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/lookup.h"

#include "core/tangle/virtual_layout.h"

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

std::string nameOf(const RigController& controller, const RigControl& control)
{
    if (!control.label.empty()) return control.label;
    std::size_t number = 0;
    for (const auto& other : controller.controls) {
        if (other.kind == control.kind) ++number;
        if (&other == &control) break;
    }
    auto text = toText(control.code);
    switch (control.kind) {
        case ControlKind::Axis:
            return "axis " + text.substr(text.find('_') + 1);
        case ControlKind::Button:
            return "button " + std::to_string(number);
        case ControlKind::Hat:
            return "hat " + std::to_string(number);
        case ControlKind::Turner:
            return "turner " + text.substr(text.find('_') + 1);
    }
    return text;
}

std::string nameOf(const VirtualDevice& device, VirtualControl control)
{
    const auto axis = control.kind == ControlKind::Axis ? axisName(device.kind, control.number)
                                                        : std::string_view{};
    return axis.empty() ? toText(control) : std::string(axis);
}

}  // namespace jolly
