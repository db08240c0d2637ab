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

std::string joined(const std::vector<std::string>& words, const std::string& last)
{
    std::string text;
    for (std::size_t i = 0; i < words.size(); ++i)
        text += (i == 0 ? "" : i + 1 == words.size() ? last : ", ") + words[i];
    return text;
}

/// "while X is held", with what its last stage makes of it.
std::string heldWords(const Strand& strand, const End& end, const std::string& name,
                      const RigControl& control)
{
    const auto* stage = strand.stages.empty() ? nullptr : &strand.stages.back();
    if (control.kind == ControlKind::Axis) return "while " + name + " is in a part of its travel";
    if (stage && !end.outlet.empty()) return "while " + name + " says " + end.outlet;
    if (stage) return "by " + name + " through " + std::string(infoOf(stage->parameters).name);
    return springsBack(control.buttonKind) ? "while " + name + " is held"
                                           : "while " + name + " is on";
}

std::string wordsOf(const Tangle& tangle, const Strand& strand, const End& end, Engage engage)
{
    const auto* controller = findController(tangle, strand.source.controller);
    const auto* control = controller ? findControl(*controller, strand.source.control) : nullptr;
    if (!control) return "by a control that is not in the rig";
    const auto name = controller->alias + " " + nameOf(*controller, *control);
    switch (engage) {
        case Engage::Hold:
            return heldWords(strand, end, name, *control);
        case Engage::Flip:
            return "flips with " + name;
        case Engage::Next:
            return name + " steps on to it";
        case Engage::Previous:
            return name + " steps back to it";
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

std::string whenEngaged(const Tangle& tangle, const Layer& layer,
                        std::span<const Strand* const> strands)
{
    if (layer.id == kBase) return "always";
    std::vector<std::string> words;
    for (const auto& rule : rulesOf(tangle, layer, strands)) words.push_back(rule.words);
    std::vector<std::string> needs;
    for (const auto& id : layer.needs) {
        const auto* needed = findBy(tangle.layers, &Layer::id, id);
        needs.push_back(needed ? needed->name : id);
    }
    const auto others = joined(needs, " and ") + (needs.size() == 1 ? " is" : " are") + " engaged";
    if (words.empty()) return needs.empty() ? "nothing engages it yet" : "while " + others;
    return joined(words, ", or ") + (needs.empty() ? "" : ", and while " + others);
}

std::size_t modifiersOf(const Tangle& tangle, const Layer& layer)
{
    std::set<std::string> modifiers;
    std::set<std::string> met;
    collectModifiers(tangle, layer, met, modifiers);
    return modifiers.size();
}

}  // namespace jolly
