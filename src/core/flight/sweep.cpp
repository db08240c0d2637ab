// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/sweep.h"

#include "core/calibration/calibration.h"

#include <algorithm>

namespace jolly
{

namespace
{

constexpr Time kBefore = std::chrono::milliseconds(300);   ///< at rest, so that a sim sees a change
constexpr Time kStep = std::chrono::milliseconds(8);       ///< as a good stick reports
constexpr Time kTravel = std::chrono::milliseconds(1200);  ///< from end to end
constexpr Time kAtEnd = std::chrono::milliseconds(120);
constexpr Time kPress = std::chrono::milliseconds(400);
constexpr Time kBetweenKeys = std::chrono::milliseconds(40);

/// Moves an axis from where it stands to `to`, and stays there.
void travel(std::vector<SweepStep>& steps, std::int32_t from, std::int32_t to, double full)
{
    const auto start = steps.back().at;
    const double way = static_cast<double>(to) - from;
    const auto count =
        std::max(1, static_cast<int>(std::abs(way) / full * inSeconds(kTravel) / inSeconds(kStep)));
    for (int i = 1; i <= count; ++i) {
        const auto raw = static_cast<std::int32_t>(from + way * i / count);
        steps.push_back({start + i * kStep, 0, {i == count ? to : raw, 0}});
    }
    steps.push_back({steps.back().at + kAtEnd, 0, {to, 0}});
}

std::vector<SweepStep> sweepOfAxis(const VirtualSlot& slot)
{
    const auto rest = restOf(slot).x;
    const double full = static_cast<double>(slot.high) - slot.low;
    std::vector<SweepStep> steps = {{Time{}, 0, {rest, 0}}, {kBefore, 0, {rest, 0}}};
    travel(steps, rest, slot.high, full);
    if (rest != slot.low) travel(steps, slot.high, slot.low, full);
    travel(steps, rest == slot.low ? slot.high : slot.low, rest, full);
    return steps;
}

Counts pressed(const VirtualSlot& slot, SweepWay way)
{
    if (slot.control.kind != ControlKind::Hat) return {1, 0};
    switch (way) {
        case SweepWay::Up:
            return {0, -1};
        case SweepWay::Right:
            return {1, 0};
        case SweepWay::Down:
            return {0, 1};
        case SweepWay::Left:
            return {-1, 0};
    }
    return {};
}

}  // namespace

Counts restOf(const VirtualSlot& slot)
{
    if (slot.control.kind != ControlKind::Axis) return {};
    return {Calibration::ofRange(slot.low, slot.high).rawOf(0.0, slot.sides), 0};
}

std::vector<SweepStep> sweepOf(std::span<const VirtualSlot> parts, SweepWay way)
{
    if (parts.empty()) return {};
    const auto kind = parts.front().control.kind;
    if (kind == ControlKind::Turner) return {};
    if (kind == ControlKind::Axis) return sweepOfAxis(parts.front());
    std::vector<SweepStep> steps;
    for (std::size_t i = 0; i < parts.size(); ++i) steps.push_back({Time{}, i, {}});
    auto at = kBefore;
    for (std::size_t i = 0; i < parts.size(); ++i, at += kBetweenKeys)
        steps.push_back({at, i, pressed(parts[i], way)});
    at += kPress;
    for (auto i = parts.size(); i-- > 0; at += kBetweenKeys) steps.push_back({at, i, {}});
    return steps;
}

}  // namespace jolly
