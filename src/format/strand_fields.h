// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "format/rule.h"
#include "format/stage_names.h"

/// What stands in a tangle file of a strand and its ends; see fields.h.
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

/// What stands in the file of a goal, all in one.
struct GoalParts {
    std::optional<GoalWord> word{};
    Target target{};  ///< its device alone, of keys
    std::vector<ControlCode> keys{};
    bool isMeant = false;
    LayerGoal layer{};
    CraftGoal craft{};
};

[[nodiscard]] GoalParts partsOf(const Goal& goal);
[[nodiscard]] Goal goalOf(const GoalParts& parts);

template <class Visitor>
void describe(Visitor& visit, Target& t)
{
    visit.field("device", t.device, required("Id of a virtual device."));
    visit.field("control", t.control,
                required("One of its controls: axis 1, button 1, hat 1 and so on."));
}

template <class Visitor>
void describe(Visitor& visit, End& e)
{
    auto goal = partsOf(e.goal);
    const auto isOneOf = [&](auto... words) { return (... || (goal.word == words)); };
    visit.field("outlet", e.outlet,
                optional("The outlet of its last stage; the first where it is left out."));
    visit.field("goal", goal.word,
                optional("What it is instead of a virtual control: nothing, keys pressed together, "
                         "or an order to the program."));
    if (visit.wants(isOneOf(GoalWord::Layer))) {
        visit.field("layer", goal.layer.layer, optional("Id of the layer that it engages."));
        visit.field("engage", goal.layer.engage, optional("While it is held, or by each press."));
    }
    if (visit.wants(isOneOf(GoalWord::Craft))) {
        visit.field("choose", goal.craft.choose, optional("Which craft it chooses."));
        visit.field("craft", goal.craft.craft, optional("Id of the craft, when it is this one."));
    }
    if (visit.wants(!isOneOf(GoalWord::Nothing, GoalWord::StandDown, GoalWord::KeepRecording,
                             GoalWord::Layer, GoalWord::Craft)))
        visit.field("device", goal.target.device, optional("Id of a virtual device."));
    if (visit.wants(!goal.word || isOneOf(GoalWord::Recentre, GoalWord::Reverse)))
        visit.field("control", goal.target.control,
                    optional("One of its controls: axis 1, button 1, hat 1 and so on."));
    if (visit.wants(isOneOf(GoalWord::Keys))) {
        visit.field("keys", goal.keys,
                    {"The keys that are pressed together, such as KEY_G.", false, 0, Chord::kMost});
        auto isMeant = goal.isMeant ? std::optional(true) : std::nullopt;
        visit.field("meant", isMeant,
                    optional("Whether keys are sent on which the computer itself acts."));
        goal.isMeant = isMeant.value_or(false);
    }
    e.goal = goalOf(goal);
    auto part = e.part == Part::Whole ? std::nullopt : std::optional(e.part);
    visit.field("half", part,
                optional("The half of a virtual axis that it moves; else all of it."));
    e.part = part.value_or(Part::Whole);
    auto how = e.how == How::Held ? std::nullopt : std::optional(e.how);
    visit.field("how", how, optional("How it presses a button: held, or a pulse."));
    e.how = how.value_or(How::Held);
    if (visit.wants(e.how != How::Held))
        visit.field("pulse", e.pulse,
                    {"How long a pulse is, in ms.", false, End::kShortest, End::kLongest});
}

template <class Visitor>
void describe(Visitor& visit, Strand& s)
{
    visit.field("id", s.id, required("Stable name of the strand."));
    visit.field("name", s.name, optional("The pilot's name for it."));
    visit.field("note", s.note, optional("A note."));
    visit.field("function", s.function, optional("Id of the function that it does in the sim."));
    visit.field("layer", s.layer, optional("Id of its layer."));
    visit.field("craft", s.craft, optional("Id of its craft."));
    visit.field("insteadOf", s.insteadOf,
                optional("Id of an inherited strand in whose place it stands."));
    visit.field("shape", s.shape,
                optional("Strands with the same word here share the stages that are their feel."));
    visit.field("on", s.isOn, optional("Whether it is switched on."));
    visit.field(
        "whenAway", s.whenAway,
        optional("Whether its axes rest or keep their value when the controller goes away."));
    auto source = s.hasSource() ? std::optional(s.source) : std::nullopt;
    visit.field("source", source, optional("Where it starts."));
    s.source = source.value_or(Source{});
    visit.field("stages", s.stages, optional("What it does to the value, in order."));
    visit.field("ends", s.ends, required("Where what comes out of it leads."));
}

template <class Visitor>
void describe(Visitor& visit, Feel& f)
{
    visit.field("name", f.name, required("The pilot's name for it."));
    visit.field("stages", f.stages, optional("What it does to the value, in order."));
}

}  // namespace jolly::format
