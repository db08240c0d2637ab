// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/window/dialogs.h"

namespace jolly::app
{

/// Asks for a file and writes a controller's faceplate to it; tells what could not be done.
void exportFaceplate(Edits& edits, LiveFeed& feed, Dialogs& dialogs, QWidget* parent,
                     const std::string& controller);

/// Asks for a file and gives a controller the faceplate in it, as one step of the history. A file
/// that cannot be read changes nothing and is told with its lines.
void importFaceplate(Edits& edits, LiveFeed& feed, Dialogs& dialogs, QWidget* parent,
                     const std::string& controller);

}  // namespace jolly::app
