// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_goals.h"
#include "app/pages/thread_route.h"
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

/// From a control to the gutter beside its column; of one that is scrolled away only where that is.
QPolygonF WeavePage::wayFrom(const ControlView& view, const QScrollArea& column) const
{
    constexpr double kBeside = 4.0;
    const auto& plate = *view.parentWidget();
    const QPointF origin = plate.mapTo(this, QPoint(0, 0));
    const bool isLeft = &column == m_left;
    const auto gutter = origin.x() + (isLeft ? plate.width() + kBeside : -kBeside);
    const auto anchor = origin + view.pos() + view.anchor();
    const auto seen = placeOf(view, view.anchor(), column);
    if (std::abs(seen.y() - anchor.y()) > 0.5) return {{QPointF(gutter, seen.y())}};
    ThreadPlace place{QRectF(view.geometry()).translated(origin), anchor, {}, gutter};
    for (const auto* other : plate.findChildren<ControlView*>(Qt::FindDirectChildrenOnly)) {
        if (other != &view && !other->isHidden())
            place.others.push_back(QRectF(other->geometry()).translated(origin));
    }
    return routeToGutter(place);
}

void WeavePage::addThreads(const Strand& strand, bool isFaint, std::vector<Thread>& threads) const
{
    if (!strand.hasSource()) return;
    const auto& source = strand.source;
    const auto* from = m_controllers.viewOf({source.controller, source.control});
    const auto* card = cardOf(strand.id);
    if (!from) return;
    const auto intoCard = [&] { return QPolygonF{placeOf(*card, {0, 24}, *m_middle)}; };
    const auto begin = wayFrom(*from, *m_left);
    if (card) threads.push_back({begin, intoCard(), isFaint, false});
    for (const auto& other : controlsOf(strand)) {  // those that its stages look at
        const auto* view = m_controllers.viewOf({other.controller, other.control});
        if (card && view && other != source)
            threads.push_back({wayFrom(*view, *m_left), intoCard(), true, false});
    }
    for (const auto& end : strand.ends) {
        const auto outOfCard = [&] {
            return QPolygonF{
                placeOf(*card, {card->width() - 1.0, 1.0 * card->rowOf(end.outlet)}, *m_middle)};
        };
        const auto start = card ? outOfCard() : begin;
        const auto* layer = layerOf(end);
        const auto* lamp = layer ? m_layers->lampOf(layer->layer) : nullptr;
        if (lamp)
            threads.push_back(
                {start, {{placeOf(*lamp, {0, lamp->height() / 2.0}, *m_right)}}, isFaint, false});
        const auto* to = m_devices.viewOf(end);
        if (!to) continue;
        auto way = wayFrom(*to, *m_right);
        std::ranges::reverse(way);
        threads.push_back({start, std::move(way), isFaint, false});
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
