// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QHelpEvent>
#include <QLabel>
#include <QToolTip>

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
    bool event(QEvent* event) override
    {
        const bool isShort = width() < QLabel::sizeHint().width();
        if (event->type() != QEvent::ToolTip || !isShort) return QLabel::event(event);
        QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), text(), this);
        return true;
    }
};

}  // namespace jolly::app
