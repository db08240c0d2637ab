// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "core/tangle/problem.h"

#include <string>

namespace jolly
{

/// Finds out whether more pulses came than can be sent, so that it can be said.
class DroppedPulses
{
 public:
    /// Begins the paths of what it finds.
    static constexpr std::string_view kPath = "/dropped/";

    /// Whether there is something new to be said; looks at most once a second. RT-safe.
    [[nodiscard]] bool hasNews(const Machine& machine, Time now) noexcept;

    /// A warning for each strand that dropped pulses. Allocates.
    [[nodiscard]] static Problems of(const Machine& machine);

 private:
    Time m_next{};
    long m_told = 0;
};

}  // namespace jolly
