// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

namespace jolly
{

void Machine::takeOver(const Machine& previous, Time now) noexcept
{
    takeOverInputs(previous);
    const auto& mine = m_plan->strandsById;
    const auto& old = previous.m_plan->strandsById;
    std::size_t o = 0;
    for (const auto strand : mine) {
        const auto& id = m_plan->strands[strand].id;
        while (o < old.size() && previous.m_plan->strands[old[o]].id < id) ++o;
        if (o == old.size()) break;
        if (previous.m_plan->strands[old[o]].id == id) takeOverStrand(strand, previous, old[o]);
    }
    m_meetings.goOn();
    begin(now);
}

bool Machine::isSame(std::uint32_t input, const Machine& previous, std::uint32_t old) const noexcept
{
    const auto& mine = m_plan->inputs[input];
    const auto& theirs = previous.m_plan->inputs[old];
    return mine.controller == theirs.controller && mine.control.code == theirs.control.code;
}

/// Of both rigs the order is nearly always the same, so each control is looked for behind the one
/// that was found before it.
void Machine::takeOverInputs(const Machine& previous) noexcept
{
    const auto count = static_cast<std::uint32_t>(previous.m_inputs.size());
    std::uint32_t next = 0;
    for (std::uint32_t input = 0; input < m_inputs.size(); ++input) {
        if (!m_inputs[input].isPrimed) continue;
        for (std::uint32_t i = 0; i < count; ++i) {
            const auto old = next + i < count ? next + i : next + i - count;
            if (!isSame(input, previous, old)) continue;
            takeOverInput(input, previous, old);
            next = old + 1;
            break;
        }
    }
}

/// A push that is held was seen before, or was not.
void Machine::takeOverInput(std::uint32_t input, const Machine& previous,
                            std::uint32_t old) noexcept
{
    const auto& before = previous.m_inputs[old];
    if (!before.isThere) return;
    auto& state = m_inputs[input];
    state.raw = before.raw;
    const auto value = valueOf(m_plan->inputs[input], state.raw);
    state.isMasked = before.isMasked && value.isPressed();
    m_values[input] = state.isMasked ? Value{} : value;
}

void Machine::takeOverStrand(std::uint32_t strand, const Machine& previous,
                             std::uint32_t old) noexcept
{
    const auto& mine = m_plan->strands[strand];
    const auto& theirs = previous.m_plan->strands[old];
    if (!isSame(mine.input, previous, theirs.input)) return;
    if (previous.m_inputs[theirs.input].isThere)
        m_strands[strand].isMasked = m_strands[strand].isMasked && previous.m_strands[old].isMasked;
    takeOverStages(mine, previous, theirs);
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

/// Ends that lead where they led say what they said: so whoever waits for a virtual control finds
/// it as it was, an axis stays with the one that moved it last, and one that is kept without its
/// controller is kept on.
void Machine::takeOverEnds(std::uint32_t strand, const Machine& previous,
                           std::uint32_t old) noexcept
{
    const auto& mine = m_plan->strands[strand];
    const auto& theirs = previous.m_plan->strands[old].links;
    for (auto m = mine.links.first; m < mine.links.first + mine.links.count; ++m) {
        const auto& end = m_plan->links[m];
        const bool isKept = end.isAxis && mine.whenAway == WhenAway::Keep;
        if (!m_inputs[mine.input].isThere && !isKept) continue;
        for (auto t = theirs.first; t < theirs.first + theirs.count; ++t) {
            const auto& before = previous.m_plan->links[t];
            if (end.outlet != before.outlet ||
                m_plan->outputs[end.output].place != previous.m_plan->outputs[before.output].place)
                continue;
            m_meetings.keep(m, previous.m_meetings, t);
            m_pulses.keep(m, previous.m_pulses, t);
            break;
        }
    }
}

}  // namespace jolly
