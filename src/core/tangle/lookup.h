// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <optional>
#include <string>
#include <string_view>
#include <utility>

namespace jolly
{

/// The first of `items` whose `field` equals `key`; null when there is none. Works on const and
/// mutable lists.
template <class Items, class Field, class Key>
[[nodiscard]] auto* findBy(Items& items, Field field, const Key& key)
{
    for (auto& item : items) {
        if (item.*field == key) return &item;
    }
    return static_cast<decltype(&*items.begin())>(nullptr);
}

/// What a pilot means by a name: the item with that id, else with that name; null for none.
template <class Items>
[[nodiscard]] auto* findNamed(Items& items, const std::string& name)
{
    auto* found = findBy(items, &Items::value_type::id, name);
    return found ? found : findBy(items, &Items::value_type::name, name);
}

template <class T>
[[nodiscard]] auto* findController(T& tangle, std::string_view id)
{
    return findBy(tangle.rig, &RigController::id, id);
}

template <class C>
[[nodiscard]] auto* findControl(C& controller, ControlCode code)
{
    return findBy(controller.controls, &RigControl::code, code);
}

/// The control that a source names; null when the rig does not have it.
template <class T>
[[nodiscard]] auto* findControl(T& tangle, const Source& source)
{
    auto* controller = findController(tangle, source.controller);
    return controller ? findControl(*controller, source.control)
                      : static_cast<decltype(findControl(*controller, source.control))>(nullptr);
}

template <class T>
[[nodiscard]] auto* findDevice(T& tangle, std::string_view id)
{
    return findBy(tangle.devices, &VirtualDevice::id, id);
}

template <class T>
[[nodiscard]] auto* findStrand(T& tangle, std::string_view id)
{
    return findBy(tangle.strands, &Strand::id, id);
}

/// The settings of a virtual control; the defaults where the tangle says nothing of it.
[[nodiscard]] VirtualSettings settingsOf(const VirtualDevice& device, VirtualControl control);

/// The switch and position of which a button is, as places in the rig; empty when it is of none.
[[nodiscard]] std::optional<std::pair<std::size_t, std::size_t>> switchAt(
    const RigController& controller, ControlCode button);

/// The name of a control for reading: its label, else the position of its switch ("Fuel: left"),
/// else its role, else "axis X", "button 3", "hat 1", "turner DIAL".
/// Buttons are counted in the order of the controller.
[[nodiscard]] Sentence nameOf(const RigController& controller, const RigControl& control);

}  // namespace jolly
