// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/dropped_pulses.h"

namespace jolly
{

bool DroppedPulses::hasNews(const Machine& machine, Time now) noexcept
{
    if (now < m_next) return false;
    m_next = now + std::chrono::seconds(1);
    const auto& strands = machine.plan().strands;
    long dropped = 0;
    for (std::uint32_t s = 0; s < strands.size(); ++s) {
        if (strands[s].canMove) dropped += machine.dropped(s);
    }
    return std::exchange(m_told, dropped) != dropped;
}

Problems DroppedPulses::of(const Machine& machine)
{
    Problems problems;
    const auto& strands = machine.plan().strands;
    for (std::uint32_t s = 0; s < strands.size(); ++s) {
        const int dropped = machine.dropped(s);
        if (dropped == 0) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = std::string(kPath) + strands[s].id,
             .sentence = say("Strand \"%1\" was turned faster than its pulses can "
                             "be sent: %2 were left out.",
                             strands[s].id, dropped),
             .cure = words("Turn slower, or make its pulses shorter."),
             .meaning = say("No more than %1 pulses wait for their turn.", Pulses::kMost)});
    }
    return problems;
}

}  // namespace jolly
