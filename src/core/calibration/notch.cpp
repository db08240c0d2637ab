// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/notch.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace jolly
{

namespace
{

constexpr Time kCaptureLasts = std::chrono::seconds(1);
constexpr Time kHeldFor = std::chrono::milliseconds(300);
constexpr double kHeldBand = 0.01;
constexpr double kLeastHalf = 0.008;

double lowestOf(Sides sides)
{
    return sides == Sides::Two ? -1.0 : 0.0;
}

Sentence rangeText(const Notch& notch)
{
    return say("%1 (%2 to %3)", notch.name, notch.at - notch.half, notch.at + notch.half);
}

bool doOverlap(const Notch& one, const Notch& other)
{
    return std::abs(static_cast<std::int64_t>(one.at) - other.at) <=
           static_cast<std::int64_t>(one.half) + other.half;
}

/// The first pair of neighbours that do not fit, as a failure.
Fallible check(const NotchList& ordered)
{
    for (std::size_t i = 0; i < ordered.size(); ++i) {
        if (ordered[i].half < 1)
            return fail(Failure::Code::Unreadable,
                        say("The notch %1 has no width.", ordered[i].name),
                        words("Give it a half width of 1 count or more."));
        if (i == 0) continue;
        if (doOverlap(ordered[i - 1], ordered[i]))
            return fail(Failure::Code::Unreadable,
                        say("The notches %1 and %2 overlap.", rangeText(ordered[i - 1]),
                            rangeText(ordered[i])),
                        words("Make one of them narrower, or move it."));
    }
    const Notch* last = nullptr;
    for (const auto& notch : ordered) {
        if (!notch.value) continue;
        if (last && *notch.value <= *last->value)
            return fail(Failure::Code::Unreadable,
                        say("The notch %1 lies above %2 but gives no higher value.", notch.name,
                            last->name),
                        words("Give it a higher one, or let it follow the travel."));
        last = &notch;
    }
    return {};
}

struct Spread {
    std::int32_t low;
    std::int32_t high;
};

/// The lowest and highest count held from `from` on.
Spread spreadSince(std::span<const AxisSample> samples, Time from)
{
    Spread spread{samples.back().raw, samples.back().raw};
    for (auto i = samples.size(); i-- > 0;) {
        spread.low = std::min(spread.low, samples[i].raw);
        spread.high = std::max(spread.high, samples[i].raw);
        if (samples[i].time <= from) break;
    }
    return spread;
}

bool isNarrow(Spread spread, const AxisRange& range)
{
    return static_cast<double>(spread.high) - spread.low <= kHeldBand * range.travel();
}

}  // namespace

std::optional<Notch> captureNotch(std::span<const AxisSample> samples, const AxisRange& range,
                                  Time now)
{
    if (samples.empty() || range.low >= range.high) return std::nullopt;
    auto spread = spreadSince(samples, now - kHeldFor);
    if (!isNarrow(spread, range)) return std::nullopt;
    for (auto back = kHeldFor; back <= kCaptureLasts; back += kHeldFor / 3) {
        const auto wider = spreadSince(samples, now - back);
        if (!isNarrow(wider, range)) break;
        spread = wider;
    }
    const auto width = static_cast<std::int64_t>(spread.high) - spread.low;
    Notch notch;
    notch.at = static_cast<std::int32_t>(spread.low + width / 2);
    notch.half = static_cast<std::int32_t>(
        std::max({2.0 * static_cast<double>(width), kLeastHalf * range.travel(), 1.0}));
    return notch;
}

Result<std::size_t> addNotch(NotchList& notches, Notch notch)
{
    auto trial = notches;
    const auto again = std::ranges::find_if(trial, [&](const Notch& known) {
        return std::abs(static_cast<std::int64_t>(known.at) - notch.at) <= known.half;
    });
    const auto name = again == trial.end() ? notch.name : again->name;
    if (again != trial.end()) {
        const auto apart = std::abs(again->at - notch.at);
        again->half = std::max(again->half, notch.half + (apart + 1) / 2);
        again->at = std::min(again->at, notch.at) + apart / 2;
    } else {
        trial.push_back(std::move(notch));
    }
    if (auto done = orderNotches(trial); !done) return tl::unexpected(done.error());
    notches = std::move(trial);
    return static_cast<std::size_t>(std::ranges::find(notches, name, &Notch::name) -
                                    notches.begin());
}

Fallible orderNotches(NotchList& notches)
{
    auto ordered = notches;
    std::ranges::stable_sort(ordered, {}, &Notch::at);
    auto done = check(ordered);
    if (done) notches = std::move(ordered);
    return done;
}

std::string freshNotchName(const NotchList& notches)
{
    for (std::size_t n = 1;; ++n) {
        auto name = "notch " + std::to_string(n);
        if (std::ranges::find(notches, name, &Notch::name) == notches.end()) return name;
    }
}

Result<int> matchNotches(NotchList& one, const Calibration& calibrationOfOne, NotchList& other,
                         const Calibration& calibrationOfOther, Sides sides)
{
    auto trialOfOne = one;
    auto trialOfOther = other;
    int matched = 0;
    for (auto& notch : trialOfOne) {
        const auto twin = std::ranges::find(trialOfOther, notch.name, &Notch::name);
        if (twin == trialOfOther.end()) continue;
        const double here = valueWithNotches(calibrationOfOne, one, notch.at, sides);
        const double there = valueWithNotches(calibrationOfOther, other, twin->at, sides);
        notch.value = twin->value = (here + there) / 2.0;
        ++matched;
    }
    if (matched == 0)
        return fail(Failure::Code::NotThere,
                    words("The two levers have no notch of the same name."),
                    words("Give the notches that belong together one name."));
    for (auto* trial : {&trialOfOne, &trialOfOther}) {
        if (auto done = orderNotches(*trial); !done) return tl::unexpected(done.error());
    }
    one = std::move(trialOfOne);
    other = std::move(trialOfOther);
    return matched;
}

double valueWithNotches(const Calibration& calibration, std::span<const Notch> notches,
                        std::int32_t raw, Sides sides) noexcept
{
    const double in = calibration.valueOf(raw, sides);
    const auto hasValue = [](const Notch& notch) { return notch.value.has_value(); };
    auto nextWithValue = std::ranges::find_if(notches, hasValue);
    if (nextWithValue == notches.end()) return in;
    struct Anchor {
        double in;
        double out;
    };
    Anchor below{lowestOf(sides), lowestOf(sides)};
    for (auto notch = notches.begin(); notch != notches.end(); ++notch) {
        if (notch > nextWithValue) nextWithValue = std::find_if(notch, notches.end(), hasValue);
        const double at = calibration.valueOf(notch->at, sides);
        const double highest = nextWithValue == notches.end() ? 1.0 : *nextWithValue->value;
        const Anchor anchor{
            at, notch->value ? *notch->value : std::max(std::min(at, highest), below.out)};
        if (in < at) {
            const double part = (in - below.in) / (at - below.in);
            return below.out + part * (anchor.out - below.out);
        }
        below = anchor;
    }
    if (in >= 1.0) return below.in >= 1.0 ? below.out : 1.0;
    return below.out + (in - below.in) / (1.0 - below.in) * (1.0 - below.out);
}

}  // namespace jolly
