// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/window/commands.h"
#include "app/window/rail.h"

namespace jolly::app
{

/// What a page is for, in five sentences.
void openAboutPage(Rail::Page page, QWidget* window);

/// All keys on one sheet.
void openKeySheet(const Commands& commands, QWidget* window);

/// What the program is, its version and licence.
void openAbout(QWidget* window);

}  // namespace jolly::app
