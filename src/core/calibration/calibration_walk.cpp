// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration_walk.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr double kTickedReach = 0.9;
constexpr std::size_t kMostSamples = 400'000;

}  // namespace

CalibrationWalk::CalibrationWalk(const std::vector<Axis>& axes,
                                 const std::vector<std::int32_t>& counts, Time now)
{
    for (const auto& axis : axes) m_axes.push_back({axis, {}, {}, {}, axis.sides, axis.notches});
    begin(Step::Ends, counts, now);
}

CalibrationWalk::Record* CalibrationWalk::recordOf(Walked& walked) const noexcept
{
    switch (m_step) {
        case Step::Ends:
            return &walked.ends;
        case Step::LetGo:
            return &walked.rests;
        case Step::Notches:
            return &walked.held;
        default:
            return nullptr;
    }
}

AxisRange CalibrationWalk::rangeOf(const Walked& walked)
{
    return soundRange(walked.axis.range, walked.ends.samples);
}

bool CalibrationWalk::hasLevers() const noexcept
{
    return std::ranges::any_of(m_axes, [](const Walked& w) { return w.sides == Sides::One; });
}

CalibrationWalk::Step CalibrationWalk::next() const noexcept
{
    if (m_step == Step::Ends) return Step::LetGo;
    return m_step == Step::LetGo && hasLevers() ? Step::Notches : Step::Verdict;
}

CalibrationWalk::Step CalibrationWalk::previous() const noexcept
{
    if (m_step == Step::Verdict) return hasLevers() ? Step::Notches : Step::LetGo;
    return m_step == Step::Notches ? Step::LetGo : Step::Ends;
}

int CalibrationWalk::stepNumber() const noexcept
{
    return m_step == Step::Verdict ? stepCount() : static_cast<int>(m_step) + 1;
}

void CalibrationWalk::begin(Step step, const std::vector<std::int32_t>& counts, Time now)
{
    look(now);
    m_step = step;
    for (std::size_t i = 0; i < m_axes.size(); ++i) {
        if (auto* record = recordOf(m_axes[i])) *record = {{{now - m_pauses, counts[i]}}, {}};
    }
    look(now);
}

void CalibrationWalk::pause(Time now)
{
    if (m_pausedAt) return;
    look(now);
    m_pausedAt = now;
}

void CalibrationWalk::resume(const std::vector<std::int32_t>& counts, Time now)
{
    if (!m_pausedAt) return;
    m_pauses += now - *m_pausedAt;
    m_pausedAt.reset();
    for (std::size_t i = 0; i < m_axes.size(); ++i) take(i, {now, counts[i]});
    look(now);
}

void CalibrationWalk::take(std::size_t axis, AxisSample sample)
{
    auto* record = recordOf(m_axes[axis]);
    if (!record || m_pausedAt || record->samples.size() >= kMostSamples) return;
    sample.time = std::max(sample.time - m_pauses, record->samples.back().time);
    record->samples.push_back(sample);
}

void CalibrationWalk::look(Time now)
{
    if (m_pausedAt) return;
    for (auto& walked : m_axes) {
        if (m_step == Step::LetGo) {
            const auto sided = surveyRests(walked.rests.samples, rangeOf(walked), walked.axis.sides,
                                           now - m_pauses);
            walked.rests.findings = sided.findings;
            walked.sides = sided.sides;
        } else if (auto* record = recordOf(walked)) {
            record->findings = survey(record->samples, rangeOf(walked), now - m_pauses);
        }
    }
}

const AxisFindings& CalibrationWalk::findings(std::size_t axis) const
{
    const auto& walked = m_axes[axis];
    if (m_step == Step::Ends) return walked.ends.findings;
    return m_step == Step::Notches ? walked.held.findings : walked.rests.findings;
}

bool CalibrationWalk::isTicked(std::size_t axis) const
{
    const auto& walked = m_axes[axis];
    if (m_step == Step::Ends)
        return walked.ends.findings.levels > 1 &&
               reachOf(walked.ends.findings, rangeOf(walked)) >= kTickedReach;
    if (m_step == Step::Notches) return !walked.notches.empty();
    return walked.rests.findings.rests.size() >= kReleases;
}

Result<std::size_t> CalibrationWalk::capture(Time now)
{
    const auto isMoved = [](const Walked& walked) { return walked.held.samples.size() > 1; };
    const auto last = std::ranges::max_element(m_axes, {}, [&](const Walked& walked) {
        const double travel = rangeOf(walked).travel();
        const auto& samples = walked.held.samples;
        for (auto i = samples.size(); walked.sides == Sides::One && i-- > 1;) {
            const auto change = static_cast<double>(samples[i].raw) - samples.back().raw;
            if (std::abs(change) > kMoved * travel) return samples[i].time;
        }
        return Time::min();
    });
    if (last == m_axes.end() || last->sides != Sides::One || !isMoved(*last))
        return fail(Failure::Code::NotThere, words("No lever was moved in this step."),
                    words("Put one into a notch first."));
    const auto axis = static_cast<std::size_t>(last - m_axes.begin());
    auto notch = captureNotch(last->held.samples, rangeOf(*last), now - m_pauses);
    if (!notch)
        return fail(Failure::Code::Busy, words("The lever still moves."),
                    words("Leave it in its notch for a moment, then capture it."));
    notch->name = freshNotchName(last->notches);
    const auto added = addNotch(last->notches, *notch);
    if (!added) return tl::unexpected(added.error());
    return axis;
}

void CalibrationWalk::setNotches(std::size_t axis, NotchList notches)
{
    m_axes[axis].notches = std::move(notches);
}

AxisVerdict CalibrationWalk::verdict(std::size_t axis) const
{
    const auto& walked = m_axes[axis];
    return judge(walked.ends.findings, {walked.rests.findings, walked.sides}, walked.axis.range,
                 walked.axis.sides, walked.axis.present);
}

}  // namespace jolly
