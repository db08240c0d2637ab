// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/desk.h"
#include "app/style/qt_text.h"

#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/matching.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

/// Where each of `controls` is in the live block.
std::vector<int> slotsOf(const RigController& rig, const PresentController& present)
{
    std::vector<int> slots;
    for (const auto& control : rig.controls) {
        const auto& there = present.description.controls;
        const auto found = std::ranges::find(there, control.code, &ControlDescription::code);
        slots.push_back(found == there.end() ? -1
                                             : static_cast<int>(present.firstSlot) +
                                                   static_cast<int>(found - there.begin()));
    }
    return slots;
}

DeskController deskController(const RigController& rig, const PresentController* present)
{
    DeskController controller;
    controller.rig = rig;
    controller.port = toQt(present ? present->description.identity.phys : rig.identity.phys);
    controller.slotOf.assign(rig.controls.size(), -1);
    if (!present) return controller;
    controller.isPresent = true;
    controller.isReadSo = present->rig != Match::kUnknown;
    controller.hold = present->hold;
    controller.slotOf = slotsOf(rig, *present);
    return controller;
}

/// For each present controller its place in the rig, or Match::kUnknown: what the engine says, and
/// for those of which it says nothing what it will say once it has heard of this rig.
std::vector<int> rigOfPresent(const Tangle& tangle, const EngineStatus& status)
{
    std::vector<int> rigOf;
    std::vector<Identity> present;
    for (const auto& controller : status.controllers) {
        const bool isKnown =
            controller.rig >= 0 && static_cast<std::size_t>(controller.rig) < tangle.rig.size();
        rigOf.push_back(isKnown ? controller.rig : Match::kUnknown);
        present.push_back(controller.description.identity);
    }
    const bool hasUnknown = std::ranges::find(rigOf, Match::kUnknown) != rigOf.end();
    return hasUnknown ? matchRig(tangle.rig, present, rigOf).rigOf : rigOf;
}

Value valueAt(int slot, ControlKind kind, const LiveSnapshot& values)
{
    if (slot < 0 || static_cast<std::size_t>(slot) >= values.slots.size()) return {};
    const auto& live = values.slots[static_cast<std::size_t>(slot)];
    if (kind == ControlKind::Hat)
        return {static_cast<double>(live.raw.x), static_cast<double>(live.raw.y)};
    return {live.value, 0.0};
}

}  // namespace

const DeskController* Desk::find(const std::string& controller) const
{
    const auto found =
        std::ranges::find_if(controllers, [&](const auto& c) { return c.rig.id == controller; });
    return found == controllers.end() ? nullptr : &*found;
}

void Desk::keepOrderOf(const Desk& before)
{
    const auto placeOf = [&](const DeskController& controller) {
        const auto& there = before.controllers;
        return std::ranges::find_if(there,
                                    [&](const auto& c) { return c.rig.id == controller.rig.id; }) -
               there.begin();
    };
    std::ranges::stable_sort(controllers, {}, placeOf);
}

Value Desk::valueOf(const DeskController& controller, std::size_t control,
                    const LiveSnapshot& values) const
{
    const auto& known = controller.rig.controls[control];
    const int slot = controller.slotOf[control];
    const auto value = valueAt(slot, known.kind, values);
    const bool isThere = slot >= 0 && static_cast<std::size_t>(slot) < values.slots.size();
    if (controller.isReadSo || known.kind != ControlKind::Axis || !isThere) return value;
    const auto raw = values.slots[static_cast<std::size_t>(slot)].raw.x;
    return {known.calibration.valueOf(raw, known.sides), 0.0};
}

Value Desk::valueOf(const DeskDevice& device, std::size_t slot, const LiveSnapshot& values) const
{
    if (device.firstSlot < 0) return {};
    return valueAt(device.firstSlot + static_cast<int>(slot), device.layout[slot].control.kind,
                   values);
}

Desk makeDesk(const Tangle& tangle, const EngineStatus& status)
{
    Desk desk;
    const auto rigOf = rigOfPresent(tangle, status);
    for (std::size_t r = 0; r < tangle.rig.size(); ++r) {
        const auto place = std::ranges::find(rigOf, static_cast<int>(r)) - rigOf.begin();
        auto controller = deskController(
            tangle.rig[r], place == std::ssize(rigOf)
                               ? nullptr
                               : &status.controllers[static_cast<std::size_t>(place)]);
        controller.isKnown = true;
        const auto doubt = std::ranges::find(status.doubts, r, &Doubt::rig);
        if (doubt != status.doubts.end()) controller.candidates = doubt->candidates;
        desk.controllers.push_back(std::move(controller));
    }
    std::optional<Tangle> known;  // what is adopted has a name and an id beside all others
    for (std::size_t p = 0; p < status.controllers.size(); ++p) {
        const auto& present = status.controllers[p];
        if (rigOf[p] != Match::kUnknown) continue;
        if (!known) known = withoutStrands(tangle);
        known->rig.push_back(adopt(present.description, *known));
        desk.controllers.push_back(deskController(known->rig.back(), &present));
    }
    for (const auto& device : tangle.devices) {
        const auto there = std::ranges::find(status.devices, device.id, &PresentDevice::id);
        const bool isKnown = there != status.devices.end();
        desk.devices.push_back({device, layoutOf(device), isKnown && there->isThere,
                                isKnown ? static_cast<int>(there->firstSlot) : -1});
    }
    return desk;
}

const PresentController* presentAt(const EngineStatus& status, int slot)
{
    const auto has = [slot](const PresentController& present) {
        const auto first = static_cast<int>(present.firstSlot);
        return slot >= first &&
               slot < first + static_cast<int>(present.description.controls.size());
    };
    const auto found = std::ranges::find_if(status.controllers, has);
    return found == status.controllers.end() ? nullptr : &*found;
}

const ControlDescription* describedAt(const EngineStatus& status, int slot)
{
    const auto* present = presentAt(status, slot);
    return present
               ? &present->description.controls[static_cast<std::size_t>(slot) - present->firstSlot]
               : nullptr;
}

AxisRange rangeOf(const ControlDescription& described, const RigControl& axis)
{
    return {described.low, described.high,
            axis.sides == Sides::Two ? axis.calibration.centre : described.low};
}

}  // namespace jolly::app
