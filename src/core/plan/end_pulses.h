// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/meetings.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// The pulses of ends that do not simply hold their goals. RT-safe after construction.
class EndPulses
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit EndPulses(const Plan& plan);

    /// Lets go of all pulses and forgets what waits.
    void reset() noexcept;

    /// What an end says whose outlet is `value`. What that is when it is taken as it stands is no
    /// press and no release.
    [[nodiscard]] Value pass(std::uint32_t link, Value value, Time now, Cause cause) noexcept;

    /// When an end has something to say by itself; max at rest.
    [[nodiscard]] Time nextAt(std::uint32_t link) const noexcept
    {
        return m_links[link].pulses.nextAt();
    }

    /// The strand of this end lost its control.
    void lose(std::uint32_t link) noexcept;

    /// An end goes on from one in a tangle before, if that presses as it does.
    void keep(std::uint32_t link, const EndPulses& previous, std::uint32_t old) noexcept;

 private:
    struct LinkState {
        Pulses pulses{Time{}};
        bool wasPressed = false;
    };

    const Plan& m_plan;
    std::vector<LinkState> m_links;
};

}  // namespace jolly
