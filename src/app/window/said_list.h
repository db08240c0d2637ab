// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"

namespace jolly::app
{

/// Opens what was said lately, the last first, each with its time.
void openSaid(Messages& messages, QWidget* window);

}  // namespace jolly::app
