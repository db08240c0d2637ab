// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/rules.h"

#include "core/tangle/lookup.h"
#include "core/tangle/switches.h"

#include <algorithm>
#include <set>

namespace jolly
{

namespace
{

/// The last one joined to those before, which are in a row.
Sentence joined(std::vector<Sentence> list, auto&& join)
{
    if (list.size() < 2) return inARow(list);
    const auto last = std::move(list.back());
    list.pop_back();
    return join(inARow(list), last);
}

Sentence both(const Sentence& one, const Sentence& other)
{
    return say("%1 and %2", one, other);
}

Sentence either(const Sentence& one, const Sentence& other)
{
    return say("%1, or %2", one, other);
}

/// "while X is held", with what its last stage makes of it.
Sentence heldWords(const Strand& strand, const End& end, const Sentence& name,
                   const RigControl& control)
{
    const auto* stage = strand.stages.empty() ? nullptr : &strand.stages.back();
    if (control.kind == ControlKind::Axis) return say("while %1 is in a part of its travel", name);
    if (stage && !end.outlet.empty())
        return say("while %1 says %2", name, Sentence::ourWord(end.outlet));
    if (stage) return say("by %1 through %2", name, infoOf(stage->parameters).name);
    return springsBack(control.buttonKind) ? say("while %1 is held", name)
                                           : say("while %1 is on", name);
}

Sentence wordsOf(const Tangle& tangle, const Strand& strand, const End& end, Engage engage)
{
    const auto* controller = findController(tangle, strand.source.controller);
    const auto* control = controller ? findControl(*controller, strand.source.control) : nullptr;
    if (!control) return words("by a control that is not in the rig");
    const auto name = say("%1 %2", controller->alias, nameOf(*controller, *control));
    switch (engage) {
        case Engage::Hold:
            return heldWords(strand, end, name, *control);
        case Engage::Flip:
            return say("flips with %1", name);
        case Engage::Next:
            return say("%1 steps on to it", name);
        case Engage::Previous:
            return say("%1 steps back to it", name);
    }
    return {};
}

/// @param met  layers that were looked at already: they may need each other in a circle.
void collectModifiers(const Tangle& tangle, const Layer& layer, std::set<std::string>& met,
                      std::set<std::string>& modifiers)
{
    if (!met.insert(layer.id).second) return;
    const bool hasRule = std::ranges::any_of(tangle.strands, [&](const Strand& strand) {
        return std::ranges::any_of(strand.ends, [&](const End& end) {
            const auto* goal = layerOf(end);
            return goal && goal->layer == layer.id;
        });
    });
    if (hasRule) modifiers.insert(layer.id);
    for (const auto& id : layer.needs) {
        if (const auto* needed = findBy(tangle.layers, &Layer::id, id))
            collectModifiers(tangle, *needed, met, modifiers);
    }
}

}  // namespace

std::vector<EngageRule> rulesOf(const Tangle& tangle, const Layer& layer,
                                std::span<const Strand* const> strands)
{
    std::vector<EngageRule> rules;
    for (const auto* strand : strands) {
        for (const auto& end : strand->ends) {
            const auto* goal = layerOf(end);
            if (!goal || !strand->isOn) continue;
            const auto* led = findBy(tangle.layers, &Layer::id, goal->layer);
            const bool isGroup =
                goal->steps() && led && !layer.group.empty() && led->group == layer.group;
            if (goal->layer != layer.id && !isGroup) continue;
            rules.push_back({strand, goal->engage, wordsOf(tangle, *strand, end, goal->engage)});
        }
    }
    return rules;
}

Sentence whenEngaged(const Tangle& tangle, const Layer& layer,
                     std::span<const Strand* const> strands)
{
    if (layer.id == kBase) return words("always");
    std::vector<Sentence> rules;
    for (const auto& rule : rulesOf(tangle, layer, strands)) rules.push_back(rule.words);
    std::vector<Sentence> needs;
    for (const auto& id : layer.needs) {
        const auto* needed = findBy(tangle.layers, &Layer::id, id);
        needs.emplace_back(needed ? needed->name : id);
    }
    const auto when = joined(rules, either);
    if (needs.empty()) return rules.empty() ? words("nothing engages it yet") : when;
    const auto others =
        several("while %1 is engaged", "while %1 are engaged", needs.size(), joined(needs, both));
    return rules.empty() ? others : say("%1, and %2", when, others);
}

std::size_t modifiersOf(const Tangle& tangle, const Layer& layer)
{
    std::set<std::string> modifiers;
    std::set<std::string> met;
    collectModifiers(tangle, layer, met, modifiers);
    return modifiers.size();
}

}  // namespace jolly
