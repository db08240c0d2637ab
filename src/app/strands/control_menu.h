// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"

#include <QPoint>

class QWidget;

namespace jolly::app
{

/// Selects a control and opens what can be done with it, as the window's commands do it.
void openControlMenu(Edits& edits, Selection& selection, const Source& control, QPoint globalPlace,
                     QWidget& parent);

}  // namespace jolly::app
