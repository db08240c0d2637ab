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
        if (calibration.centre < calibration.low || calibration.centre > calibration.high)
            calibration.centre = Calibration::ofRange(calibration.low, calibration.high).centre;
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

/// The parts of the device's range that were not reached.
std::string deadTravelWords(const AxisFindings& ends, const AxisRange& range)
{
    const double low = (static_cast<double>(ends.low) - range.low) / range.travel();
    const double high = (static_cast<double>(range.high) - ends.high) / range.travel();
    return "its low end is " + percent(low) + " short, its high end " + percent(high) + ". ";
}

std::string endsWords(const AxisFindings& ends, const AxisRange& told, const AxisRange& range)
{
    const double reach = reachOf(ends, range);
    if (!told.isSound())
        return "Its device tells an impossible range (" + std::to_string(told.low) + " to " +
               std::to_string(told.high) + "): the counts that were seen become its ends. ";
    if (reach >= kToItsEnds && ends.levels <= kMostSwitchLevels)
        return "Reports its ends and hardly anything between: a switch that looks like an axis. ";
    if (ends.low < range.low || ends.high > range.high)
        return "Goes beyond the ends that its device tells: the counts that were seen become its "
               "ends. ";
    if (reach >= kWholeReach) return "Reaches its whole travel. ";
    if (reach >= kToItsEnds)
        return "Reaches " + percent(reach) + " of its travel, which becomes the whole; " +
               deadTravelWords(ends, range);
    if (reach >= kMoved)
        return "Moved through " + percent(reach) +
               " of its travel only, so its ends stay as they are. ";
    return "Not moved to its ends: they stay as they are. ";
}

std::string unmovedWords(const AxisFindings& ends, const AxisRange& range, Sides sides)
{
    const bool isAtLow = ends.samples > 0 && ends.high <= range.low && sides == Sides::Two;
    const bool isAtHigh = ends.samples > 0 && ends.low >= range.high;
    if (!isAtLow && !isAtHigh) return "Not moved: it stays as it is.";
    return std::string("Stands at its ") + (isAtLow ? "low" : "high") +
           " end and never moved: if you did move it, its sensor or cable is dead; else it stays "
           "as it is.";
}

}  // namespace

AxisVerdict judge(const AxisFindings& ends, const AxisFindings& rests, const AxisRange& told,
                  Sides sides, const Calibration& present)
{
    const AxisSample seen[] = {{{}, ends.low}, {{}, ends.high}};
    const auto range = soundRange(told, seen);
    AxisVerdict verdict{.calibration = present, .sides = sides, .words = {}};
    const double reach = reachOf(ends, range);
    const bool isMoved = ends.high > ends.low && reach >= kMoved;
    if (!isMoved && rests.rests.empty()) {
        verdict.words = unmovedWords(ends, range, sides);
        return verdict;
    }
    const auto offered = offer(ends, rests, range, sides, present);
    if (offered.isSound()) verdict.calibration = offered;
    verdict.offersCalibration = verdict.calibration != present;
    const double stray = strayPart(rests, sides, verdict.calibration);
    verdict.deadZone = coverOf(stray);
    const bool isClean = told.isSound() && reach >= kWholeReach &&
                         ends.levels > kMostSwitchLevels && !rests.rests.empty() &&
                         rests.stray == 0 && ends.spikes + rests.spikes == 0 &&
                         ends.low >= range.low && ends.high <= range.high;
    if (isClean) {
        verdict.words = "Clean: reaches its whole travel and rests always at the same count.";
        return verdict;
    }
    verdict.words = endsWords(ends, told, range) + restWords(rests, stray) +
                    jitterWords(rests, range) + spikeWords(ends, rests);
    verdict.words.pop_back();
    return verdict;
}

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
            lookForRests(walked, now - m_pauses);
        } else if (auto* record = recordOf(walked)) {
            record->findings = survey(record->samples, rangeOf(walked), now - m_pauses);
        }
    }
}

/// What rests again and again at the other place rests there, whatever it was taken for.
void CalibrationWalk::lookForRests(Walked& walked, Time now)
{
    const auto range = rangeOf(walked);
    const auto& samples = walked.rests.samples;
    walked.sides = walked.axis.sides;
    walked.rests.findings = survey(samples, range, now);
    if (!walked.rests.findings.rests.empty()) return;
    const auto other = walked.sides == Sides::Two ? Sides::One : Sides::Two;
    const auto middle = static_cast<std::int32_t>(range.low + range.travel() / 2.0);
    const auto found = survey(
        samples, {range.low, range.high, other == Sides::One ? range.low : middle}, now);
    if (found.rests.size() < 2) return;
    walked.sides = other;
    walked.rests.findings = found;
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
        return fail(Failure::Code::NotThere, "No lever was moved in this step.",
                    "Put one into a notch first.");
    const auto axis = static_cast<std::size_t>(last - m_axes.begin());
    auto notch = captureNotch(last->held.samples, rangeOf(*last), now - m_pauses);
    if (!notch)
        return fail(Failure::Code::Busy, "The lever still moves.",
                    "Leave it in its notch for a moment, then capture it.");
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
    auto verdict = judge(walked.ends.findings, walked.rests.findings, walked.axis.range,
                         walked.sides, walked.axis.present);
    if (walked.sides != walked.axis.sides)
        verdict.words += walked.sides == Sides::One
                             ? " Rests at its low end, as a lever or pedal does."
                             : " Rests in the middle, as a stick does.";
    return verdict;
}

}  // namespace jolly
