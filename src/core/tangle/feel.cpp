// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/feel.h"

#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"

#include <algorithm>
#include <iterator>

namespace jolly
{

namespace
{

template <class Use>
void forSharers(Tangle& tangle, const std::string& shape, Use&& use)
{
    for (auto& strand : tangle.strands) {
        if (!shape.empty() && strand.shape == shape) use(strand);
    }
}

}  // namespace

bool isFeel(const Stage& stage)
{
    return infoOf(stage.parameters).isFeel && !stage.when;
}

std::vector<Stage> feelOf(const Strand& strand)
{
    std::vector<Stage> feel;
    std::ranges::copy_if(strand.stages, std::back_inserter(feel), isFeel);
    return feel;
}

void giveFeel(Strand& strand, const std::vector<Stage>& feel)
{
    auto& stages = strand.stages;
    const auto place = std::ranges::find_if(stages, isFeel) - stages.begin();
    std::erase_if(stages, isFeel);
    stages.insert(stages.begin() + place, feel.begin(), feel.end());
}

void shareShape(Tangle& tangle, const std::vector<std::string>& strands)
{
    const auto* first = strands.empty() ? nullptr : findStrand(tangle, strands.front());
    if (!first) return;
    const auto feel = feelOf(*first);
    const auto shape = first->shape.empty() ? "shape of " + first->id : first->shape;
    for (const auto& id : strands) {
        auto* strand = findStrand(tangle, id);
        if (!strand) continue;
        if (strand->shape != shape) ownShape(tangle, id);
        strand->shape = shape;
        giveFeel(*strand, feel);
    }
}

void ownShape(Tangle& tangle, const std::string& id)
{
    auto* strand = findStrand(tangle, id);
    if (!strand) return;
    const auto shape = std::exchange(strand->shape, {});
    if (std::ranges::count(tangle.strands, shape, &Strand::shape) == 1)
        forSharers(tangle, shape, [](Strand& last) { last.shape.clear(); });
}

std::vector<std::string> sharersOf(const Tangle& tangle, const Strand& strand)
{
    std::vector<std::string> names;
    for (const auto& other : tangle.strands) {
        if (!strand.shape.empty() && other.shape == strand.shape && other.id != strand.id)
            names.push_back(other.name.empty() ? other.id : other.name);
    }
    return names;
}

void keepShapes(const Tangle& before, Tangle& tangle)
{
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        const auto& strand = tangle.strands[i];
        const auto* was = strand.shape.empty() ? nullptr : findStrand(before, strand.id);
        if (!was || was->shape != strand.shape) continue;
        const auto feel = feelOf(strand);
        if (feelOf(*was) == feel) continue;
        forSharers(tangle, std::string(strand.shape), [&](Strand& other) {
            if (feelOf(other) != feel) giveFeel(other, feel);
        });
    }
}

const Strand* partnerOf(const Tangle& tangle, const Strand& strand, const StageParameters& stage)
{
    const auto axis = partnerOf(stage);
    const auto found = std::ranges::find_if(tangle.strands, [&](const Strand& other) {
        return axis && other.source == *axis && other.id != strand.id &&
               other.layer == strand.layer && other.craft == strand.craft;
    });
    return found == tangle.strands.end() ? nullptr : &*found;
}

StageParameters turnedRound(StageParameters stage, const Strand& strand)
{
    pairWith(stage, strand.source);
    return stage;
}

bool hasStage(const Strand& strand, const StageParameters& stage)
{
    return std::ranges::find(strand.stages, stage, &Stage::parameters) != strand.stages.end();
}

void giveTwin(Strand& strand, const StageParameters& stage)
{
    for (auto& mine : strand.stages) {
        if (mine.parameters.index() != stage.index() ||
            partnerOf(mine.parameters) != partnerOf(stage))
            continue;
        mine.parameters = stage;
        return;
    }
    strand.stages.insert(strand.stages.begin(), {stage});
}

void keepFeel(Tangle& tangle, const Strand& strand, const std::string& name)
{
    auto feel = feelOf(strand);
    if (auto* known = findBy(tangle.feels, &Feel::name, name)) {
        known->stages = std::move(feel);
    } else {
        tangle.feels.push_back({name, std::move(feel), {}});
    }
}

}  // namespace jolly
