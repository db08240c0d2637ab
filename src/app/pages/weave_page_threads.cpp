// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_goals.h"
#include "app/pages/weave_page.h"
#include "core/tangle/signals.h"

#include <algorithm>

/// The threads from controls through strands to virtual controls.
namespace jolly::app
{

QPointF WeavePage::placeOf(const QWidget& widget, QPointF anchor, const QScrollArea& column) const
{
    auto place = QPointF(widget.mapTo(this, QPoint(0, 0))) + anchor;
    const QRectF seen(column.geometry());
    place.setY(std::clamp(place.y(), seen.top() + 2, seen.bottom() - 2));
    return place;
}

void WeavePage::addThreads(const Strand& strand, bool isFaint, std::vector<Thread>& threads) const
{
    if (!strand.hasSource()) return;
    const auto& source = strand.source;
    const auto* from = m_controllers.viewOf({source.controller, source.control});
    const auto* card = cardOf(strand.id);
    if (!from) return;
    const auto begin = placeOf(*from, from->anchor(), *m_left);
    if (card) threads.push_back({begin, placeOf(*card, {0, 24}, *m_middle), isFaint, false});
    for (const auto& other : controlsOf(strand)) {  // those that its stages look at
        const auto* view = m_controllers.viewOf({other.controller, other.control});
        if (card && view && other != source)
            threads.push_back({placeOf(*view, view->anchor(), *m_left),
                               placeOf(*card, {0, 24}, *m_middle), true, false});
    }
    for (const auto& end : strand.ends) {
        const auto start =
            card ? placeOf(*card, {card->width() - 1.0, 1.0 * card->rowOf(end.outlet)}, *m_middle)
                 : begin;
        const auto* layer = std::get_if<LayerGoal>(&end.goal);
        const auto* lamp = layer ? m_layers->lampOf(layer->layer) : nullptr;
        const auto* to = m_devices.viewOf(end);
        if (lamp)
            threads.push_back(
                {start, placeOf(*lamp, {0, lamp->height() / 2.0}, *m_right), isFaint, false});
        if (to) threads.push_back({start, placeOf(*to, to->anchor(), *m_right), isFaint, false});
    }
}

void WeavePage::placeThreads()
{
    std::vector<Thread> threads;
    for (const auto& strand : m_studio.tangle().strands) {
        if (!strand.hasSource() || !m_studio.stance().isOurs(strand)) continue;
        const bool isShown = cardOf(strand.id) != nullptr;
        const bool isHere = isShown && strand.layer == m_studio.stance().footing().layer;
        if (isShown || m_showsAll) addThreads(strand, !isHere, threads);
    }
    if (m_loose) threads.push_back(*m_loose);
    m_threads->setThreads(std::move(threads));
}

void WeavePage::setShowsAllThreads(bool showsAll)
{
    m_showsAll = showsAll;
    placeThreads();
}

}  // namespace jolly::app
