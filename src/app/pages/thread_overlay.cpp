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

bool isSame(const Thread& a, const Thread& b)
{
    const auto isNear = [](QPointF x, QPointF y) { return (x - y).manhattanLength() < 1.0; };
    return isNear(a.from, b.from) && isNear(a.to, b.to) && a.isFaint == b.isFaint &&
           a.isLoose == b.isLoose;
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
    const qreal bend = std::max(30.0, std::abs(thread.to.x() - thread.from.x()) * 0.5);
    QPainterPath path(thread.from);
    path.cubicTo(thread.from + QPointF(bend, 0), thread.to - QPointF(bend, 0), thread.to);
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
        painter.drawEllipse(thread.from, 3, 3);
        painter.drawEllipse(thread.to, 3, 3);
    }
}

}  // namespace jolly::app
