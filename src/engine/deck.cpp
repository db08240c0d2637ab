// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/deck.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::uint16_t kPanicChord[] = {KEY_LEFTSHIFT, KEY_RIGHTSHIFT, KEY_ESC};

std::optional<std::size_t> placeOf(const ControllerDescription& description, ControlCode code)
{
    const auto& controls = description.controls;
    const auto found = std::ranges::find(controls, code, &ControlDescription::code);
    if (found == controls.end()) return std::nullopt;
    return static_cast<std::size_t>(found - controls.begin());
}

std::vector<std::size_t> panicKeysOf(const ControllerDescription& description)
{
    std::vector<std::size_t> keys;
    for (const auto key : kPanicChord) {
        const auto place = placeOf(description, {EventType::Key, key});
        if (!place) return {};
        keys.push_back(*place);
    }
    return keys;
}

}  // namespace

bool DeckController::isPanicChord() const noexcept
{
    return !panicKeys.empty() &&
           std::ranges::all_of(panicKeys, [this](auto key) { return state[key].x != 0; });
}

bool DeckController::hasPress(const Machine& machine) const noexcept
{
    for (std::size_t i = 0; i < state.size(); ++i) {
        if (info.description.controls[i].kind != ControlKind::Button || state[i].x == 0) continue;
        if (inputOf[i] == kUnbound) return true;
        const auto& control = machine.plan().inputs[static_cast<std::uint32_t>(inputOf[i])].control;
        if (springsBack(control.buttonKind)) return true;
    }
    return false;
}

std::vector<std::uint32_t> DeckController::inputs() const
{
    std::vector<std::uint32_t> bound;
    for (const auto input : inputOf) {
        if (input != kUnbound) bound.push_back(static_cast<std::uint32_t>(input));
    }
    return bound;
}

void Deck::add(Handle handle, const ControllerDescription& description,
               std::span<const Counts> state)
{
    DeckController controller;
    controller.handle = handle;
    controller.info.description = description;
    controller.state.assign(state.begin(), state.end());
    controller.inputOf.assign(state.size(), DeckController::kUnbound);
    controller.panicKeys = panicKeysOf(description);
    controller.hasFineWheel = placeOf(description, {EventType::Rel, REL_WHEEL_HI_RES}).has_value();
    controller.hasFineTilt = placeOf(description, {EventType::Rel, REL_HWHEEL_HI_RES}).has_value();
    m_controllers.push_back(std::move(controller));
}

void Deck::remove(Handle handle)
{
    std::erase_if(m_controllers, [handle](const auto& c) { return c.handle == handle; });
}

std::vector<Binding::Turn> Deck::bind(const WovenTangle& woven, bool isFlying)
{
    std::vector<PresentIdentity> present;
    for (const auto& controller : m_controllers)
        present.push_back({controller.handle, controller.info.description.identity});
    return m_binding.bind(woven.tangle.rig, present, isFlying);
}

void Deck::place(const WovenTangle& woven)
{
    for (auto& controller : m_controllers) {
        controller.info.rig = m_binding.rigOf(controller.handle);
        const auto& controls = controller.info.description.controls;
        for (std::size_t i = 0; i < controls.size(); ++i) {
            controller.inputOf[i] = DeckController::kUnbound;
            if (controller.info.rig == Match::kUnknown) continue;
            const auto input = woven.machine.plan().inputOf(
                static_cast<std::size_t>(controller.info.rig), controls[i].code);
            if (!input || woven.machine.plan().inputs[*input].control.kind != controls[i].kind)
                continue;
            controller.inputOf[i] = static_cast<std::int32_t>(*input);
        }
    }
}

std::vector<SlotMeaning> Deck::layOut(const Plan& plan)
{
    std::vector<SlotMeaning> slots;
    for (const auto& output : plan.outputs) slots.emplace_back(output.place);
    for (auto& controller : m_controllers) {
        controller.info.firstSlot = static_cast<std::uint32_t>(slots.size());
        for (std::uint32_t i = 0; i < controller.state.size(); ++i)
            slots.emplace_back(std::pair(controller.handle, i));
    }
    return slots;
}

DeckController* Deck::find(Handle handle) noexcept
{
    const auto found = std::ranges::find(m_controllers, handle, &DeckController::handle);
    return found == m_controllers.end() ? nullptr : &*found;
}

}  // namespace jolly
