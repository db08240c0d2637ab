// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/status.h"

namespace jolly
{

/// What stands in the way of a flight with this tangle in this world: what findProblems() says of
/// the tangle, controllers that are away or look alike or are not held yet, and the world's
/// troubles.
[[nodiscard]] Problems preflight(const Tangle& tangle, const EngineStatus& status);

}  // namespace jolly
