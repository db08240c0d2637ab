// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/press_line.h"

#include "app/strands/stage_values.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr double kBase = 28.0;     ///< the line itself
constexpr double kHeight = 13.0;   ///< of a press on it
constexpr double kPress = 14.0;    ///< width of a short press
constexpr double kShown = 1200.0;  ///< ms that a third of the line has room for
constexpr double kReach = 8.0;
constexpr double kStep = 10.0;  ///< a drag goes in steps of so many ms

struct Limits {
    double low;
    double high;
};

/// As the fields of the stage have them, but no further than there is room for.
constexpr Limits kLongLimits{50.0, 1100.0};
constexpr Limits kTwiceLimits{50.0, 1000.0};

}  // namespace

PressLine::PressLine(QWidget* parent) : OutletPicture(parent)
{
    setObjectName(QStringLiteral("press line"));
    setAccessibleName(
        tr("Short, long and twice on a line of time; the times can be dragged, or "
           "set in the stage"));
    setToolTip(tr("Drag the marks: when a press is long, and how soon a second one has to come."));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setMouseTracking(true);
}

void PressLine::setStage(const Stage& stage)
{
    m_longAfter = fieldOf<double>(stage, "longAfter");
    m_twiceWithin = fieldOf<double>(stage, "twiceWithin");
    update();
}

double PressLine::third(int kind) const
{
    return 4.0 + (width() - 8.0) * kind / 3.0;
}

QPointF PressLine::placeOf(Grip grip) const
{
    const double room = (width() - 8.0) / 3.0 - 2.0 * kPress - 8.0;
    const auto along = [&](double ms) { return room * std::min(ms, kShown) / kShown; };
    if (grip == Grip::Long) return {third(1) + along(m_longAfter), kBase - kHeight / 2.0};
    return {third(2) + kPress + along(m_twiceWithin), kBase - kHeight / 2.0};
}

void PressLine::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen({app::palette().line, 1.0});
    painter.drawLine(QPointF(0, kBase), QPointF(width(), kBase));
    const auto drawPress = [&](std::size_t outlet, double from, double to) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(isPressed(outlet) ? app::palette().straw : app::palette().slate);
        painter.drawRoundedRect(QRectF(from, kBase - kHeight, to - from, kHeight), 2.0, 2.0);
    };
    const auto longAt = placeOf(Grip::Long);
    const auto twiceAt = placeOf(Grip::Twice);
    drawPress(0, third(0), third(0) + kPress);
    drawPress(1, third(1), longAt.x() + kPress);
    drawPress(2, third(2), third(2) + kPress);
    drawPress(2, twiceAt.x(), twiceAt.x() + kPress);
    painter.setPen({app::palette().strong, 2.0});
    for (const auto& mark : {longAt, twiceAt})
        painter.drawLine(QPointF(mark.x(), kBase - kHeight - 4.0), QPointF(mark.x(), kBase + 4.0));
    painter.setFont(textFont(TextSize::Small));
    const QString words[] = {tr("short"),
                             tr("longer than %L1 s").arg(m_longAfter / 1000.0, 0, 'f', 2),
                             tr("twice within %L1 s").arg(m_twiceWithin / 1000.0, 0, 'f', 2)};
    for (int kind = 0; kind < 3; ++kind) {
        painter.setPen(isPressed(static_cast<std::size_t>(kind)) ? app::palette().straw
                                                                 : app::palette().dim);
        painter.drawText(QRectF(third(kind), kBase + 8.0, third(1) - third(0), 18.0),
                         Qt::AlignLeft | Qt::AlignVCenter, words[kind]);
    }
}

PressLine::Grip PressLine::gripAt(QPointF place) const
{
    for (const auto grip : {Grip::Long, Grip::Twice}) {
        if (std::abs(placeOf(grip).x() - place.x()) <= kReach && place.y() <= kBase + 6.0)
            return grip;
    }
    return Grip::None;
}

void PressLine::mousePressEvent(QMouseEvent* event)
{
    m_grip = gripAt(event->position());
    m_drag = Gesture::begin();
}

void PressLine::mouseMoveEvent(QMouseEvent* event)
{
    setCursor(gripAt(event->position()) == Grip::None ? Qt::ArrowCursor : Qt::SplitHCursor);
    if (m_grip != Grip::None) drag(event->position().x());
}

void PressLine::drag(double x)
{
    const bool isLong = m_grip == Grip::Long;
    const auto limits = isLong ? kLongLimits : kTwiceLimits;
    const double begin = isLong ? third(1) : third(2) + kPress;
    const double room = (width() - 8.0) / 3.0 - 2.0 * kPress - 8.0;
    const double ms = std::round((x - begin) / room * kShown / kStep) * kStep;
    Q_EMIT dragged(isLong ? QStringLiteral("longAfter") : QStringLiteral("twiceWithin"),
                   std::clamp(ms, limits.low, limits.high), m_drag);
}

void PressLine::mouseReleaseEvent(QMouseEvent* event)
{
    const bool wasDrag = m_grip != Grip::None;
    m_grip = Grip::None;
    if (wasDrag) return;
    const double part = event->position().x() / std::max(1, width());
    Q_EMIT clicked(static_cast<std::size_t>(std::clamp(part * 3.0, 0.0, 2.0)));
}

}  // namespace jolly::app
