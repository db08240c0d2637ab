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
    return QStringLiteral("%1 ×").arg(value, 0, 'f', 2);
}

QString milliseconds(Time time)
{
    const double ms = inSeconds(time) * 1000.0;
    return QStringLiteral("%1 ms").arg(ms, 0, 'f', ms < 10.0 ? 1 : 0);
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

QString travelText(const Travel& travel, const RigControl* axis)
{
    auto text = QObject::tr("slope at rest %1").arg(slope(travel.slopeAtRest));
    if (travel.sides == Sides::One || std::abs(travel.slopeAtLow - travel.slopeAtHigh) < 0.005) {
        text += QObject::tr(", at the end %1").arg(slope(travel.slopeAtHigh));
    } else {
        text += QObject::tr(", at the low end %1, at the high end %2")
                    .arg(slope(travel.slopeAtLow), slope(travel.slopeAtHigh));
    }
    if (!axis) return text;
    const double least = 100.0 * leastMoveOf(*axis);
    return text + QObject::tr("  ·  smallest step: %1 % beside rest, %2 % at the end")
                      .arg(least * std::abs(travel.slopeAtRest), 0, 'f', 3)
                      .arg(least * std::abs(travel.slopeAtHigh), 0, 'f', 3);
}

QString delayText(const Steady& steady)
{
    return QObject::tr("adds %1 at rest, %2 in motion")
        .arg(milliseconds(steady.delayAt(0.0)), milliseconds(steady.delayAt(1.0)));
}

QString driftText(const DeadZone* zone, const Drift& drift)
{
    if (drift.isNone()) return {};
    const auto percent = [](double part) { return QString::number(part * 100.0, 'f', 1); };
    const auto measured = percent(std::max(-drift.low, drift.high));
    if (!zone) return QObject::tr("rest drift measured %1 %, no dead zone covers it").arg(measured);
    const double spareBelow = drift.low < 0.0 ? zone->below + drift.low : 1.0;
    const double spareAbove = drift.high > 0.0 ? zone->above - drift.high : 1.0;
    const double spare = std::min(spareBelow, spareAbove);
    return spare >= 0.0 ? QObject::tr("rest drift measured %1 %, covered with %2 % to spare")
                              .arg(measured, percent(spare))
                        : QObject::tr("rest drift measured %1 %: %2 % more would cover it")
                              .arg(measured, percent(-spare));
}

Drift driftOf(const AxisFindings& findings, const RigControl& axis)
{
    if (findings.rests.empty()) return {};
    const auto [low, high] = std::ranges::minmax(findings.rests);
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

OtherBends otherBends(Studio& studio, const Strand& strand)
{
    if (strand.sources.empty()) return {};
    const auto* controller = studio.desk().find(strand.sources.front().controller);
    const auto* axis =
        controller ? findControl(controller->rig, strand.sources.front().control) : nullptr;
    if (!axis) return {};
    const auto place = static_cast<std::size_t>(axis - controller->rig.controls.data());
    const auto* described = describedAt(studio.session().status(), controller->slotOf[place]);
    const bool isCleared = controller->rig.isStraight || controller->hold == Hold::Held;
    return {.isKernelFiltering = described && described->isFiltered() && !isCleared};
}

}  // namespace jolly::app
