// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QPoint>

class QWidget;

namespace jolly::app
{

/// Selects a control and opens what can be done with it, as the window's commands do it.
void openControlMenu(Studio& studio, const ControlRef& control, QPoint globalPlace,
                     QWidget& parent);

}  // namespace jolly::app
