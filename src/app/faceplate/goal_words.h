// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <QString>

namespace jolly::app
{

/// Where an end leads, in few words: "Jolly 1, button 17", "Ctrl + G", "stands down".
[[nodiscard]] QString goalText(const Tangle& tangle, const Goal& goal);

}  // namespace jolly::app
