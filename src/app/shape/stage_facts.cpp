// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/stage_facts.h"

#include "app/models/axis_strand.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"

#include <algorithm>

#include <QLocale>

namespace jolly::app
{

namespace
{

QString milliseconds(Time time)
{
    const double ms = inSeconds(time) * 1000.0;
    return QStringLiteral("%L1 ms").arg(ms, 0, 'f', ms < 10.0 ? 1 : 0);
}

/// The first stage that covers rest among stages, or their end.
auto coverIn(auto& stages)
{
    return std::ranges::find_if(
        stages, [](const Stage& stage) { return restCoverOf(stage.parameters).has_value(); });
}

/// @param cover  nothing when there is no stage for it.
QString driftText(const std::optional<RestCover>& cover, const Drift& drift)
{
    if (drift.isNone()) return {};
    const auto percent = [](double part) { return QLocale().toString(part * 100.0, 'f', 1); };
    const auto measured = percent(std::max(-drift.low, drift.high));
    if (!cover)
        return QObject::tr("rest drift measured %1 %, no dead zone covers it").arg(measured);
    const double spareBelow = drift.low < 0.0 ? cover->below + drift.low : 1.0;
    const double spareAbove = drift.high > 0.0 ? cover->above - drift.high : 1.0;
    const double spare = std::min(spareBelow, spareAbove);
    return spare >= 0.0 ? QObject::tr("rest drift measured %1 %, covered with %2 % to spare")
                              .arg(measured, percent(spare))
                        : QObject::tr("rest drift measured %1 %: %2 % more would cover it")
                              .arg(measured, percent(-spare));
}

void cover(Edits& edits, const std::string& id, const Drift& drift)
{
    edits.apply({QObject::tr("cover the drift"), id}, [&](Strand& strand) {
        auto stage = coverIn(strand.stages);
        if (stage == strand.stages.end())
            stage = strand.stages.insert(strand.stages.begin(), {DeadZone::none()});
        setRestCover(stage->parameters, covering(*restCoverOf(stage->parameters), drift));
    });
}

StageFact delayFact(const StageParameters& stage)
{
    const auto atRest = delayOf(stage, 0.0);
    const auto inMotion = delayOf(stage, 1.0);
    if (!atRest || !inMotion) return {};
    return {.words = QObject::tr("adds %1 at rest, %2 in motion")
                         .arg(milliseconds(*atRest), milliseconds(*inMotion))};
}

StageFact pairFact(Edits& edits, const Strand& strand, const StageParameters& stage)
{
    const auto* partner = partnerOf(edits.tangle(), strand, stage);
    if (!partner) return {};
    const auto name = nameWithCraft(edits.tangle(), *partner);
    const auto wanted = turnedRound(stage, strand);
    if (hasStage(*partner, wanted)) return {.words = QObject::tr("%1 has the same").arg(name)};
    return {QObject::tr("%1 has not the same yet").arg(name), QObject::tr("The same there"),
            [&edits, wanted, id = partner->id] {
                edits.apply({QObject::tr("pair of axes"), id},
                            [&](Strand& other) { giveTwin(other, wanted); });
            }};
}

}  // namespace

int placeOfDrift(const Strand& strand)
{
    const auto stage = coverIn(strand.stages);
    return stage == strand.stages.end() ? -1 : static_cast<int>(stage - strand.stages.begin());
}

StageFact driftFact(Edits& edits, const Strand& strand, const Drift& drift)
{
    const auto found = coverIn(strand.stages);
    std::optional<RestCover> covered;
    if (found != strand.stages.end()) covered = restCoverOf(found->parameters);
    StageFact fact{.words = driftText(covered, drift)};
    const auto now = covered.value_or(RestCover{});
    const auto wanted = covering(now, drift);
    if (wanted == now) return fact;
    const auto most = QLocale().toString(100.0 * std::max(wanted.below, wanted.above), 'f', 1);
    fact.offer = covered ? QObject::tr("Cover it") : QObject::tr("Cover it with %1 %").arg(most);
    fact.deed = [&edits, drift, id = strand.id] { cover(edits, id, drift); };
    return fact;
}

StageFact factOf(Edits& edits, const Strand& strand, const StageParameters& stage)
{
    auto fact = delayFact(stage);
    return fact.words.isEmpty() ? pairFact(edits, strand, stage) : fact;
}

}  // namespace jolly::app
