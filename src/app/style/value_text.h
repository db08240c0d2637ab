// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/palette.h"
#include "core/value/signal.h"

#include <QPainter>
#include <QString>
#include <QWidget>

namespace jolly::app
{

/// Draws a number with every digit as wide as the widest, so that it stands still while it moves.
/// (Qt 6.4 cannot ask a font for its tabular figures.)
void drawValue(QPainter& painter, const QRectF& rect, Qt::Alignment alignment, const QString& text);

/// "+31.0 %", "58.1 %": two-sided values carry a sign.
[[nodiscard]] QString percentText(double value, bool isTwoSided);

/// A value in words: "+31.0 %", "pressed", "up right".
[[nodiscard]] QString valueText(Value value, const Signal& signal);

/// A label for a number that moves; repaints only when its text changes.
class ValueLabel : public QWidget
{
 public:
    explicit ValueLabel(QWidget* parent = nullptr);

    void setText(const QString& text);
    void setColour(QColor Palette::*colour);
    void setAlignment(Qt::Alignment alignment);
    [[nodiscard]] const QString& text() const { return m_text; }
    [[nodiscard]] QSize sizeHint() const override;

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    QString m_text;
    QColor Palette::*m_colour = &Palette::text;
    Qt::Alignment m_alignment = Qt::AlignLeft;
};

}  // namespace jolly::app
