// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/chain.h"

#include <cmath>

namespace jolly
{

namespace
{

constexpr int kParts = 512;      ///< in which a way back is looked for
constexpr int kHalvings = 40;    ///< to the last bit that matters
constexpr double kAlike = 1e-9;  ///< two misses that are no different

}  // namespace

Chain::Chain(const Machine& machine, std::uint32_t strand)
    : m_inputs(machine.inputs().values().begin(), machine.inputs().values().end())
{
    const auto& plan = machine.plan();
    const auto& run = plan.strands[strand].stages;
    for (std::uint32_t i = 0; i < run.count; ++i) {
        m_stages.push_back(plan.stages[run.first + i]);
        m_areWorking.push_back(machine.around().letWork(m_stages.back()));
    }
}

double Chain::through(double in, std::size_t first, std::size_t last)
{
    Value value{in, 0.0};
    for (auto i = first; i < last; ++i) {
        if (!m_areWorking[i]) continue;
        reset(m_stages[i].runner);
        value = apply(m_stages[i].runner, value, {{}, m_inputs});
    }
    return value.x;
}

double Chain::inverse(double out, std::size_t first, std::size_t last, double low, double near)
{
    if (first == last) return out;
    double best = near;
    double bestMiss = std::abs(through(near, first, last) - out);
    const auto consider = [&](double in, double miss) {
        const bool isNearer = std::abs(in - near) < std::abs(best - near);
        if (miss < bestMiss - kAlike || (miss < bestMiss + kAlike && isNearer)) {
            best = in;
            bestMiss = miss;
        }
    };
    const auto placeOf = [low](int part) { return low + (1.0 - low) * part / kParts; };
    double before = through(low, first, last) - out;
    consider(low, std::abs(before));
    for (int part = 1; part <= kParts; ++part) {
        double below = placeOf(part - 1);
        double above = placeOf(part);
        const double after = through(above, first, last) - out;
        consider(above, std::abs(after));
        if ((before < 0.0) != (after < 0.0) && before != 0.0 && after != 0.0) {
            for (int i = 0; i < kHalvings; ++i) {
                const double middle = (below + above) / 2.0;
                const double miss = through(middle, first, last) - out;
                ((miss < 0.0) == (before < 0.0) ? below : above) = middle;
            }
            consider(below, std::abs(through(below, first, last) - out));
        }
        before = after;
    }
    return best;
}

}  // namespace jolly
