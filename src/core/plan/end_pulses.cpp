// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/end_pulses.h"

namespace jolly
{

EndPulses::EndPulses(const Plan& plan) : m_plan(plan), m_links(plan.links.size())
{
    reset();
}

void EndPulses::reset() noexcept
{
    for (std::uint32_t link = 0; link < m_links.size(); ++link) lose(link);
}

Value EndPulses::pass(std::uint32_t link, Value value, Time now, Cause cause) noexcept
{
    const auto how = m_plan.links[link].how;
    auto& state = m_links[link];
    const bool isPressed = value.isPressed();
    const bool isEdge = isPressed != state.wasPressed && cause != Cause::Priming;
    state.wasPressed = isPressed;
    if (isEdge && how != (isPressed ? How::PulseAtRelease : How::Pulse)) state.pulses.add(1);
    state.pulses.run(now);
    return {state.pulses.pressed() != 0 ? 1.0 : 0.0, 0.0};
}

void EndPulses::lose(std::uint32_t link) noexcept
{
    m_links[link] = {Pulses(m_plan.links[link].pulse)};
}

void EndPulses::keep(std::uint32_t link, const EndPulses& previous, std::uint32_t old) noexcept
{
    const auto how = m_plan.links[link].how;
    if (how == How::Held || how != previous.m_plan.links[old].how) return;
    m_links[link].pulses.continueFrom(previous.m_links[old].pulses);
    m_links[link].wasPressed = previous.m_links[old].wasPressed;
}

}  // namespace jolly
