// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/goal_fields.h"

namespace jolly::format
{

namespace
{

std::optional<GoalWord> wordOfKind(const Target&)
{
    return std::nullopt;
}

std::optional<GoalWord> wordOfKind(const Chord&)
{
    return GoalWord::Keys;
}

std::optional<GoalWord> wordOfKind(const LayerGoal&)
{
    return GoalWord::Layer;
}

std::optional<GoalWord> wordOfKind(const CraftGoal&)
{
    return GoalWord::Craft;
}

std::optional<GoalWord> wordOfKind(const Command& command)
{
    switch (command.order) {
        case Order::StandDown:
            return GoalWord::StandDown;
        case Order::Recentre:
            return GoalWord::Recentre;
        case Order::Reverse:
            return GoalWord::Reverse;
        case Order::Keep:
            break;
    }
    return GoalWord::KeepRecording;
}

std::optional<GoalWord> wordOfKind(const Nothing&)
{
    return GoalWord::Nothing;
}

}  // namespace

std::optional<GoalWord> wordOf(const Goal& goal)
{
    return std::visit([](const auto& kind) { return wordOfKind(kind); }, goal);
}

Goal goalOf(std::optional<GoalWord> word)
{
    if (!word) return Target{};
    switch (*word) {
        case GoalWord::Keys:
            return Chord{};
        case GoalWord::Layer:
            return LayerGoal{};
        case GoalWord::Craft:
            return CraftGoal{};
        case GoalWord::StandDown:
            return Command{Order::StandDown, {}};
        case GoalWord::Recentre:
            return Command{Order::Recentre, {}};
        case GoalWord::Reverse:
            return Command{Order::Reverse, {}};
        case GoalWord::KeepRecording:
            return Command{Order::Keep, {}};
        case GoalWord::Nothing:
            break;
    }
    return Nothing{};
}

std::vector<ControlCode> codesOf(const Chord& chord)
{
    std::vector<ControlCode> codes;
    for (const auto key : chord.keys) codes.push_back({EventType::Key, key, 0});
    return codes;
}

std::vector<std::uint16_t> keysOf(const std::vector<ControlCode>& codes)
{
    std::vector<std::uint16_t> keys;
    for (const auto& code : codes)
        keys.push_back(code.type == EventType::Key ? code.code : std::uint16_t{0});
    return keys;
}

}  // namespace jolly::format
