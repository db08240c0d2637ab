// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"

namespace jolly::test
{

/// One control alone goes.
inline void lose(Machine& machine, std::uint32_t input, Time now)
{
    machine.lose(std::span(&input, 1), now);
}

}  // namespace jolly::test
