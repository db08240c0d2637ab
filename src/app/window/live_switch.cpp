// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/live_switch.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>

namespace jolly::app
{

LiveSwitch::LiveSwitch(QWidget* parent) : QAbstractButton(parent)
{
    setObjectName(QStringLiteral("live switch"));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setFixedSize(LiveSwitch::sizeHint());
    setLive(false, {});
}

void LiveSwitch::setLive(bool isLive, const QString& since)
{
    m_isLive = isLive;
    m_since = since;
    setText(isLive ? tr("LIVE since %1").arg(since) : tr("Go live"));
    setAccessibleName(isLive ? tr("Live since %1. Press to stand down.").arg(since)
                             : tr("Idle. Press to go live."));
    setToolTip(isLive ? tr("Stand down: give everything back (Ctrl+L)")
                      : tr("Make the virtual devices and hold the controllers (Ctrl+L)"));
    update();
}

void LiveSwitch::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF pill = QRectF(rect()).adjusted(1, 1, -1, -1);
    painter.setPen(QPen(hasFocus() ? p.strong : (m_isLive ? p.straw : p.line), m_isLive ? 2 : 1.2));
    painter.setBrush(m_isLive ? p.strawDeep : p.raised);
    painter.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(!isEnabled() ? p.faint : (m_isLive ? p.straw : p.text));
    painter.drawText(pill.adjusted(m_isLive ? 18 : 34, 0, m_isLive ? -34 : -18, 0), Qt::AlignCenter,
                     text());
    const qreal knob = 11;
    const QPointF at(m_isLive ? pill.right() - knob - 4 : pill.left() + knob + 4,
                     pill.center().y());
    painter.setPen(Qt::NoPen);
    painter.setBrush(m_isLive ? p.straw : p.slate);
    painter.drawEllipse(at, knob, knob);
}

}  // namespace jolly::app
