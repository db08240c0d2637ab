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
constexpr std::size_t kFew = 4'000;  ///< samples that are surveyed in a moment

}  // namespace

AxisWatch::AxisWatch(Selection& selection, QObject* parent)
    : QObject(parent), m_selection(selection)
{
    connect(&selection.feed(), &LiveFeed::rebuilt, this, &AxisWatch::follow);
    connect(&selection, &Selection::selectionChanged, this, &AxisWatch::follow);
    connect(&selection.feed(), &LiveFeed::moved, this, &AxisWatch::takeMoves);
    follow();
}

/// The selected axis as it is now; none when no axis is selected, or its controller is away.
std::optional<AxisWatch::Watched> AxisWatch::selected() const
{
    const auto& ref = m_selection.selected();
    const auto* controller = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    const auto* control = controller ? findControl(controller->rig, ref->control) : nullptr;
    if (!control || control->kind != ControlKind::Axis) return std::nullopt;
    const int slot =
        controller->slotOf[static_cast<std::size_t>(control - controller->rig.controls.data())];
    const auto* described = describedAt(m_selection.feed().session().status(), slot);
    const auto place = static_cast<std::size_t>(slot);
    const auto& values = m_selection.feed().values().slots;
    if (!described || place >= values.size()) return std::nullopt;
    return Watched{.ref = *ref,
                   .slot = slot,
                   .range = rangeOf(*described, *control),
                   .sides = control->sides,
                   .samples = {{m_selection.feed().now(), values[place].raw.x}}};
}

void AxisWatch::follow()
{
    auto found = selected();
    m_now.reset();
    if (!found) return;
    const auto known = std::ranges::find(m_watched, found->ref, &Watched::ref);
    m_now = static_cast<std::size_t>(known - m_watched.begin());
    if (known == m_watched.end()) return m_watched.push_back(std::move(*found));
    if (known->slot != found->slot) {
        *known = std::move(*found);
        return;
    }
    known->range = found->range;
    known->sides = found->sides;
}

void AxisWatch::takeMoves()
{
    for (const auto& move : m_selection.feed().session().moves()) {
        const auto slot = static_cast<int>(move.slot);
        const auto watched = std::ranges::find(m_watched, slot, &Watched::slot);
        if (watched == m_watched.end() || move.isHatY) continue;
        auto& samples = watched->samples;
        samples.push_back({std::max(move.time, samples.back().time), move.raw});
    }
    for (auto& watched : m_watched) {
        auto& samples = watched.samples;
        if (samples.size() > kMostSamples)
            samples.erase(samples.begin(), samples.end() - kMostSamples);
    }
}

void AxisWatch::forget()
{
    if (m_now) m_watched.erase(m_watched.begin() + static_cast<std::ptrdiff_t>(*m_now));
    follow();
}

AxisRange AxisWatch::range() const
{
    return soundRange(now().range, now().samples);
}

const SidedFindings& AxisWatch::findings()
{
    auto& watched = m_watched[*m_now];
    const auto time = m_selection.feed().now();
    const auto often = static_cast<std::int64_t>(1 + watched.samples.size() / kFew);
    if (time - watched.looked >= kLookEvery * often) {
        watched.looked = time;
        watched.findings = surveyRests(watched.samples, range(), watched.sides, time);
    }
    return watched.findings;
}

}  // namespace jolly::app
