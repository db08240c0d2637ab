// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "core/tangle/tangle.h"

#include <cstdint>

namespace jolly
{

/// A tangle ready to run. Built on the control thread, used by the engine's, given back to be
/// deleted where it was built.
struct WovenTangle {
    /// @param textMark  markOf() the text it came from; 0 when it came from none.
    explicit WovenTangle(Tangle from, std::uint64_t textMark = 0)
        : tangle(std::move(from)), mark(textMark), machine(compile(tangle))
    {
    }

    Tangle tangle;
    std::uint64_t mark;
    std::uint32_t number = 0;  ///< of its text in a recording
    Machine machine;
};

}  // namespace jolly
