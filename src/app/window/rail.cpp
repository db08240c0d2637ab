// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/rail.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>
#include <QVBoxLayout>
#include <utility>

namespace jolly::app
{

namespace
{

/// A desk: a box with a lever and a dial.
QPainterPath rigDrawing()
{
    QPainterPath path;
    path.addRoundedRect(QRectF(-11, -8, 22, 16), 3, 3);
    path.addEllipse(QPointF(4.5, 0), 3.2, 3.2);
    path.moveTo(-4.5, -4);
    path.lineTo(-4.5, 4);
    path.addRoundedRect(QRectF(-7, -2.5, 5, 3.4), 1.4, 1.4);
    return path;
}

/// Two threads that cross.
QPainterPath weaveDrawing()
{
    QPainterPath path(QPointF(-11, -6));
    path.cubicTo(-2, -6, 2, 6, 11, 6);
    path.moveTo(-11, 6);
    path.cubicTo(-2, 6, 2, -6, 11, -6);
    path.addEllipse(QPointF(-11, -6), 1.2, 1.2);
    path.addEllipse(QPointF(11, 6), 1.2, 1.2);
    return path;
}

/// A curve between two axes.
QPainterPath shapeDrawing()
{
    QPainterPath path(QPointF(-10, -9));
    path.lineTo(-10, 9);
    path.lineTo(10, 9);
    path.moveTo(-10, 9);
    path.cubicTo(0, 8, 3, 2, 9, -8);
    return path;
}

/// Sheets one above the other.
QPainterPath layersDrawing()
{
    QPainterPath path(QPointF(0, -10));
    path.lineTo(11, -4.5);
    path.lineTo(0, 1);
    path.lineTo(-11, -4.5);
    path.closeSubpath();
    for (const double y : {0.0, 4.5}) {
        path.moveTo(-11, y);
        path.lineTo(0, y + 5.5);
        path.lineTo(11, y);
    }
    return path;
}

/// A line that beats.
QPainterPath benchDrawing()
{
    QPainterPath path(QPointF(-11, 1));
    path.lineTo(-6, 1);
    path.lineTo(-3, -8);
    path.lineTo(2, 9);
    path.lineTo(5, 1);
    path.lineTo(11, 1);
    return path;
}

}  // namespace

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
    const std::pair<QString, QPainterPath> pages[] = {{tr("Rig"), rigDrawing()},
                                                      {tr("Weave"), weaveDrawing()},
                                                      {tr("Shape"), shapeDrawing()},
                                                      {tr("Layers"), layersDrawing()},
                                                      {tr("Bench"), benchDrawing()}};
    for (const auto& [word, drawing] : pages) {
        auto* button = new RailButton(word, drawing, this);
        const int page = static_cast<int>(m_buttons.size());
        button->setToolTip(tr("%1 (Ctrl+%2)").arg(word).arg(page + 1));
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
