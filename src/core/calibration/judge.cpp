// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/judge.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr double kToItsEnds = 0.5;  // less is no walk to both ends
/// Less of its travel than this was perhaps not all that it can do.
constexpr double kSureReach = 0.8;
constexpr double kWholeReach = 0.995;
constexpr std::size_t kMostSwitchLevels = 3;  // both ends and a middle
constexpr double kMostNoise = 0.005;
constexpr std::int32_t kMostNoiseCounts = 2;  // whatever the range: a step or two
constexpr double kMargin = 1.25;
constexpr double kSeen = 0.0005;  // what reads as 0.0 %
constexpr double kMostDeadZone = 0.5;

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

Sentence restWords(const AxisFindings& rests, double stray)
{
    if (rests.rests.empty()) return words("It stays where it is left: no rest was found.");
    if (rests.stray == 0) return words("Rests always at the same count.");
    const auto rest = say("Rests within %1: a dead zone of %2 covers it.", percent(stray),
                          percent(coverOf(stray)));
    if (rests.rests.size() > 1) return rest;
    return oneAfterOther(rest, words("Let go once only, so its drift may be larger."));
}

Sentence jitterWords(const AxisFindings& rests, const AxisRange& range)
{
    if (rests.jitter == 0) return {};
    if (!hasJitter(rests, range))
        return say("Jitters by %1, too much to be held back.",
                   percent(rests.jitter / range.travel()));
    return several("Jitters by %n count, which will be no move.",
                   "Jitters by %n counts, which will be no move.", rests.jitter);
}

Sentence spikeWords(const AxisFindings& ends, const AxisFindings& rests)
{
    const int spikes = ends.spikes + rests.spikes;
    if (spikes == 0) return {};
    return several("%n spike meanwhile: look at its cable or sensor.",
                   "%n spikes meanwhile: look at its cable or sensor.", spikes);
}

/// With the parts of the device's range that were not reached.
Sentence reachWords(double reach, const AxisFindings& ends, const AxisRange& range)
{
    const double low = (static_cast<double>(ends.low) - range.low) / range.travel();
    const double high = (static_cast<double>(range.high) - ends.high) / range.travel();
    if (low < kSeen)
        return say("Reaches %1 of its travel, which becomes the whole; its high end is %2 short.",
                   percent(reach), percent(high));
    if (high < kSeen)
        return say("Reaches %1 of its travel, which becomes the whole; its low end is %2 short.",
                   percent(reach), percent(low));
    return say(
        "Reaches %1 of its travel, which becomes the whole; its low end is %2 short, its high end "
        "%3.",
        percent(reach), percent(low), percent(high));
}

Sentence endsWords(const AxisFindings& ends, const AxisRange& told, const AxisRange& range)
{
    const double reach = reachOf(ends, range);
    if (!told.isSound())
        return say(
            "Its device tells an impossible range (%1 to %2): the counts that were seen become its "
            "ends.",
            told.low, told.high);
    if (reach >= kToItsEnds && ends.levels <= kMostSwitchLevels)
        return words(
            "Reports its ends and hardly anything between: a switch that looks like an axis.");
    if (ends.low < range.low || ends.high > range.high)
        return words(
            "Goes beyond the ends that its device tells: the counts that were seen become its "
            "ends.");
    if (reach >= kWholeReach) return words("Reaches its whole travel.");
    if (reach >= kSureReach) return reachWords(reach, ends, range);
    if (reach >= kToItsEnds)
        return say(
            "Reaches %1 of its travel only, less than four fifths: tick it if it was moved to both "
            "ends; else move it again.",
            percent(reach));
    if (reach >= kMoved)
        return say("Moved through %1 of its travel only, so its ends stay as they are.",
                   percent(reach));
    return words("Not moved to its ends: they stay as they are.");
}

Sentence unmovedWords(const AxisFindings& ends, const AxisRange& range, Sides sides)
{
    const bool isAtLow = ends.samples > 0 && ends.high <= range.low && sides == Sides::Two;
    const bool isAtHigh = ends.samples > 0 && ends.low >= range.high;
    if (!isAtLow && !isAtHigh) return words("Not moved: it stays as it is.");
    return isAtLow
               ? words(
                     "Stands at its low end and never moved: if you did move it, its sensor or "
                     "cable is dead; else it stays as it is.")
               : words(
                     "Stands at its high end and never moved: if you did move it, its sensor or "
                     "cable is dead; else it stays as it is.");
}

/// What tells that it rests elsewhere than it was taken for.
Sentence sidesWords(Sides found, Sides known)
{
    if (found == known) return {};
    return found == Sides::One ? words("Rests at its low end, as a lever or pedal does.")
                               : words("Rests in the middle, as a stick does.");
}

}  // namespace

double coverOf(double stray)
{
    return std::min(kMostDeadZone, std::ceil(stray * kMargin * 1000.0) / 1000.0);
}

double reachOf(const AxisFindings& ends, const AxisRange& range)
{
    return ends.samples == 0 ? 0.0 : (static_cast<double>(ends.high) - ends.low) / range.travel();
}

SidedFindings surveyRests(std::span<const AxisSample> samples, const AxisRange& range, Sides sides,
                          Time until)
{
    auto found = survey(samples, range, until);
    if (!found.rests.empty()) return {found, sides};
    const auto other = sides == Sides::Two ? Sides::One : Sides::Two;
    const auto middle = static_cast<std::int32_t>(range.low + range.travel() / 2.0);
    auto elsewhere =
        survey(samples, {range.low, range.high, other == Sides::One ? range.low : middle}, until);
    if (elsewhere.rests.size() < 2) return {found, sides};
    return {elsewhere, other};
}

AxisVerdict judge(const AxisFindings& ends, const SidedFindings& sided, const AxisRange& told,
                  Sides known, const Calibration& present)
{
    const auto& rests = sided.findings;
    const auto sides = sided.sides;
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
    verdict.isSure = reach < kToItsEnds || reach >= kSureReach;
    const double stray = strayPart(rests, sides, verdict.calibration);
    verdict.deadZone = coverOf(stray);
    const bool isClean = told.isSound() && reach >= kWholeReach &&
                         ends.levels > kMostSwitchLevels && !rests.rests.empty() &&
                         rests.stray == 0 && ends.spikes + rests.spikes == 0 &&
                         ends.low >= range.low && ends.high <= range.high;
    if (isClean) {
        verdict.words =
            words("Clean: reaches its whole travel and rests always at the same count.");
        return verdict;
    }
    verdict.words = oneAfterOther({endsWords(ends, told, range), restWords(rests, stray),
                                   jitterWords(rests, range), spikeWords(ends, rests),
                                   sidesWords(sides, known)});
    return verdict;
}

}  // namespace jolly
