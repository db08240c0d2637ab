// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration_walk.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr double kMoved = 0.02;     // of the range: less is not moved
constexpr double kToItsEnds = 0.5;  // less is no walk to both ends
constexpr double kWholeReach = 0.995;
constexpr std::size_t kMostSwitchLevels = 3;  // both ends and a middle
constexpr double kTickedReach = 0.9;
constexpr double kMostNoise = 0.005;
constexpr std::int32_t kMostNoiseCounts = 2;  // whatever the range: a step or two
constexpr double kMargin = 1.25;
constexpr double kMostDeadZone = 0.5;
constexpr std::size_t kMostSamples = 400'000;

double reachOf(const AxisFindings& ends, const AxisRange& range)
{
    return ends.samples == 0 ? 0.0 : (static_cast<double>(ends.high) - ends.low) / range.travel();
}

bool hasJitter(const AxisFindings& rests, const AxisRange& range)
{
    return rests.jitter > 0 &&
           (rests.jitter <= kMostNoiseCounts || rests.jitter <= kMostNoise * range.travel());
}

Calibration offer(const AxisFindings& ends, const AxisFindings& rests, const AxisRange& range,
                  Sides sides, Calibration calibration)
{
    if (reachOf(ends, range) >= kToItsEnds) {
        const auto inset = hasJitter(rests, range) ? rests.jitter : 0;
        calibration.low = ends.low + inset;
        calibration.high = ends.high - inset;
    }
    if (rests.rests.empty()) return calibration;
    if (sides == Sides::Two) calibration.centre = rests.rest;
    if (sides == Sides::One) calibration.low = std::min(rests.rest, calibration.high - 1);
    if (hasJitter(rests, range)) calibration.noise = rests.jitter;
    return calibration;
}

/// The part of the smaller side within which it rested.
double strayPart(const AxisFindings& rests, Sides sides, const Calibration& c)
{
    const double low = c.low;
    const double high = c.high;
    const double side =
        sides == Sides::One ? high - low : std::min(c.centre - low, high - c.centre);
    return side > 0.0 ? rests.stray / side : 0.0;
}

/// A quarter more than what it strayed, in tenths of a percent.
double coverOf(double stray)
{
    return std::min(kMostDeadZone, std::ceil(stray * kMargin * 1000.0) / 1000.0);
}

std::string restWords(const AxisFindings& rests, double stray)
{
    if (rests.rests.empty()) return "It stays where it is left: no rest was found. ";
    if (rests.stray == 0) return "Rests always at the same count. ";
    std::string words = "Rests within " + percent(stray) + ": a dead zone of " +
                        percent(coverOf(stray)) + " covers it. ";
    if (rests.rests.size() < 2) words += "Let go once only, so its drift may be larger. ";
    return words;
}

std::string jitterWords(const AxisFindings& rests, const AxisRange& range)
{
    if (rests.jitter == 0) return {};
    if (!hasJitter(rests, range)) {
        return "Jitters by " + percent(rests.jitter / range.travel()) +
               ", too much to be held back. ";
    }
    return "Jitters by " + std::to_string(rests.jitter) +
           (rests.jitter == 1 ? " count" : " counts") + ", which will be no move. ";
}

std::string spikeWords(const AxisFindings& ends, const AxisFindings& rests)
{
    const int spikes = ends.spikes + rests.spikes;
    if (spikes == 0) return {};
    return std::to_string(spikes) + (spikes == 1 ? " spike" : " spikes") +
           " meanwhile: look at its cable or sensor. ";
}

}  // namespace

AxisVerdict judge(const AxisFindings& ends, const AxisFindings& rests, const AxisRange& range,
                  Sides sides, const Calibration& present)
{
    AxisVerdict verdict{.calibration = present, .words = {}};
    const double reach = reachOf(ends, range);
    if (reach < kMoved && rests.rests.empty()) {
        verdict.words = "Not moved: it stays as it is.";
        return verdict;
    }
    const auto offered = offer(ends, rests, range, sides, present);
    if (offered.isSound()) verdict.calibration = offered;
    verdict.offersCalibration = verdict.calibration != present;
    const double stray = strayPart(rests, sides, verdict.calibration);
    verdict.deadZone = coverOf(stray);
    const bool isClean = reach >= kWholeReach && ends.levels > kMostSwitchLevels &&
                         !rests.rests.empty() && rests.stray == 0 &&
                         ends.spikes + rests.spikes == 0;
    if (isClean) {
        verdict.words = "Clean: reaches its whole travel and rests always at the same count.";
        return verdict;
    }
    if (reach >= kToItsEnds && ends.levels <= kMostSwitchLevels) {
        verdict.words =
            "Reports its ends and hardly anything between: a switch that looks like an axis. ";
    } else if (reach >= kWholeReach) {
        verdict.words = "Reaches its whole travel. ";
    } else if (reach >= kToItsEnds) {
        verdict.words = "Reaches " + percent(reach) + " of its travel, which becomes the whole. ";
    } else if (reach >= kMoved) {
        verdict.words = "Moved through " + percent(reach) +
                        " of its travel only, so its ends stay as they are. ";
    } else {
        verdict.words = "Not moved to its ends: they stay as they are. ";
    }
    verdict.words += restWords(rests, stray) + jitterWords(rests, range) + spikeWords(ends, rests);
    verdict.words.pop_back();
    return verdict;
}

CalibrationWalk::CalibrationWalk(const std::vector<Axis>& axes,
                                 const std::vector<std::int32_t>& counts, Time now)
{
    for (const auto& axis : axes) m_axes.push_back({axis, {}, {}});
    begin(Step::Ends, counts, now);
}

CalibrationWalk::Record* CalibrationWalk::recordOf(Walked& walked) const noexcept
{
    if (m_step == Step::Verdict) return nullptr;
    return m_step == Step::Ends ? &walked.ends : &walked.rests;
}

void CalibrationWalk::begin(Step step, const std::vector<std::int32_t>& counts, Time now)
{
    look(now);
    m_step = step;
    for (std::size_t i = 0; i < m_axes.size(); ++i) {
        if (auto* record = recordOf(m_axes[i])) *record = {{{now, counts[i]}}, {}};
    }
    look(now);
}

void CalibrationWalk::take(std::size_t axis, AxisSample sample)
{
    auto* record = recordOf(m_axes[axis]);
    if (!record || record->samples.size() >= kMostSamples) return;
    sample.time = std::max(sample.time, record->samples.back().time);
    record->samples.push_back(sample);
}

void CalibrationWalk::look(Time now)
{
    for (auto& walked : m_axes) {
        if (auto* record = recordOf(walked))
            record->findings = survey(record->samples, walked.axis.range, now);
    }
}

const AxisFindings& CalibrationWalk::findings(std::size_t axis) const
{
    return m_step == Step::Ends ? m_axes[axis].ends.findings : m_axes[axis].rests.findings;
}

bool CalibrationWalk::isTicked(std::size_t axis) const
{
    const auto& walked = m_axes[axis];
    if (m_step == Step::Ends)
        return reachOf(walked.ends.findings, walked.axis.range) >= kTickedReach;
    return walked.rests.findings.rests.size() >= kReleases;
}

AxisVerdict CalibrationWalk::verdict(std::size_t axis) const
{
    const auto& walked = m_axes[axis];
    return judge(walked.ends.findings, walked.rests.findings, walked.axis.range, walked.axis.sides,
                 walked.axis.present);
}

}  // namespace jolly
