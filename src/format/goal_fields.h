// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "format/rule.h"
#include "format/stage_names.h"

/// What stands in a tangle file of goals. Each kind has here its word, the fields of it, and what
/// it is before these are read; a kind that leaves one out does not compile, or is never read.
namespace jolly::format
{

/// What an end leads to instead of a virtual control.
enum class GoalWord : std::uint8_t {
    Nothing,
    Keys,
    Layer,
    Craft,
    StandDown,
    Recentre,
    Reverse,
    KeepRecording
};

template <>
struct Names<GoalWord> {
    static constexpr std::pair<std::string_view, GoalWord> rows[] = {
        {"nothing", GoalWord::Nothing},      {"keys", GoalWord::Keys},
        {"layer", GoalWord::Layer},          {"craft", GoalWord::Craft},
        {"stand down", GoalWord::StandDown}, {"recentre", GoalWord::Recentre},
        {"reverse", GoalWord::Reverse},      {"keep recording", GoalWord::KeepRecording}};
};

/// The word of a goal; a virtual control has none.
[[nodiscard]] std::optional<GoalWord> wordOf(const Goal& goal);

/// A goal of that word with nothing in it.
[[nodiscard]] Goal goalOf(std::optional<GoalWord> word);

/// The keys of a chord as the file has them, and back: what is no key has the number of none.
[[nodiscard]] std::vector<ControlCode> codesOf(const Chord& chord);
[[nodiscard]] std::vector<std::uint16_t> keysOf(const std::vector<ControlCode>& codes);

template <class Visitor>
void describeGoal(Visitor& visit, Target& place)
{
    visit.field("device", place.device, optional("Id of a virtual device."));
    visit.field("control", place.control,
                optional("One of its controls: axis 1, button 1, hat 1 and so on."));
}

template <class Visitor>
void describeGoal(Visitor& visit, Chord& chord)
{
    auto codes = codesOf(chord);
    auto isMeant = chord.isMeant ? std::optional(true) : std::nullopt;
    visit.field("device", chord.device, optional("Id of a virtual device."));
    visit.field("keys", codes,
                {"The keys that are pressed together, such as KEY_G.", false, 0, Chord::kMost});
    visit.field("meant", isMeant,
                optional("Whether keys are sent on which the computer itself acts."));
    chord.keys = keysOf(codes);
    chord.isMeant = isMeant.value_or(false);
}

template <class Visitor>
void describeGoal(Visitor& visit, LayerGoal& goal)
{
    visit.field("layer", goal.layer, optional("Id of the layer that it engages."));
    visit.field("engage", goal.engage, optional("While it is held, or by each press."));
}

template <class Visitor>
void describeGoal(Visitor& visit, CraftGoal& goal)
{
    visit.field("choose", goal.choose, optional("Which craft it chooses."));
    visit.field("craft", goal.craft, optional("Id of the craft, when it is this one."));
}

template <class Visitor>
void describeGoal(Visitor& visit, Command& command)
{
    if (visit.wants(isAboutAxis(command.order))) describeGoal(visit, command.axis);
}

template <class Visitor>
void describeGoal(Visitor&, Nothing&)
{
}

/// The fields of the kind that it is; a visitor that wants all gets those of each kind.
template <class Visitor, class... Kinds>
void describeGoal(Visitor& visit, std::variant<Kinds...>& goal)
{
    const auto describeKind = [&](auto none) {
        auto* kind = std::get_if<decltype(none)>(&goal);
        if (visit.wants(kind != nullptr)) describeGoal(visit, kind ? *kind : none);
    };
    (describeKind(Kinds{}), ...);
}

}  // namespace jolly::format
