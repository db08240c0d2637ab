// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace jolly::app
{

/// A file that ships with the program: where it was installed, or in the source tree it was built
/// from. Empty when it is in neither.
///
/// @param name  below data/, such as "demo/marrowmere.tangle".
[[nodiscard]] QString dataFile(const QString& name);

}  // namespace jolly::app
