// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/motion.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace jolly
{

namespace
{

/// Seconds that one slow wandering to and fro takes.
constexpr double kDriftPeriod = 37.0;

/// Equally spread in [-1, +1]; SplitMix64 of Steele, Lea, Flood, "Fast Splittable Pseudorandom
/// Number Generators" (OOPSLA 2014).
double noise(std::uint64_t seed, std::uint64_t tick) noexcept
{
    std::uint64_t z = seed * 0x9e3779b97f4a7c15U + (tick + 1) * 0xbf58476d1ce4e5b9U;
    z = (z ^ (z >> 30U)) * 0xbf58476d1ce4e5b9U;
    z = (z ^ (z >> 27U)) * 0x94d049bb133111ebU;
    z ^= z >> 31U;
    return static_cast<double>(z >> 11U) * 0x1.0p-52 - 1.0;
}

double inLoop(const PretendControl& control, Time time) noexcept
{
    return control.loop > 0.0 ? std::fmod(inSeconds(time), control.loop) : 0.0;
}

/// The entry that holds at `t`; null before the first.
const std::vector<double>* entryAt(const std::vector<std::vector<double>>& table, double t) noexcept
{
    const std::vector<double>* found = nullptr;
    for (const auto& entry : table) {
        if (entry[0] <= t) found = &entry;
    }
    return found;
}

double axisAt(const PretendControl& control, double t) noexcept
{
    const auto* from = entryAt(control.motion, t);
    if (!from) return control.rest;
    if (from == &control.motion.back()) return (*from)[1];
    const auto& to = *(from + 1);
    const double s = (t - (*from)[0]) / (to[0] - (*from)[0]);
    return (*from)[1] + (to[1] - (*from)[1]) * s * s * (3.0 - 2.0 * s);
}

}  // namespace

bool isDuring(const std::vector<std::vector<double>>& spans, double seconds) noexcept
{
    return std::ranges::any_of(spans,
                               [=](const auto& s) { return seconds >= s[0] && seconds < s[1]; });
}

Counts positionAt(const PretendControl& control, Time sinceStart, std::uint64_t seed,
                  std::uint64_t tick) noexcept
{
    const double t = inLoop(control, sinceStart);
    if (control.code.type == EventType::Key) return {isDuring(control.presses, t) ? 1 : 0, 0};
    if (isHatCode(control.code)) {
        const auto* entry = entryAt(control.motion, t);
        return entry ? Counts{static_cast<int>((*entry)[1]), static_cast<int>((*entry)[2])}
                     : Counts{};
    }
    const double wander =
        control.drift * std::sin(2.0 * std::numbers::pi * inSeconds(sinceStart) / kDriftPeriod +
                                 static_cast<double>(seed));
    const double at = axisAt(control, t) + wander + control.jitter * noise(seed, tick);
    return {std::clamp(static_cast<std::int32_t>(std::lround(at)), control.low, control.high), 0};
}

std::int32_t turnsBetween(const PretendControl& control, Time from, Time to) noexcept
{
    if (control.loop <= 0.0) return 0;
    const double a = inSeconds(from);
    const double b = inSeconds(to);
    double turned = 0.0;
    for (const auto& turn : control.turns) {
        const double first = std::floor((a - turn[0]) / control.loop) + 1.0;
        const double last = std::floor((b - turn[0]) / control.loop);
        turned += turn[1] * std::max(0.0, last - std::max(first, 0.0) + 1.0);
    }
    return static_cast<std::int32_t>(turned);
}

}  // namespace jolly
