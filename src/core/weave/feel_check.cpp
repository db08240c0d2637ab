// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/feel_check.h"

#include "core/calibration/judge.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"
#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr int kParts = 1000;       ///< in which the travel is looked at
constexpr double kStill = 1e-7;    ///< a change that is none
constexpr double kMuch = 0.15;     ///< so much dead travel is worth a word
constexpr double kShort = 0.005;   ///< so far from the end is short of it
constexpr double kBeside = 0.002;  ///< how far beside rest and ends slopes are measured

double lowOf(Sides sides)
{
    return sides == Sides::Two ? -1.0 : 0.0;
}

double slopeAt(Chain& chain, double in)
{
    return (chain.through(in + kBeside) - chain.through(in - kBeside)) / (2.0 * kBeside);
}

/// Where the output begins to move on the way from one place to another: `from` itself without a
/// dead zone there.
double edgeAt(Chain& chain, double from, double to)
{
    const double still = chain.through(from);
    for (int part = 1; part <= kParts; ++part) {
        const double in = std::lerp(from, to, static_cast<double>(part) / kParts);
        if (std::abs(chain.through(in) - still) > kStill)
            return std::lerp(from, to, static_cast<double>(part - 1) / kParts);
    }
    return from;
}

/// The slope just beside the place where the output begins to move.
double slopeBeside(Chain& chain, double from, double to)
{
    const double side = to > from ? 2.0 : -2.0;
    return slopeAt(chain, edgeAt(chain, from, to) + side * kBeside);
}

bool hasCurve(const Strand& strand)
{
    return std::ranges::any_of(
        strand.stages, [](const Stage& stage) { return stage.isOn && isBent(stage.parameters); });
}

bool hasCounter(const Strand& strand)
{
    return std::ranges::any_of(strand.stages, [](const Stage& stage) {
        return stage.isOn && undoesSim(stage.parameters);
    });
}

bool isHalf(const Strand& strand)
{
    return std::ranges::any_of(strand.stages, [](const Stage& stage) {
        return stage.isOn && infoOf(stage.parameters).isHalf;
    });
}

void noteEnds(const Travel& travel, std::vector<Sentence>& notes)
{
    const double low = lowOf(travel.outSides);
    const bool isShortAbove = travel.highest < 1.0 - kShort;
    const bool isShortBelow = travel.lowest > low + kShort;
    if (isShortAbove && isShortBelow)
        notes.push_back(
            say("The output stays between %1 and %2; the game's axis goes from %3 to %4.",
                percent(travel.lowest), percent(travel.highest), percent(low), percent(1.0)));
    else if (isShortAbove)
        notes.push_back(say("The output never gets above %1; the game's axis goes on to %2.",
                            percent(travel.highest), percent(1.0)));
    else if (isShortBelow)
        notes.push_back(say("The output never gets below %1; the game's axis goes on to %2.",
                            percent(travel.lowest), percent(low)));
}

void noteHalves(const Tangle& tangle, const Strand& strand, std::vector<Sentence>& notes)
{
    const auto both = std::ranges::count_if(tangle.strands, [&](const Strand& other) {
        return other.isOn && other.source == strand.source && isHalf(other);
    });
    if (both < 2 || !isHalf(strand)) return;
    notes.emplace_back(words(
        "Two controls share this one axis: while both are moved it reports their difference, and "
        "nothing can tell them apart. If the controller has a way to report them as two axes, "
        "choose that."));
}

}  // namespace

Travel measure(Chain& chain, Sides sides, Sides outSides)
{
    Travel travel{.sides = sides, .outSides = outSides};
    const double low = lowOf(sides);
    double before = chain.through(low);
    travel.isInverted = chain.through(1.0) < before;
    travel.lowest = travel.highest = before;
    const double up = travel.isInverted ? -1.0 : 1.0;
    for (int part = 1; part <= kParts; ++part) {
        const double out = chain.through(low + (1.0 - low) * part / kParts);
        if (std::abs(out - before) <= kStill) travel.dead += 1.0 / kParts;
        if (up * (out - before) < -kStill) travel.fall += 1.0 / kParts;
        travel.lowest = std::min(travel.lowest, out);
        travel.highest = std::max(travel.highest, out);
        before = out;
    }
    travel.slopeAtRest = slopeBeside(chain, 0.0, 1.0);
    travel.slopeAtLow = slopeBeside(chain, low, 1.0);
    travel.slopeAtHigh = slopeBeside(chain, 1.0, low);
    return travel;
}

RestCover covering(RestCover cover, const Drift& drift)
{
    if (-drift.low > cover.below) cover.below = coverOf(-drift.low);
    if (drift.high > cover.above) cover.above = coverOf(drift.high);
    return cover;
}

std::vector<Sentence> feelNotes(const Tangle& tangle, const Strand& strand, const Travel& travel,
                                const OtherBends& others)
{
    std::vector<Sentence> notes;
    if (travel.dead > kMuch && !isHalf(strand))
        notes.push_back(
            say("%1 of the travel changes nothing: dead zones, reach or a flat piece of the curve "
                "leave it out. Make them smaller if your hand misses it.",
                percent(travel.dead)));
    noteEnds(travel, notes);
    if (travel.fall > 0.0)
        notes.emplace_back(words(
            "The curve falls on its way: there the game goes back while your hand goes on. \"Keep "
            "rising\" mends it."));
    if (others.isKernelFiltering)
        notes.emplace_back(words(
            "The kernel filters this axis as well, before it gets here. Switch that off on the "
            "controller's card on the Rig page."));
    if (tangle.sheet && tangle.sheet->bendsAxes && hasCurve(strand) && !hasCounter(strand))
        notes.push_back(
            say("%1 bends axes by a curve of its own, so this one is bent twice. Straighten one of "
                "them, or undo the sim's by a counter-curve.",
                tangle.sheet->name));
    const auto* craft = findBy(tangle.craft, &Craft::id, strand.craft);
    if (craft && craft->wantsStraight && hasCurve(strand))
        notes.push_back(say("%1 wants its axes straight, and this one has a curve.", craft->name));
    noteHalves(tangle, strand, notes);
    return notes;
}

}  // namespace jolly
