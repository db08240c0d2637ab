// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCheckBox>
#include <QHelpEvent>
#include <QPushButton>
#include <QToolTip>
#include <algorithm>

namespace jolly::app
{

/// A button with a name on it that gives way when there is little room: its text ends in dots then,
/// and the tooltip has it whole.
template <class Button>
class Elided : public Button
{
 public:
    template <class... Arguments>
    explicit Elided(Arguments&&... arguments) : Button(std::forward<Arguments>(arguments)...)
    {
        this->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    }

    [[nodiscard]] QSize minimumSizeHint() const override
    {
        constexpr int kLeast = 64;
        const auto size = Button::sizeHint();
        return {std::min(kLeast, size.width()), size.height()};
    }

 protected:
    bool event(QEvent* event) override
    {
        const bool isShort = this->width() < Button::sizeHint().width();
        if (event->type() != QEvent::ToolTip || !isShort) return Button::event(event);
        const auto more = this->toolTip();
        QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(),
                           more.isEmpty() ? this->text() : this->text() + QLatin1Char('\n') + more,
                           this);
        return true;
    }
};

using ElidedButton = Elided<QPushButton>;
using ElidedCheck = Elided<QCheckBox>;

}  // namespace jolly::app
