// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// A tangle ready to run. Built on the control thread, used by the engine's, given back to be
/// deleted where it was built.
struct WovenTangle {
    explicit WovenTangle(Tangle from) : tangle(std::move(from)), machine(compile(tangle)) {}

    Tangle tangle;
    Machine machine;
};

}  // namespace jolly
