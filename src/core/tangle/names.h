// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>

/// What things are called in sentences.
namespace jolly
{

/// "Twist of Skerry Stick"; by the kernel's name where the rig does not know it.
[[nodiscard]] Sentence nameInFull(const Tangle& tangle, const Source& source);

/// "Jolly 1, button 17 (mail hatch)".
[[nodiscard]] Sentence nameInFull(const Tangle& tangle, const Target& place);

}  // namespace jolly
