// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/axis_trace.h"

#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly::app
{

DeskSlots slotsOf(const Desk& desk)
{
    DeskSlots slots;
    for (const auto& controller : desk.controllers)
        slots.emplace_back(controller.rig.id, controller.slotOf);
    return slots;
}

namespace
{

/// Whether a stage of `strand` waits for a virtual control at which `other` ends.
bool dependsOn(const Strand& strand, const Strand& other)
{
    return std::ranges::any_of(strand.stages, [&](const Stage& stage) {
        return stage.when && stage.when->output && leadsTo(other, *stage.when->output);
    });
}

/// A strand, those on which it depends, and those on which they do, in the order of the tangle.
std::vector<const Strand*> withThoseItDependsOn(const Tangle& tangle, const std::string& id)
{
    std::vector<const Strand*> needed;
    if (const auto* strand = findStrand(tangle, id)) needed.push_back(strand);
    for (std::size_t i = 0; i < needed.size(); ++i) {
        for (const auto& other : tangle.strands) {
            if (dependsOn(*needed[i], other) && std::ranges::find(needed, &other) == needed.end())
                needed.push_back(&other);
        }
    }
    std::ranges::sort(needed);
    return needed;
}

}  // namespace

Tangle rehearsed(const Tangle& tangle, const std::string& id)
{
    auto kept = withoutStrands(tangle);
    for (const auto* strand : withThoseItDependsOn(tangle, id)) kept.strands.push_back(*strand);
    if (auto* strand = findStrand(kept, id)) {
        strand->isOn = true;
        strand->layer = kBase;
        strand->craft = kEverywhere;
        strand->insteadOf.clear();
    }
    return kept;
}

Rehearsal::Rehearsal(const Tangle& tangle, const std::string& strand) : m_player(tangle)
{
    const auto& strands = machine().plan().strands;
    const auto found = std::ranges::find(strands, strand, &PlanStrand::id);
    if (found != strands.end()) m_strand = static_cast<std::uint32_t>(found - strands.begin());
}

Sides Rehearsal::sides() const
{
    const auto& plan = machine().plan();
    return plan.inputs[plan.strands[*m_strand].input].control.sides;
}

Sides Rehearsal::outSides() const
{
    return machine().plan().strands[*m_strand].gives.sides;
}

TraceSample Rehearsal::now(Time time) const
{
    const auto input = machine().plan().strands[*m_strand].input;
    return {time, machine().inputs().shown(input).x, outlets().front().x};
}

void Rehearsal::runUntil(Time time, std::deque<TraceSample>& samples)
{
    m_player.onFrame([&](Time told) { samples.push_back(now(told)); });
    m_player.runUntil(time);
}

void AxisTrace::follow(const Tangle& tangle, const std::string& strand)
{
    m_rehearsal = std::make_unique<Rehearsal>(rehearsed(tangle, strand), strand);
    m_inputOf.assign(m_feed.values().slots.size(), std::nullopt);
    const auto& plan = m_rehearsal->machine().plan();
    for (const auto& controller : m_feed.desk().controllers) {
        const auto* known = findController(tangle, controller.rig.id);
        if (!known) continue;
        const auto rig = static_cast<std::size_t>(known - tangle.rig.data());
        for (std::size_t c = 0; c < controller.slotOf.size(); ++c) {
            const auto slot = static_cast<std::size_t>(controller.slotOf[c]);
            if (controller.slotOf[c] >= 0 && slot < m_inputOf.size())
                m_inputOf[slot] = plan.inputOf(rig, controller.rig.controls[c].code);
        }
    }
    auto desk = slotsOf(m_feed.desk());
    const bool isSameDesk = m_hasBegun && desk == m_desk && m_first.size() >= m_inputOf.size();
    m_desk = std::move(desk);
    if (!isSameDesk) begin();
    run();
}

/// Begins with what is so now.
void AxisTrace::begin()
{
    m_hasBegun = true;
    m_moves.clear();
    m_forgotten = 0;
    m_rememberedOf.assign(m_feed.values().slots.size(), 0);
    m_first.clear();
    for (const auto& slot : m_feed.values().slots) m_first.push_back(slot.raw);
}

/// Runs all that is remembered through the strand.
void AxisTrace::run()
{
    m_samples.clear();
    if (!isThere()) return;
    auto& machine = m_rehearsal->machine();
    const auto start = m_moves.empty() ? m_feed.now() : m_moves.front().time;
    machine.reset();
    for (std::size_t slot = 0; slot < m_inputOf.size(); ++slot) {
        if (m_inputOf[slot]) machine.prime(*m_inputOf[slot], m_first[slot]);
    }
    machine.begin(start);
    machine.dropChanges(start);
    m_samples.push_back(m_rehearsal->now(start));
    for (const auto& move : m_moves) feed(move);
    m_rehearsal->runUntil(m_feed.now(), m_samples);
}

void AxisTrace::feed(const SeenMove& move)
{
    if (move.slot >= m_inputOf.size() || !m_inputOf[move.slot]) return;
    auto& machine = m_rehearsal->machine();
    m_rehearsal->runUntil(move.time, m_samples);
    machine.move(*m_inputOf[move.slot], move.isHatY, move.raw, move.time);
    machine.dropChanges(move.time);
    const auto sample = m_rehearsal->now(std::max(move.time, m_samples.back().time));
    const auto& last = m_samples.back();
    if (sample.in != last.in || sample.out != last.out) m_samples.push_back(sample);
}

/// Of an axis that moves fast the last place within kSpacing is remembered.
void AxisTrace::remember(const SeenMove& move)
{
    const bool isKnown = move.slot < m_inputOf.size() && move.slot < m_rememberedOf.size();
    const auto input = isKnown ? m_inputOf[move.slot] : std::nullopt;
    if (input && m_rememberedOf[move.slot] > m_forgotten &&
        m_rehearsal->machine().plan().inputs[*input].control.kind == ControlKind::Axis) {
        auto& last = m_moves[m_rememberedOf[move.slot] - m_forgotten - 1];
        if (move.time - last.time < kSpacing) {
            last.raw = move.raw;
            return;
        }
    }
    m_moves.push_back(move);
    if (isKnown) m_rememberedOf[move.slot] = m_forgotten + m_moves.size();
}

void AxisTrace::takeMoves()
{
    if (!isThere()) return;
    for (const auto& move : m_feed.session().moves()) {
        remember(move);
        feed(move);
    }
    const auto now = m_feed.now();
    m_rehearsal->runUntil(now, m_samples);
    while (!m_moves.empty() && m_moves.front().time < now - kLength) {
        const auto& old = m_moves.front();
        if (old.slot < m_first.size())
            (old.isHatY ? m_first[old.slot].y : m_first[old.slot].x) = old.raw;
        m_moves.pop_front();
        ++m_forgotten;
    }
    while (m_samples.size() > 1 && m_samples[1].time < now - kLength) m_samples.pop_front();
}

}  // namespace jolly::app
