// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

class QMenu;

namespace jolly::app
{

/// Adds every craft to a menu, families indented, the one that is flown marked; choosing one flies
/// it. Entries are called "fly NAME".
void addCraft(QMenu& menu, Edits& edits);

}  // namespace jolly::app
