// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/shape_words.h"

#include "core/calibration/notch.h"
#include "core/tangle/lookup.h"

#include <QObject>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

QString slope(double value)
{
    return QStringLiteral("%L1 ×").arg(value, 0, 'f', 2);
}

double valueAt(const RigControl& axis, std::int32_t raw)
{
    return valueWithNotches(axis.calibration, axis.notches, raw, axis.sides);
}

/// The smallest move of the hand that counts, as a value: one count of the device beyond its noise.
double leastMoveOf(const RigControl& axis)
{
    const auto& c = axis.calibration;
    const double travel = axis.sides == Sides::Two ? static_cast<double>(c.high) - c.centre
                                                   : static_cast<double>(c.high) - c.low;
    return (c.noise + 1.0) / std::max(1.0, travel);
}

}  // namespace

QString slopeText(const Travel& travel)
{
    auto text = QObject::tr("slope at rest %1").arg(slope(travel.slopeAtRest));
    if (travel.sides == Sides::One || std::abs(travel.slopeAtLow - travel.slopeAtHigh) < 0.005)
        return text + QObject::tr(", at the end %1").arg(slope(travel.slopeAtHigh));
    return text + QObject::tr(", at the low end %1, at the high end %2")
                      .arg(slope(travel.slopeAtLow), slope(travel.slopeAtHigh));
}

QString stepText(const Travel& travel, const RigControl& axis)
{
    const double least = 100.0 * leastMoveOf(axis);
    return QObject::tr("smallest step: %L1 % beside rest, %L2 % at the end")
        .arg(least * std::abs(travel.slopeAtRest), 0, 'f', 3)
        .arg(least * std::abs(travel.slopeAtHigh), 0, 'f', 3);
}

Drift driftOf(const AxisFindings& findings, const RigControl& axis)
{
    if (findings.letGo.empty()) return {};
    const auto [low, high] = std::ranges::minmax(findings.letGo);
    const double from = valueAt(axis, low);
    const double to = valueAt(axis, high);
    return {std::min(from, 0.0), std::max(to, 0.0)};
}

std::vector<DwellPart> dwellOf(const AxisFindings& findings, const AxisRange& range,
                               const RigControl& axis)
{
    std::vector<DwellPart> parts;
    if (findings.samples < 2) return parts;
    const auto rawAt = [&](std::size_t part) {
        return static_cast<std::int32_t>(std::lround(
            range.low + range.travel() * static_cast<double>(part) / AxisFindings::kDwellParts));
    };
    for (std::size_t i = 0; i < AxisFindings::kDwellParts; ++i)
        parts.push_back({valueAt(axis, rawAt(i)), valueAt(axis, rawAt(i + 1)), findings.dwell[i]});
    return parts;
}

OtherBends otherBends(LiveFeed& feed, const Strand& strand)
{
    if (!strand.hasSource()) return {};
    const auto* controller = feed.desk().find(strand.source.controller);
    const auto* axis = controller ? findControl(controller->rig, strand.source.control) : nullptr;
    if (!axis) return {};
    const auto place = static_cast<std::size_t>(axis - controller->rig.controls.data());
    const auto* described = describedAt(feed.session().status(), controller->slotOf[place]);
    const bool isCleared = controller->rig.isStraight || controller->hold == Hold::Held;
    return {.isKernelFiltering = described && described->isFiltered() && !isCleared};
}

}  // namespace jolly::app
