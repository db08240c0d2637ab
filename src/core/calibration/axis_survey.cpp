// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/axis_survey.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <deque>
#include <limits>
#include <utility>

namespace jolly
{

namespace
{

constexpr double kSpike = 0.03;
constexpr Time kSpikeLasts = std::chrono::milliseconds(50);
constexpr double kRestBand = 0.015;
constexpr Time kRestLasts = std::chrono::milliseconds(600);
constexpr Time kSwingsOut = std::chrono::milliseconds(200);
constexpr double kAway = 0.05;
constexpr double kMostCreep = 0.03;
constexpr double kSameRest = 0.05;
constexpr double kSpringWay = 0.08;
constexpr Time kSpringTime = std::chrono::milliseconds(350);
constexpr double kNearRest = 0.25;
constexpr Time kJitterSpan = std::chrono::seconds(1);

std::int32_t distance(std::int32_t a, std::int32_t b)
{
    const auto d = std::abs(static_cast<std::int64_t>(a) - b);
    return static_cast<std::int32_t>(std::min<std::int64_t>(d, std::numeric_limits<int>::max()));
}

/// The lowest and highest of counts.
struct Band {
    std::int32_t low = std::numeric_limits<std::int32_t>::max();
    std::int32_t high = std::numeric_limits<std::int32_t>::min();

    void take(std::int32_t raw)
    {
        low = std::min(low, raw);
        high = std::max(high, raw);
    }
    [[nodiscard]] std::int32_t spread() const { return low > high ? 0 : distance(low, high); }
};

/// A series of samples with the time at which each ended.
class Series
{
 public:
    Series(std::span<const AxisSample> samples, Time until)
        : m_samples(samples.begin(), samples.end()), m_until(until)
    {
    }

    [[nodiscard]] std::size_t size() const { return m_samples.size(); }
    [[nodiscard]] std::int32_t raw(std::size_t i) const { return m_samples[i].raw; }
    [[nodiscard]] Time begin(std::size_t i) const { return m_samples[i].time; }
    [[nodiscard]] Time end(std::size_t i) const
    {
        return i + 1 < m_samples.size() ? m_samples[i + 1].time : m_until;
    }

    /// Takes the spikes out. @return how many there were.
    int removeSpikes(double travel);

 private:
    std::vector<AxisSample> m_samples;
    Time m_until;
};

int Series::removeSpikes(double travel)
{
    std::vector<AxisSample> kept;
    int spikes = 0;
    for (std::size_t i = 0; i < m_samples.size(); ++i) {
        const bool isInside = !kept.empty() && i + 1 < m_samples.size();
        if (isInside && end(i) - begin(i) <= kSpikeLasts) {
            const auto before = kept.back().raw;
            const auto after = raw(i + 1);
            const auto jump = std::min(distance(raw(i), before), distance(raw(i), after));
            const bool isOneWay = (raw(i) > before) == (raw(i) > after);
            if (isOneWay && jump > kSpike * travel && distance(before, after) < jump / 2) {
                ++spikes;
                continue;
            }
        }
        kept.push_back(m_samples[i]);
    }
    m_samples = std::move(kept);
    return spikes;
}

/// A stretch of samples during which the axis rested.
struct Rest {
    std::size_t first = 0;
    std::size_t last = 0;
};

/// The part of a rest that counts: not the swinging out, nor the beginning of the next move.
struct Calm {
    Time from{};
    Time to{};

    Calm(const Series& series, const Rest& rest)
        : from(series.begin(rest.first) + kSwingsOut),
          to(rest.last + 1 < series.size() ? series.end(rest.last) - kSwingsOut
                                           : series.end(rest.last))
    {
    }
    [[nodiscard]] bool has(const Series& series, std::size_t i) const
    {
        return series.end(i) > from && series.begin(i) < to;
    }
};

/// The median of the counts, each weighed by how long it was held.
std::int32_t medianOf(const Series& series, const Rest& rest, const Calm& calm)
{
    std::vector<std::pair<std::int32_t, Time>> held;
    Time whole{};
    for (auto i = rest.first; i <= rest.last; ++i) {
        if (!calm.has(series, i)) continue;
        const auto length = std::min(series.end(i), calm.to) - std::max(series.begin(i), calm.from);
        held.emplace_back(series.raw(i), length);
        whole += length;
    }
    std::ranges::sort(held);
    Time passed{};
    for (const auto& [raw, length] : held) {
        passed += length;
        if (2 * passed >= whole) return raw;
    }
    return series.raw(rest.last);
}

/// The spread of a window of samples that moves on: candidates for its lowest and highest count.
class MovingSpread
{
 public:
    explicit MovingSpread(const Series& series) : m_series(series) {}

    void add(std::size_t i)
    {
        while (!m_lows.empty() && m_series.raw(m_lows.back()) >= m_series.raw(i)) m_lows.pop_back();
        while (!m_highs.empty() && m_series.raw(m_highs.back()) <= m_series.raw(i))
            m_highs.pop_back();
        m_lows.push_back(i);
        m_highs.push_back(i);
    }
    void dropBefore(std::size_t first)
    {
        while (m_lows.front() < first) m_lows.pop_front();
        while (m_highs.front() < first) m_highs.pop_front();
    }
    [[nodiscard]] std::int32_t spread() const
    {
        return distance(m_series.raw(m_lows.front()), m_series.raw(m_highs.front()));
    }

 private:
    const Series& m_series;
    std::deque<std::size_t> m_lows;
    std::deque<std::size_t> m_highs;
};

/// All stretches that stay within the band for long enough at every time. Each sample enters the
/// window once.
std::vector<Rest> quietStretches(const Series& series, double travel)
{
    std::vector<Rest> rests;
    MovingSpread window(series);
    std::size_t first = 0;
    for (std::size_t last = 0; last < series.size(); ++last) {
        window.add(last);
        while (window.spread() > kRestBand * travel) window.dropBefore(++first);
        if (series.end(last) - series.begin(first) < kRestLasts) continue;
        if (!rests.empty() && first <= rests.back().last) {
            rests.back().last = last;
        } else {
            rests.push_back({first, last});
        }
    }
    return rests;
}

/// Stretches between which the axis did not go away are one rest that crept.
std::vector<Rest> joined(const Series& series, const std::vector<Rest>& stretches, double travel)
{
    std::vector<Rest> rests;
    for (const auto& stretch : stretches) {
        bool wentAway = rests.empty();
        if (!wentAway) {
            const auto from = series.raw(rests.back().last);
            for (auto i = rests.back().last; i <= stretch.first && !wentAway; ++i)
                wentAway = distance(series.raw(i), from) > kAway * travel;
        }
        if (wentAway) {
            rests.push_back(stretch);
        } else {
            rests.back().last = stretch.last;
        }
    }
    return rests;
}

std::int32_t spreadOf(const Series& series, const Rest& rest, const Calm& calm)
{
    Band band;
    for (auto i = rest.first; i <= rest.last; ++i) {
        if (calm.has(series, i)) band.take(series.raw(i));
    }
    return band.spread();
}

/// The largest spread within a second.
std::int32_t jitterOf(const Series& series, const Rest& rest, const Calm& calm)
{
    std::int32_t most = 0;
    Band band;
    auto second = calm.from + kJitterSpan;
    for (auto i = rest.first; i <= rest.last; ++i) {
        if (!calm.has(series, i)) continue;
        if (series.begin(i) >= second) {
            band = {};
            second = series.begin(i) + kJitterSpan;
        }
        band.take(series.raw(i));
        most = std::max(most, band.spread());
    }
    return most;
}

/// Whether it came back from far away in a short time, as a spring takes it and a hand seldom does.
bool sprangBack(const Series& series, const Rest& rest, std::int32_t median, const AxisRange& range)
{
    for (auto i = rest.first; i-- > 0;) {
        if (series.begin(rest.first) - series.end(i) > kSpringTime) return false;
        const bool isFar = distance(series.raw(i), median) > kSpringWay * range.travel();
        if (isFar) return distance(series.raw(i), range.rest) > distance(median, range.rest);
    }
    return false;
}

void findRests(const Series& series, const AxisRange& range, AxisFindings& findings)
{
    const double travel = range.travel();
    struct Measured {
        Rest rest;
        Calm calm;
        std::int32_t median = 0;
    };
    std::vector<Measured> all;
    for (const auto& rest : joined(series, quietStretches(series, travel), travel)) {
        const Calm calm(series, rest);
        all.push_back({rest, calm, medianOf(series, rest, calm)});
    }
    std::erase_if(all, [&](const auto& each) {
        return spreadOf(series, each.rest, each.calm) > kMostCreep * travel;
    });
    const auto nearest = std::ranges::min_element(
        all, {}, [&](const auto& each) { return distance(each.median, range.rest); });
    if (nearest == all.end() || distance(nearest->median, range.rest) > kNearRest * travel) return;
    const auto anchor = nearest->median;
    std::erase_if(
        all, [&](const auto& each) { return distance(each.median, anchor) > kSameRest * travel; });
    for (const auto& each : all) {
        findings.rests.push_back(each.median);
        if (sprangBack(series, each.rest, each.median, range))
            findings.letGo.push_back(each.median);
    }
    auto sorted = findings.rests;
    std::ranges::sort(sorted);
    findings.rest = sorted[sorted.size() / 2];
    for (const auto& each : all) {
        findings.drift = std::max(findings.drift, distance(each.median, findings.rest));
        findings.jitter = std::max(findings.jitter, jitterOf(series, each.rest, each.calm));
        for (auto i = each.rest.first; i <= each.rest.last; ++i) {
            if (each.calm.has(series, i))
                findings.stray = std::max(findings.stray, distance(series.raw(i), findings.rest));
        }
    }
}

std::size_t levelsOf(const Series& series)
{
    std::vector<std::int32_t> counts;
    for (std::size_t i = 0; i < series.size(); ++i) counts.push_back(series.raw(i));
    std::ranges::sort(counts);
    return static_cast<std::size_t>(std::unique(counts.begin(), counts.end()) - counts.begin());
}

void findDwell(const Series& series, const AxisRange& range, AxisFindings& findings)
{
    const auto whole =
        std::chrono::duration<double>(series.end(series.size() - 1) - series.begin(0));
    constexpr auto kLast = static_cast<double>(AxisFindings::kDwellParts - 1);
    for (std::size_t i = 0; i < series.size(); ++i) {
        const double at = (static_cast<double>(series.raw(i)) - range.low) / range.travel();
        const auto part = std::clamp(std::floor(at * AxisFindings::kDwellParts), 0.0, kLast);
        const auto length = std::chrono::duration<double>(series.end(i) - series.begin(i));
        findings.dwell[static_cast<std::size_t>(part)] +=
            whole.count() > 0.0 ? length / whole : 1.0 / static_cast<double>(series.size());
    }
}

}  // namespace

double AxisFindings::spikesAMinute() const noexcept
{
    return minutes > 0.0 ? spikes / minutes : 0.0;
}

AxisRange soundRange(const AxisRange& range, std::span<const AxisSample> samples)
{
    if (range.isSound()) return range;
    Band band;
    for (const auto& sample : samples) band.take(sample.raw);
    if (samples.empty()) band.take(range.low);
    if (band.low == band.high)
        band.high < std::numeric_limits<std::int32_t>::max() ? ++band.high : --band.low;
    return {band.low, band.high, std::clamp(range.rest, band.low, band.high)};
}

AxisFindings survey(std::span<const AxisSample> samples, const AxisRange& range, Time until)
{
    AxisFindings findings;
    findings.samples = samples.size();
    if (samples.empty() || range.low >= range.high) return findings;
    Series series(samples, std::max(until, samples.back().time));
    findings.minutes = std::chrono::duration<double, std::ratio<60>>(series.end(series.size() - 1) -
                                                                     series.begin(0))
                           .count();
    findings.spikes = series.removeSpikes(range.travel());
    Band band;
    for (std::size_t i = 0; i < series.size(); ++i) {
        band.take(series.raw(i));
        const auto change = i > 0 ? distance(series.raw(i), series.raw(i - 1)) : 0;
        if (change > 0 && (findings.step == 0 || change < findings.step)) findings.step = change;
    }
    findings.levels = levelsOf(series);
    findings.low = band.low;
    findings.high = band.high;
    findRests(series, range, findings);
    findDwell(series, range, findings);
    return findings;
}

}  // namespace jolly
