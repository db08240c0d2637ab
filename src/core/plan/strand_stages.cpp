// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/strand_stages.h"

#include <algorithm>

namespace jolly
{

bool Surroundings::letWork(const PlanStage& stage) const noexcept
{
    if (!stage.when) return true;
    const auto& when = *stage.when;
    switch (when.waits) {
        case Waits::Input:
            return inputs.value(when.place).isPressed() != when.isOff;
        case Waits::Output:
            return meetings.value(when.place).isPressed() != when.isOff;
        case Waits::Layer:
            return layers.isEngaged(when.place) != when.isOff;
    }
    return true;
}

StrandStages::StrandStages(const Plan& plan)
    : m_plan(plan),
      m_areAsleep(plan.stages.size()),
      m_values(plan.stages.size()),
      m_outs(plan.outlets)
{
    m_runners.reserve(plan.stages.size());
    for (const auto& stage : plan.stages) m_runners.push_back(stage.runner);
    reset();
}

void StrandStages::reset() noexcept
{
    for (auto& runner : m_runners) jolly::reset(runner);
    for (std::size_t i = 0; i < m_areAsleep.size(); ++i)
        m_areAsleep[i] = m_plan.stages[i].when.has_value();
    std::ranges::fill(m_values, Value{});
    std::ranges::fill(m_outs, Value{});
}

void StrandStages::forget(const PlanStrand& strand) noexcept
{
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        jolly::reset(m_runners[i]);
        m_areAsleep[i] = m_plan.stages[i].when.has_value();
    }
}

void StrandStages::sleep(const PlanStrand& strand) noexcept
{
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i)
        m_areAsleep[i] = true;
}

void StrandStages::resume(const PlanStrand& strand, Value in, const Moment& moment,
                          const Surroundings& around) noexcept
{
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        if (!m_areAsleep[i] && around.letWork(m_plan.stages[i])) wake(m_runners[i], in, moment);
        in = m_values[i];
    }
}

std::span<const Value> StrandStages::run(const PlanStrand& strand, Value in, const Moment& moment,
                                         const Surroundings& around) noexcept
{
    // Taken once: what stages write might else be these, for all that the compiler knows.
    const auto* const stages = m_plan.stages.data();
    auto* const runners = m_runners.data();
    auto* const values = m_values.data();
    const auto outs = std::span(m_outs.data() + strand.outlets.first, strand.outlets.count);
    const auto end = strand.stages.first + strand.stages.count;
    for (auto i = strand.stages.first; i < end; ++i) {
        const auto& stage = stages[i];
        if ((stage.when || m_areAsleep[i]) && !rouse(i, in, moment, around)) {
            if (stage.counts) return outs;  // the last one that says anything stands still
            if (stage.turns) in = {};
            if (i + 1 == end) std::ranges::fill(outs, in);
        } else {
            in = apply(runners[i], in, moment, outs);
        }
        values[i] = in;
    }
    outs.front() = in;
    return outs;
}

/// Finds out whether a stage works now, and wakes it if it did not.
bool StrandStages::rouse(std::uint32_t stage, Value in, const Moment& moment,
                         const Surroundings& around) noexcept
{
    const bool works = around.letWork(m_plan.stages[stage]);
    if (works && m_areAsleep[stage]) {
        auto quiet = moment;
        quiet.isNews = false;  // what it slept through
        stop(m_runners[stage]);
        wake(m_runners[stage], in, quiet);
    }
    m_areAsleep[stage] = !works;
    return works;
}

void StrandStages::look(const PlanStrand& strand, const Moment& moment,
                        const Surroundings& around) noexcept
{
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        if (!around.letWork(m_plan.stages[i])) {
            m_areAsleep[i] = true;
        } else if (!m_areAsleep[i]) {
            jolly::look(m_runners[i], moment);
        } else if (!around.inputs.isThere(strand.input)) {
            static_cast<void>(rouse(i, {}, moment, around));
        }
    }
}

Time StrandStages::nextAt(const PlanStrand& strand, Time now) const noexcept
{
    auto next = Time::max();
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        if (!m_areAsleep[i]) next = std::min(next, jolly::nextAt(m_runners[i], now));
    }
    return next;
}

bool StrandStages::arePerforming(const PlanStrand& strand) const noexcept
{
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        if (!m_areAsleep[i] && isPerforming(m_runners[i])) return true;
    }
    return false;
}

int StrandStages::dropped(const PlanStrand& strand) const noexcept
{
    int count = 0;
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i)
        count += jolly::dropped(m_runners[i]);
    return count;
}

/// How many of a kind stand before a stage of a strand.
std::uint32_t StrandStages::countBefore(const PlanStrand& strand, std::uint32_t stage,
                                        std::size_t kind) const noexcept
{
    std::uint32_t count = 0;
    for (auto i = strand.stages.first; i < stage; ++i)
        count += m_runners[i].index() == kind ? 1U : 0U;
    return count;
}

void StrandStages::goOn(const PlanStrand& strand, const StrandStages& previous,
                        const PlanStrand& old) noexcept
{
    const auto oldEnd = old.stages.first + old.stages.count;
    for (auto i = strand.stages.first; i < strand.stages.first + strand.stages.count; ++i) {
        const auto kind = m_runners[i].index();
        const auto rank = countBefore(strand, i, kind);
        for (auto o = old.stages.first; o < oldEnd; ++o) {
            const bool isPartner =
                previous.m_runners[o].index() == kind && previous.countBefore(old, o, kind) == rank;
            if (!isPartner) continue;
            continueFrom(m_runners[i], previous.m_runners[o]);
            m_areAsleep[i] = previous.m_areAsleep[o];
            break;
        }
    }
}

}  // namespace jolly
