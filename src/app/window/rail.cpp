// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/rail.h"

#include "app/page_info/page_info.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>
#include <QVBoxLayout>

namespace jolly::app
{

RailButton::RailButton(const QString& word, const QPainterPath& drawing, QWidget* parent)
    : QAbstractButton(parent), m_drawing(drawing)
{
    setText(word);
    setObjectName(QStringLiteral("rail ") + word);
    setAccessibleName(word);
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setFixedSize(RailButton::sizeHint());
}

void RailButton::setCount(int count)
{
    if (count == m_count) return;
    m_count = count;
    setAccessibleName(count > 0 ? tr("%1, %n thing(s) need attention", nullptr, count).arg(text())
                                : text());
    update();
}

void RailButton::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (isChecked() || hasFocus()) {
        painter.setPen(hasFocus() ? QPen(p.dim, 1) : QPen(Qt::NoPen));
        painter.setBrush(isChecked() ? p.raised : p.bar);
        painter.drawRoundedRect(QRectF(rect()).adjusted(2, 1, -2, -1), 8, 8);
    }
    painter.save();
    painter.translate(width() / 2.0, 20);
    painter.setPen(QPen(isChecked() ? p.straw : (underMouse() ? p.text : p.dim), 1.7, Qt::SolidLine,
                        Qt::RoundCap));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(m_drawing);
    painter.restore();
    painter.setFont(textFont(TextSize::Small, isChecked()));
    painter.setPen(isChecked() ? p.strong : p.dim);
    painter.drawText(QRect(0, 34, width(), 18), Qt::AlignCenter, text());
    if (m_count == 0) return;
    const QRectF badge(width() - 20, 3, 17, 14);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.coral);
    painter.drawRoundedRect(badge, 7, 7);
    painter.setPen(p.ground);
    painter.drawText(badge, Qt::AlignCenter, QString::number(m_count));
}

Rail::Rail(QWidget* parent) : QWidget(parent)
{
    setFixedWidth(62);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(4, 14, 4, 4);
    column->setSpacing(8);
    for (const auto& info : pageInfos()) {
        auto* button = new RailButton(info.word, info.drawing, this);
        const int page = static_cast<int>(m_buttons.size());
        button->setToolTip(tr("%1 (Ctrl+%2)").arg(info.word).arg(page + 1));
        connect(button, &QAbstractButton::clicked, this, [this, page] { Q_EMIT chosen(page); });
        m_buttons.push_back(button);
        column->addWidget(button, 0, Qt::AlignHCenter);
    }
    column->addStretch();
}

void Rail::choose(Page page)
{
    m_buttons[page]->setChecked(true);
}

void Rail::setCount(Page page, int count)
{
    m_buttons[page]->setCount(count);
}

void Rail::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.fillRect(rect(), jolly::app::palette().bar);
    painter.setPen(jolly::app::palette().line);
    painter.drawLine(width() - 1, 0, width() - 1, height());
}

}  // namespace jolly::app
