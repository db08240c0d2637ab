// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "format/goal_fields.h"

/// What stands in a tangle file of a strand and its ends; see fields.h.
namespace jolly::format
{

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
    const auto known = wordOf(e.goal);
    auto word = known;
    visit.field("outlet", e.outlet,
                optional("The outlet of its last stage; the first where it is left out."));
    visit.field("goal", word,
                optional("What it is instead of a virtual control: nothing, keys pressed together, "
                         "or an order to the program."));
    if (word != known) e.goal = goalOf(word);
    describeGoal(visit, e.goal);
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
