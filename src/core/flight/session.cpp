// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/session.h"

#include <algorithm>

namespace jolly
{

std::vector<std::uint32_t> SeatedController::inputs() const
{
    std::vector<std::uint32_t> bound;
    for (const auto input : inputOf) {
        if (input != kUnbound) bound.push_back(static_cast<std::uint32_t>(input));
    }
    return bound;
}

const SeatedController* Session::find(std::uint32_t number) const noexcept
{
    const auto found = std::ranges::find(m_controllers, number, &SeatedController::number);
    return found == m_controllers.end() ? nullptr : &*found;
}

SeatedController* Session::find(std::uint32_t number) noexcept
{
    return const_cast<SeatedController*>(std::as_const(*this).find(number));
}

std::unique_ptr<WovenTangle> Session::take(std::unique_ptr<WovenTangle> woven, Time now)
{
    loseTurned(bind(woven->tangle), now);
    std::swap(m_woven, woven);
    place();
    for (const auto& controller : m_controllers) prime(controller);
    machine().takeOver(woven->machine, now);
    machine().dropChanges(now);
    return woven;
}

void Session::goLive(Time now)
{
    m_isLive = true;
    machine().reset();
    for (const auto& controller : m_controllers) prime(controller);
    machine().begin(now);
    machine().dropChanges(now);
}

SeatedController& Session::seat(std::uint32_t number, ControllerDescription description,
                                std::vector<Counts> state)
{
    auto& controller = m_controllers.emplace_back();
    controller.number = number;
    controller.description = std::move(description);
    controller.state = std::move(state);
    controller.inputOf.assign(controller.state.size(), SeatedController::kUnbound);
    return controller;
}

void Session::follow(Time now)
{
    const auto turns = bind(tangle());
    loseTurned(turns, now);
    place();
    for (const auto& turn : turns) {
        if (turn.now != Match::kUnknown) prime(*find(turn.number));
    }
    machine().begin(now);
    m_listener.frameOver(now);
}

void Session::leave(std::uint32_t number, Time now)
{
    if (const auto* controller = find(number)) lose(*controller, now);
    std::erase_if(m_controllers, [number](const auto& c) { return c.number == number; });
    follow(now);
}

void Session::tick(Time now) noexcept
{
    machine().tick(now);
    m_listener.frameOver(now);
}

void Session::flip(std::uint32_t layer, Time now) noexcept
{
    machine().flipLayer(layer);
    m_listener.frameOver(now);
}

void Session::fly(std::uint32_t craft, Time now) noexcept
{
    machine().chooseCraft(craft);
    m_listener.frameOver(now);
}

void Session::hold(std::uint32_t output, Counts counts, Time now) noexcept
{
    machine().holdByHand(output, counts, now);
    m_listener.frameOver(now);
}

void Session::letGo(std::uint32_t output, Time now) noexcept
{
    machine().letGo(output, now);
    m_listener.frameOver(now);
}

void Session::lose(const SeatedController& controller, Time now)
{
    machine().lose(controller.inputs(), now);
    m_listener.frameOver(now);
}

/// Controllers that are no longer who they were in the rig.
void Session::loseTurned(std::span<const Binding::Turn> turns, Time now)
{
    for (const auto& turn : turns) {
        if (turn.before != Match::kUnknown) lose(*find(turn.number), now);
    }
}

std::vector<Binding::Turn> Session::bind(const Tangle& tangle)
{
    std::vector<PresentIdentity> present;
    for (const auto& controller : m_controllers)
        present.push_back({controller.number, controller.description.identity});
    return m_binding.bind(tangle.rig, present, m_isLive);
}

/// Finds the controls of those that are bound in the plan.
void Session::place()
{
    for (auto& controller : m_controllers) {
        controller.rig = m_binding.rigOf(controller.number);
        const auto& controls = controller.description.controls;
        for (std::size_t i = 0; i < controls.size(); ++i) {
            controller.inputOf[i] = SeatedController::kUnbound;
            if (controller.rig == Match::kUnknown) continue;
            const auto input =
                plan().inputOf(static_cast<std::size_t>(controller.rig), controls[i].code);
            if (input && plan().inputs[*input].control.kind == controls[i].kind)
                controller.inputOf[i] = static_cast<std::int32_t>(*input);
        }
    }
}

/// Lets the machine take the controls as they stand.
void Session::prime(const SeatedController& controller)
{
    for (std::size_t i = 0; i < controller.state.size(); ++i) {
        const auto input = controller.inputOf[i];
        if (input == SeatedController::kUnbound) continue;
        machine().prime(static_cast<std::uint32_t>(input), controller.state[i]);
    }
}

}  // namespace jolly
