// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QIcon>

namespace jolly::app
{

/// Our mark: one thread that ties itself into a loop.
[[nodiscard]] QIcon markIcon(const QColor& colour);

}  // namespace jolly::app
