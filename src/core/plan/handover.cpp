// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

namespace jolly
{

void Machine::takeOver(const Machine& previous, Time now) noexcept
{
    unmask(previous, now);
    const auto& mine = m_plan->strandsById;
    const auto& old = previous.m_plan->strandsById;
    std::size_t o = 0;
    for (const auto strand : mine) {
        const auto& id = m_plan->strands[strand].id;
        while (o < old.size() && previous.m_plan->strands[old[o]].id < id) ++o;
        if (o == old.size()) break;
        if (previous.m_plan->strands[old[o]].id == id)
            takeOverStrand(strand, previous, old[o], now);
    }
    tellFlips(now, Cause::Priming);
}

bool Machine::isSame(std::uint32_t input, const Machine& previous, std::uint32_t old) const noexcept
{
    const auto& mine = m_plan->inputs[input];
    const auto& theirs = previous.m_plan->inputs[old];
    return mine.controller == theirs.controller && mine.control.code == theirs.control.code;
}

/// Whoever looks at a push that is held goes on seeing it held, when it did until now.
void Machine::unmask(const Machine& previous, Time now) noexcept
{
    for (std::uint32_t i = 0; i < m_inputs.size(); ++i) {
        if (!m_inputs[i].isMasked) continue;
        for (std::uint32_t old = 0; old < previous.m_inputs.size(); ++old) {
            const auto& before = previous.m_inputs[old];
            if (!before.isThere || before.isMasked || !previous.m_values[old].isPressed()) continue;
            if (!isSame(i, previous, old)) continue;
            m_inputs[i].isMasked = false;
            m_values[i] = {1.0, 0.0};
            const auto& run = m_plan->inputs[i].watchers;
            for (std::uint32_t w = run.first; w < run.first + run.count; ++w)
                runAgain(m_plan->watchers[w], now, Cause::Priming);
            break;
        }
    }
}

void Machine::takeOverStrand(std::uint32_t strand, const Machine& previous, std::uint32_t old,
                             Time now) noexcept
{
    const auto& mine = m_plan->strands[strand];
    const auto& theirs = previous.m_plan->strands[old];
    if (!isSame(mine.input, previous, theirs.input)) return;
    const auto& before = previous.m_strands[old];
    if (before.isPressed && !before.isMasked) m_strands[strand].isMasked = false;
    takeOverStages(mine, previous, theirs);
    runAgain(strand, now, Cause::Priming);
    takeOverEnds(strand, previous, old);
}

/// The first stage of a kind goes on from the first of that kind, the second from the second: so an
/// edit in flight makes nothing jump, and a stage that is added makes no other forget.
void Machine::takeOverStages(const PlanStrand& mine, const Machine& previous,
                             const PlanStrand& theirs) noexcept
{
    const auto countBefore = [](const std::vector<StageRunner>& runners, std::uint32_t first,
                                std::uint32_t place) {
        std::uint32_t count = 0;
        for (auto i = first; i < place; ++i)
            count += runners[i].index() == runners[place].index() ? 1U : 0U;
        return count;
    };
    for (auto i = mine.stages.first; i < mine.stages.first + mine.stages.count; ++i) {
        auto skipped = countBefore(m_runners, mine.stages.first, i);
        for (auto old = theirs.stages.first; old < theirs.stages.first + theirs.stages.count;
             ++old) {
            if (previous.m_runners[old].index() != m_runners[i].index() || skipped-- > 0) continue;
            continueFrom(m_runners[i], previous.m_runners[old]);
            m_areAsleep[i] = previous.m_areAsleep[old];
            break;
        }
    }
}

/// Of ends that lead where they led: an axis stays with the one that moved it last, and one that
/// is kept without its controller is kept on.
void Machine::takeOverEnds(std::uint32_t strand, const Machine& previous,
                           std::uint32_t old) noexcept
{
    const auto& mine = m_plan->strands[strand].links;
    const auto& theirs = previous.m_plan->strands[old].links;
    for (auto m = mine.first; m < mine.first + mine.count; ++m) {
        const auto& end = m_plan->links[m];
        for (auto t = theirs.first; t < theirs.first + theirs.count; ++t) {
            const auto& before = previous.m_plan->links[t];
            if (m_plan->outputs[end.output].place != previous.m_plan->outputs[before.output].place)
                continue;
            m_meetings.keep(m, previous.m_meetings, t);
            if (previous.m_meetings.ownerOf(before.output) == t) m_meetings.give(end.output, m);
            break;
        }
    }
}

}  // namespace jolly
