// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/button_watch.h"

#include "core/tangle/lookup.h"

namespace jolly::app
{

void ButtonWatch::checkDesk()
{
    std::vector<Seat> seats;
    for (const auto& present : m_feed.session().status().controllers)
        seats.emplace_back(present.firstSlot, present.description.identity);
    if (seats == m_seats) return;
    m_seats = std::move(seats);
    m_series.clear();
    m_isButton.clear();
    for (const auto& present : m_feed.session().status().controllers) {
        const auto& controls = present.description.controls;
        m_isButton.resize(present.firstSlot + controls.size());
        for (std::size_t i = 0; i < controls.size(); ++i)
            m_isButton[present.firstSlot + i] = controls[i].kind == ControlKind::Button;
    }
}

void ButtonWatch::takeMoves()
{
    for (const auto& move : m_feed.session().moves()) {
        if (move.slot >= m_isButton.size() || !m_isButton[move.slot]) continue;
        ++m_changes;
        const auto slot = static_cast<int>(move.slot);
        auto& series = m_series[slot];
        if (series.since == Time{}) {
            series.since = move.time;
            series.wasDown = move.raw == 0;  // it changed, so it was the other way
        }
        series.edges.push_back({move.time, move.raw != 0});
        if (series.edges.size() <= kMostEdges) continue;
        series.since = series.edges.front().time;
        series.wasDown = series.edges.front().isDown;
        series.edges.erase(series.edges.begin());
    }
}

/// Of a button that did nothing yet: it is as it is since the beginning.
ButtonSeries ButtonWatch::seriesAt(int slot) const
{
    const auto found = m_series.find(slot);
    if (found != m_series.end()) return found->second;
    const auto place = static_cast<std::size_t>(slot);
    const auto& slots = m_feed.values().slots;
    ButtonSeries series{.since = m_feed.now()};
    series.wasDown = place < slots.size() && slots[place].raw.x != 0;
    return series;
}

ButtonGuess ButtonWatch::guess(const Source& button) const
{
    const auto* controller = m_feed.controllerOf(button);
    if (!controller || findControl(controller->rig, button.control)->kind != ControlKind::Button)
        return {};
    std::vector<std::size_t> places;
    std::vector<ButtonSeries> series;
    std::size_t asked = 0;
    for (std::size_t i = 0; i < controller->rig.controls.size(); ++i) {
        const auto& control = controller->rig.controls[i];
        if (control.kind != ControlKind::Button || controller->slotOf[i] < 0) continue;
        if (control.code == button.control) asked = places.size();
        places.push_back(i);
        series.push_back(seriesAt(controller->slotOf[i]));
    }
    if (places.empty() || controller->rig.controls[places[asked]].code != button.control) return {};
    auto guess = guessKinds(series, m_feed.now())[asked];
    if (guess.kind == controller->rig.controls[places[asked]].buttonKind) return {};
    for (auto& member : guess.group) member = places[member];
    return guess;
}

}  // namespace jolly::app
