// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <QString>

/// What there is to know and to say of a strand that begins at an axis.
namespace jolly::app
{

/// Whether a strand begins at an axis, and at nothing else.
[[nodiscard]] bool isAxisStrand(const Tangle& tangle, const Strand& strand);

/// The control at which a strand begins; null when the rig has none.
[[nodiscard]] const RigControl* axisOf(const Tangle& tangle, const Strand& strand);

/// "Roll · Gannet 12": the name with the craft, unless it is for every one.
[[nodiscard]] QString nameWithCraft(const Tangle& tangle, const Strand& strand);

/// "Base · Everywhere": the layer and the craft.
[[nodiscard]] QString whereOf(const Tangle& tangle, const Strand& strand);

/// "Skerry Stick → Jolly 1 · axis 1".
[[nodiscard]] QString wayOf(const Tangle& tangle, const Strand& strand);

}  // namespace jolly::app
