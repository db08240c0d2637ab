// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/finding.h"
#include "core/tangle/tangle.h"

namespace jolly::app
{

/// The stages that can be put into a strand, as things to be found: the four that are wanted most
/// come first, then all others by what one wants of them.
/// @param add  is called with the one that is chosen.
[[nodiscard]] std::vector<Found> stagesFor(const Tangle& tangle, const Strand& strand, qreal scale,
                                           const std::function<void(const StageParameters&)>& add);

/// Opens the list of them over a window, to choose one by typing or by a click.
void openStages(QWidget& window, const Tangle& tangle, const Strand& strand,
                const std::function<void(const StageParameters&)>& add);

}  // namespace jolly::app
