// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/axis_watch.h"

#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr std::size_t kMostSamples = 60'000;
constexpr Time kLookEvery = std::chrono::milliseconds(250);

}  // namespace

void AxisWatch::follow()
{
    const auto& ref = m_studio.selected();
    const auto* controller = ref ? m_studio.controllerOf(*ref) : nullptr;
    const auto* control = controller ? findControl(controller->rig, ref->code) : nullptr;
    if (!control || control->kind != ControlKind::Axis) return m_watched.reset();
    const int slot =
        controller->slotOf[static_cast<std::size_t>(control - controller->rig.controls.data())];
    const auto* described = describedAt(m_studio.session().status(), slot);
    const auto place = static_cast<std::size_t>(slot);
    if (!described || place >= m_studio.values().slots.size()) return m_watched.reset();
    const auto range = rangeOf(*described, *control);
    if (m_watched && m_watched->ref == *ref && m_watched->slot == slot) {
        m_watched->range = range;
        m_watched->sides = control->sides;
        return;
    }
    m_watched = Watched{
        *ref, slot, range, control->sides, {{m_studio.now(), m_studio.values().slots[place].raw.x}},
        {},   {}};
}

void AxisWatch::takeMoves()
{
    if (!isWatching()) return;
    auto& samples = m_watched->samples;
    for (const auto& move : m_studio.session().moves()) {
        if (static_cast<int>(move.slot) != m_watched->slot || move.isHatY) continue;
        samples.push_back({std::max(move.time, samples.back().time), move.raw});
    }
    if (samples.size() > kMostSamples) samples.erase(samples.begin(), samples.end() - kMostSamples);
}

void AxisWatch::forget()
{
    m_watched.reset();
    follow();
}

AxisRange AxisWatch::range() const
{
    return soundRange(m_watched->range, m_watched->samples);
}

const SidedFindings& AxisWatch::findings()
{
    const auto time = m_studio.now();
    if (time - m_watched->looked >= kLookEvery) {
        m_watched->looked = time;
        m_watched->findings = surveyRests(m_watched->samples, range(), m_watched->sides, time);
    }
    return m_watched->findings;
}

}  // namespace jolly::app
