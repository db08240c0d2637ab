// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <QImage>

namespace jolly::app
{

/// A stage in small: the curve that it makes of an axis, or what it makes of what it gets: a slope
/// for an axis, rings for buttons, a cross for a hat, a wheel for a turner.
/// @param scale  pixels of the screen for each of ours.
[[nodiscard]] QImage stagePicture(const StageParameters& stage, const Signal& gets, qreal scale);

/// Its size in our pixels.
inline constexpr QSize kStagePicture{40, 22};

}  // namespace jolly::app
