// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

namespace jolly::app
{

/// The widgets in a window that the Tab key stops at, as one reads them: line by line, what stands
/// side by side from the left, and what is in a part before what follows it.
[[nodiscard]] std::vector<QWidget*> stopsIn(const QWidget& part);

/// Gives the keyboard to a widget and scrolls to it.
void stopAt(QWidget& widget, Qt::FocusReason reason);

}  // namespace jolly::app
