// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/stage_facts.h"

#include "app/shape/axis_strand.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

/// A dead zone that leaves everything as it is.
constexpr DeadZone kNoZone{0.0, 0.0, 0.0, 0.0};

QString milliseconds(Time time)
{
    const double ms = inSeconds(time) * 1000.0;
    return QStringLiteral("%1 ms").arg(ms, 0, 'f', ms < 10.0 ? 1 : 0);
}

/// The first dead zone among stages, or their end.
auto zoneIn(auto& stages)
{
    return std::ranges::find_if(stages, [](const Stage& stage) {
        return std::holds_alternative<DeadZone>(stage.parameters);
    });
}

/// @param zone  null when there is none.
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

void cover(Studio& studio, const std::string& id, const Drift& drift)
{
    studio.document().edit(QObject::tr("cover the drift"), [&](Tangle& tangle) {
        auto* strand = findStrand(tangle, id);
        if (!strand) return;
        auto zone = zoneIn(strand->stages);
        if (zone == strand->stages.end())
            zone = strand->stages.insert(strand->stages.begin(), {kNoZone});
        zone->parameters = covering(std::get<DeadZone>(zone->parameters), drift);
    });
}

}  // namespace

StageFact delayFact(const Steady& steady)
{
    return {.words =
                QObject::tr("adds %1 at rest, %2 in motion")
                    .arg(milliseconds(steady.delayAt(0.0)), milliseconds(steady.delayAt(1.0)))};
}

int placeOfDrift(const Strand& strand)
{
    const auto zone = zoneIn(strand.stages);
    return zone == strand.stages.end() ? -1 : static_cast<int>(zone - strand.stages.begin());
}

StageFact driftFact(Studio& studio, const Strand& strand, const Drift& drift)
{
    const auto found = zoneIn(strand.stages);
    const auto* zone =
        found == strand.stages.end() ? nullptr : &std::get<DeadZone>(found->parameters);
    StageFact fact{.words = driftText(zone, drift)};
    const auto now = zone ? *zone : kNoZone;
    const auto wanted = covering(now, drift);
    if (wanted == now) return fact;
    const auto most = QString::number(100.0 * std::max(wanted.below, wanted.above), 'f', 1);
    fact.offer = zone ? QObject::tr("Cover it") : QObject::tr("Cover it with %1 %").arg(most);
    fact.deed = [&studio, drift, id = strand.id] { cover(studio, id, drift); };
    return fact;
}

StageFact pairFact(Studio& studio, const Strand& strand, const RoundDeadZone& zone)
{
    const auto* partner = partnerOf(studio.tangle(), strand, zone);
    if (!partner) return {};
    const auto name = nameWithCraft(studio.tangle(), *partner);
    const auto wanted = turnedRound(zone, strand);
    if (hasZone(*partner, wanted)) return {.words = QObject::tr("%1 has the same").arg(name)};
    return {QObject::tr("%1 has not the same yet").arg(name), QObject::tr("The same there"),
            [&studio, wanted, id = partner->id] {
                studio.document().edit(QObject::tr("pair of axes"), [&](Tangle& tangle) {
                    if (auto* other = findStrand(tangle, id)) giveZone(*other, wanted);
                });
            }};
}

}  // namespace jolly::app
