// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// What readers make of a virtual device of this shape and name that its pilot would not expect:
/// a sentence each, what it means, and a cure.
///
/// @param path  of the device in the tangle, such as "/devices/0".
[[nodiscard]] Problems findShapeProblems(const VirtualDevice& device, const std::string& path);

/// What some readers make of a device of a shape that is good for most: a sentence each, no reason
/// to change it.
[[nodiscard]] std::vector<Sentence> readerNotes(const VirtualDevice& device);

/// What is wrong among the virtual devices: two alike, one without a name, one that nothing ends
/// at, and everything that findShapeProblems() says.
[[nodiscard]] Problems findDeviceProblems(const Tangle& tangle);

}  // namespace jolly
