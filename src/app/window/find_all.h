// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/finding.h"
#include "app/models/desk.h"
#include "app/models/edits.h"
#include "app/window/commands.h"

namespace jolly::app
{

/// Where the finder leads to.
struct FindWays {
    std::function<void(const Source&)> toControl;
    std::function<void(const std::string& layer)> toLayer;
    std::function<void(const std::string& device)> toDevice;
};

/// Everything that can be found: commands, controls, strands with their functions, virtual
/// devices, craft and layers.
[[nodiscard]] std::vector<Found> findable(Edits& edits, const Desk& desk, Commands& commands,
                                          const FindWays& ways);

}  // namespace jolly::app
