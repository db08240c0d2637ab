// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/touch_finder.h"

#include <cmath>

namespace jolly::app
{

namespace
{

/// A press is louder than any half travel of an axis.
constexpr double kPress = 0.6;

}  // namespace

double TouchFinder::loudness(const RigControl& control, const LiveValue& before,
                             const LiveValue& now)
{
    switch (control.kind) {
        case ControlKind::Axis: {
            const double travel = control.sides == Sides::Two ? 2.0 : 1.0;
            return std::abs(now.value - before.value) / travel;
        }
        case ControlKind::Button:
            return now.moves != before.moves && now.raw.x != 0 ? kPress : 0.0;
        default:
            return now.moves != before.moves ? kPress : 0.0;
    }
}

bool TouchFinder::onlyShakes(const RigControl& control, std::size_t slot,
                             const LiveSnapshot& values, Time now) const
{
    if (control.kind != ControlKind::Axis) return false;
    double way = 0.0;
    for (std::size_t i = 0; i < m_past.size(); ++i) {
        const auto& next = i + 1 < m_past.size() ? m_past[i + 1].slots[slot] : values.slots[slot];
        way += std::abs(next.value - m_past[i].slots[slot].value);
    }
    const double came = std::abs(values.slots[slot].value - m_past.front().slots[slot].value);
    const double travel = control.sides == Sides::Two ? 2.0 : 1.0;
    if (now - m_past.front().time < kLeastWatched && came < kFar * travel) return true;
    return way > kShaking * came;
}

std::optional<Source> TouchFinder::look(const Desk& desk, const LiveSnapshot& values, Time now)
{
    while (m_past.size() > 1 && m_past.front().time < now - kWindow) m_past.pop_front();
    std::optional<Source> loudest;
    double most = m_loud;
    if (!m_past.empty() && m_past.front().slots.size() == values.slots.size()) {
        for (const auto& controller : desk.controllers) {
            for (std::size_t i = 0; i < controller.slotOf.size(); ++i) {
                if (controller.slotOf[i] < 0) continue;
                const auto slot = static_cast<std::size_t>(controller.slotOf[i]);
                if (slot >= values.slots.size()) continue;
                const auto& control = controller.rig.controls[i];
                const double loud =
                    loudness(control, m_past.front().slots[slot], values.slots[slot]);
                if (loud <= most || onlyShakes(control, slot, values, now)) continue;
                most = loud;
                loudest = Source{controller.rig.id, control.code};
            }
        }
    } else {
        m_past.clear();
    }
    if (loudest) m_past.clear();
    m_past.push_back({now, values.slots});
    return loudest;
}

}  // namespace jolly::app
