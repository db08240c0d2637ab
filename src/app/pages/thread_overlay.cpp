// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/thread_overlay.h"

#include "app/style/palette.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr qreal kBend = 6.0;  ///< of a corner

bool isSame(const Thread& a, const Thread& b)
{
    const auto isNear = [](QPointF x, QPointF y) { return (x - y).manhattanLength() < 1.0; };
    return std::ranges::equal(a.from, b.from, isNear) && std::ranges::equal(a.to, b.to, isNear) &&
           a.isFaint == b.isFaint && a.isLoose == b.isLoose;
}

/// On from where the path is through these points; its corners are round.
void lead(QPainterPath& path, const QPolygonF& points)
{
    for (qsizetype i = 1; i < points.size(); ++i) {
        const auto& to = points[i];
        if (i + 1 == points.size()) return path.lineTo(to);
        const QLineF before(to, points[i - 1]);
        const QLineF after(to, points[i + 1]);
        const auto bend = std::min({kBend, before.length() / 2, after.length() / 2});
        path.lineTo(before.pointAt(bend / std::max(1.0, before.length())));
        path.quadTo(to, after.pointAt(bend / std::max(1.0, after.length())));
    }
}

}  // namespace

ThreadOverlay::ThreadOverlay(QWidget* parent) : QWidget(parent)
{
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setAttribute(Qt::WA_NoSystemBackground);
    setObjectName(QStringLiteral("threads"));
}

QPainterPath ThreadOverlay::pathOf(const Thread& thread)
{
    const auto& from = thread.from.back();
    const auto& to = thread.to.front();
    const qreal bend = std::max(30.0, std::abs(to.x() - from.x()) * 0.5);
    QPainterPath path(thread.from.front());
    lead(path, thread.from);
    path.cubicTo(from + QPointF(bend, 0), to - QPointF(bend, 0), to);
    lead(path, thread.to);
    return path;
}

QRegion ThreadOverlay::regionOf(const std::vector<Thread>& threads) const
{
    QRegion region;
    for (const auto& thread : threads)
        region += pathOf(thread).boundingRect().toAlignedRect().adjusted(-8, -8, 8, 8);
    return region;
}

void ThreadOverlay::setThreads(std::vector<Thread> threads)
{
    if (std::ranges::equal(threads, m_threads, isSame)) return;
    const auto region = regionOf(m_threads) + regionOf(threads);
    m_threads = std::move(threads);
    setVisible(!m_threads.empty());  // else it takes part in every repaint beneath it
    update(region);
}

void ThreadOverlay::paintEvent(QPaintEvent*)
{
    if (m_threads.empty()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& thread : m_threads) {
        auto colour = jolly::app::palette().straw;
        if (thread.isFaint) colour.setAlphaF(0.28F);
        QPen pen(colour, thread.isFaint ? 1.2 : 2.4, thread.isLoose ? Qt::DashLine : Qt::SolidLine,
                 Qt::RoundCap);
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(pathOf(thread));
        if (thread.isFaint) continue;
        painter.setPen(Qt::NoPen);
        painter.setBrush(colour);
        painter.drawEllipse(thread.from.front(), 3, 3);
        painter.drawEllipse(thread.to.back(), 3, 3);
    }
}

}  // namespace jolly::app
