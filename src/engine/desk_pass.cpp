// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/desk_pass.h"

#include "core/tangle/virtual_layout.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::size_t kMostMoves = 256;
constexpr std::size_t kMostPresses = 64;
constexpr std::int32_t kNoSlot = -1;
/// Of one notch of a wheel, in the fine wheel's counts (linux/input-event-codes.h).
constexpr std::int32_t kFineCounts = 120;

/// The ids of these two are not among those that devices of a tangle can get.
constexpr std::uint16_t kKeyboardNumber = 10001;
constexpr std::uint16_t kPointerNumber = 10002;
static_assert(kKeyboardNumber > kMostNumber);

VirtualDevice desk(VirtualKind kind)
{
    const bool isKeyboard = kind == VirtualKind::Keyboard;
    return {.id = isKeyboard ? "desk-keyboard" : "desk-pointer",
            .name = isKeyboard ? "Jolly Tangle desk keyboard" : "Jolly Tangle desk pointer",
            .kind = kind,
            .number = isKeyboard ? kKeyboardNumber : kPointerNumber};
}

std::int32_t slotAt(const std::vector<std::int32_t>& slots, std::uint16_t code) noexcept
{
    return code < slots.size() ? slots[code] : kNoSlot;
}

}  // namespace

DeskPass::DeskPass(World& world)
    : m_world(world), m_keyboard(plan(VirtualKind::Keyboard)), m_pointer(plan(VirtualKind::Pointer))
{
}

DeskPass::Device DeskPass::plan(VirtualKind kind)
{
    const auto described = desk(kind);
    Device device;
    device.spec = {described.name,      kind, idsOf(described), physOf(described),
                   layoutOf(described), {}};
    device.spec.values.assign(device.spec.slots.size(), {});
    device.slotOfKey.assign(KEY_CNT, kNoSlot);
    device.slotOfTurner.assign(REL_CNT, kNoSlot);
    device.presses.reserve(kMostPresses);
    device.frame.reserve(kMostMoves);
    for (std::size_t i = 0; i < device.spec.slots.size(); ++i) {
        const auto code = device.spec.slots[i].code;
        auto& slots = code.type == EventType::Key ? device.slotOfKey : device.slotOfTurner;
        slots[code.code] = static_cast<std::int32_t>(i);
    }
    return device;
}

DeskPass::Device& DeskPass::deviceFor(ControllerKind kind) noexcept
{
    return kind == ControllerKind::Keyboard ? m_keyboard : m_pointer;
}

Fallible DeskPass::open(ControllerKind kind, Time now)
{
    auto& device = deviceFor(kind);
    if (device.readyAt != Time::max()) return {};
    const auto made = m_world.create(device.spec);
    if (!made) return tl::unexpected(made.error());
    device.handle = *made;
    device.readyAt = now + kGettingReady;
    return {};
}

Time DeskPass::readyAt(ControllerKind kind) const noexcept
{
    return kind == ControllerKind::Keyboard ? m_keyboard.readyAt : m_pointer.readyAt;
}

void DeskPass::put(Device& device, std::int32_t slot, std::int32_t value) noexcept
{
    if (slot == kNoSlot || device.frame.size() == device.frame.capacity()) return;
    device.frame.push_back({static_cast<std::uint16_t>(slot), {value, 0}});
}

bool DeskPass::isDown(const Device& device, std::int32_t slot) noexcept
{
    return std::ranges::find(device.presses, slot, &Press::slot) != device.presses.end();
}

/// A key that several keyboards press is pressed once, and let go with the last of them.
void DeskPass::press(Device& device, Press press) noexcept
{
    const bool isKnown = std::ranges::find(device.presses, press) != device.presses.end();
    if (press.slot == kNoSlot || isKnown || device.presses.size() == kMostPresses) return;
    if (!isDown(device, press.slot)) put(device, press.slot, 1);
    device.presses.push_back(press);
}

void DeskPass::release(Device& device, Press press) noexcept
{
    const auto known = std::ranges::find(device.presses, press);
    if (known == device.presses.end()) return;
    device.presses.erase(known);
    if (!isDown(device, press.slot)) put(device, press.slot, 0);
}

/// A pointer without fine wheels gets them: where they are told, the coarse one alone does nothing.
void DeskPass::passTurn(Device& device, const DeckController& controller, std::uint16_t code,
                        std::int32_t counts) noexcept
{
    put(device, slotAt(device.slotOfTurner, code), counts);
    if (code != REL_WHEEL && code != REL_HWHEEL) return;
    const bool isTilt = code == REL_HWHEEL;
    if (isTilt ? controller.hasFineTilt : controller.hasFineWheel) return;
    const std::uint16_t fine = isTilt ? REL_HWHEEL_HI_RES : REL_WHEEL_HI_RES;
    put(device, slotAt(device.slotOfTurner, fine), counts * kFineCounts);
}

void DeskPass::pass(const DeckController& controller, std::span<const RawMove> moves,
                    const Plan& plan) noexcept
{
    const auto kind = controller.kind();
    auto& device = deviceFor(kind);
    if (!isDesk(kind) || device.readyAt == Time::max()) return;
    for (const auto& move : moves) {
        const auto code = controller.seat->description.controls[move.control].code;
        const auto input = controller.seat->inputOf[move.control];
        const bool isMapped = input != SeatedController::kUnbound &&
                              plan.inputs[static_cast<std::uint32_t>(input)].isUsed();
        const Press key{controller.handle(), slotAt(device.slotOfKey, code.code)};
        if (code.type == EventType::Key && move.raw == 0) release(device, key);
        if (code.type == EventType::Key && move.raw != 0 && !isMapped) press(device, key);
        if (code.type == EventType::Rel && !isMapped)
            passTurn(device, controller, code.code, move.raw);
    }
    send(device);
}

void DeskPass::letGo(const DeckController& controller) noexcept
{
    const auto kind = controller.kind();
    if (!isDesk(kind)) return;
    auto& device = deviceFor(kind);
    const auto isOurs = [&](const Press& press) { return press.controller == controller.handle(); };
    for (auto press = std::ranges::find_if(device.presses, isOurs); press != device.presses.end();
         press = std::ranges::find_if(device.presses, isOurs))
        release(device, *press);
    send(device);
}

void DeskPass::send(Device& device) noexcept
{
    if (!device.frame.empty()) static_cast<void>(m_world.write(device.handle, device.frame));
    device.frame.clear();
}

void DeskPass::close(Fleet& fleet, Time now)
{
    for (auto* device : {&m_keyboard, &m_pointer}) {
        if (device->readyAt == Time::max()) continue;
        while (!device->presses.empty()) release(*device, device->presses.front());
        send(*device);
        device->readyAt = Time::max();
        fleet.bidFarewell(device->handle, device->spec, now);
    }
}

}  // namespace jolly
