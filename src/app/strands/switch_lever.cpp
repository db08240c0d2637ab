// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/switch_lever.h"

#include "app/style/palette.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr int kWidth = 30;
constexpr double kSlot = 16.0;
constexpr double kDot = 3.0;
constexpr double kKnob = 7.5;
constexpr double kBeyond = 13.0;  ///< the slot goes on behind its last position

}  // namespace

SwitchLever::SwitchLever(QWidget* parent) : OutletPicture(parent)
{
    setObjectName(QStringLiteral("switch lever"));
    setFixedWidth(kWidth);
    setAccessibleName(tr("The switch, with its positions beside it"));
}

void SwitchLever::setRows(const std::vector<int>& places)
{
    if (places == m_rows) return;
    m_rows = places;
    update();
}

void SwitchLever::paintEvent(QPaintEvent*)
{
    if (m_rows.empty()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double x = width() / 2.0;
    const QRectF slot(x - kSlot / 2.0, m_rows.front() - kBeyond, kSlot,
                      m_rows.back() - m_rows.front() + 2.0 * kBeyond);
    painter.setPen({app::palette().line, 1.0});
    painter.setBrush(app::palette().well);
    painter.drawRoundedRect(slot, kSlot / 2.0, kSlot / 2.0);
    painter.setPen(Qt::NoPen);
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const double size = isPressed(i) ? kKnob : kDot;
        painter.setBrush(isPressed(i) ? app::palette().straw : app::palette().faint);
        painter.drawEllipse(QPointF(x, m_rows[i]), size, size);
    }
}

void SwitchLever::mouseReleaseEvent(QMouseEvent* event)
{
    const auto away = [&](int row) { return std::abs(row - event->position().y()); };
    const auto nearest = std::ranges::min_element(m_rows, {}, away);
    if (nearest != m_rows.end()) Q_EMIT clicked(static_cast<std::size_t>(nearest - m_rows.begin()));
}

}  // namespace jolly::app
