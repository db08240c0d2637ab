// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/strand_fields.h"

namespace jolly::format
{

GoalParts partsOf(const Goal& goal)
{
    if (const auto* target = std::get_if<Target>(&goal)) return {.target = *target};
    if (const auto* chord = std::get_if<Chord>(&goal)) {
        GoalParts parts{
            .word = GoalWord::Keys, .target = {chord->device, {}}, .isMeant = chord->isMeant};
        for (const auto key : chord->keys) parts.keys.push_back({EventType::Key, key, 0});
        return parts;
    }
    if (const auto* layer = std::get_if<LayerGoal>(&goal))
        return {.word = GoalWord::Layer, .layer = *layer};
    if (const auto* craft = std::get_if<CraftGoal>(&goal))
        return {.word = GoalWord::Craft, .craft = *craft};
    if (const auto* command = std::get_if<Command>(&goal)) {
        switch (command->order) {
            case Order::StandDown:
                return {.word = GoalWord::StandDown};
            case Order::Recentre:
                return {.word = GoalWord::Recentre, .target = command->axis};
            case Order::Reverse:
                return {.word = GoalWord::Reverse, .target = command->axis};
            case Order::Keep:
                return {.word = GoalWord::KeepRecording};
        }
    }
    return {.word = GoalWord::Nothing};
}

Goal goalOf(const GoalParts& parts)
{
    if (!parts.word) return parts.target;
    switch (*parts.word) {
        case GoalWord::Keys: {
            Chord chord{.device = parts.target.device, .isMeant = parts.isMeant};
            for (const auto& key : parts.keys)  // what is no key has the number of none
                chord.keys.push_back(key.type == EventType::Key ? key.code : std::uint16_t{0});
            return chord;
        }
        case GoalWord::Layer:
            return parts.layer;
        case GoalWord::Craft:
            return parts.craft;
        case GoalWord::StandDown:
            return Command{Order::StandDown, {}};
        case GoalWord::Recentre:
            return Command{Order::Recentre, parts.target};
        case GoalWord::Reverse:
            return Command{Order::Reverse, parts.target};
        case GoalWord::KeepRecording:
            return Command{Order::Keep, {}};
        case GoalWord::Nothing:
            break;
    }
    return Nothing{};
}

}  // namespace jolly::format
