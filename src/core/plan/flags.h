// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <vector>

namespace jolly
{

/// Flags by place, a byte each: what an event asks for is found without counting bits.
using Flags = std::vector<std::uint8_t>;

}  // namespace jolly
