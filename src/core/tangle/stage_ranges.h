// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <string>

namespace jolly
{

/// Says which parameter is no number or beyond its range, and which range that is, as the end of a
/// sentence; empty when none is. What a file holds is checked by its reader; this is for stages
/// that come from elsewhere.
[[nodiscard]] std::string rangeComplaint(const StageParameters& parameters);

}  // namespace jolly
