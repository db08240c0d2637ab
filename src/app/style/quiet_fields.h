// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractSpinBox>
#include <QObject>

namespace jolly::app
{

/// Keeps fields from changing by accident: the wheel goes past numbers, choices and sliders to what
/// scrolls behind them, and a number counts once it is typed whole.
class QuietFields : public QObject
{
    Q_OBJECT

 public:
    /// For all windows of the program, for as long as this lives.
    explicit QuietFields(QObject* parent);

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

/// Whether somebody types into it, so that what it shows is not to be replaced.
[[nodiscard]] bool isBeingTyped(const QAbstractSpinBox& field);

/// Has the fields of a widget that goes tell what was typed into them and not told yet.
void commitTyped(QWidget& widget);

}  // namespace jolly::app
