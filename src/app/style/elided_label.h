// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QPainter>
#include <QStyle>

namespace jolly::app
{

/// A label of one line that gives way when there is little room: its text ends in dots then, and
/// the tooltip has it whole.
class ElidedLabel : public QLabel
{
 public:
    using QLabel::QLabel;

    [[nodiscard]] QSize minimumSizeHint() const override
    {
        return {24, QLabel::sizeHint().height()};
    }

 protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        const auto shown = fontMetrics().elidedText(text(), Qt::ElideRight, width());
        setToolTip(shown == text() ? QString() : text());
        style()->drawItemText(&painter, rect(), int(Qt::AlignLeft | Qt::AlignVCenter), palette(),
                              isEnabled(), shown, foregroundRole());
    }
};

}  // namespace jolly::app
