// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/rule.h"
#include "format/stage_names.h"

/// What stands in a tangle file of a stage besides its own parameters; see fields.h.
namespace jolly::format
{

template <class Visitor>
void describe(Visitor& visit, Source& s)
{
    visit.field("controller", s.controller, required("Id of a controller of the rig."));
    visit.field("control", s.control, required("Code of one of its controls."));
}

template <class Visitor>
void describe(Visitor& visit, When& w)
{
    visit.field("layer", w.layer, optional("Id of a layer that is engaged then, instead."));
    visit.field("output", w.output,
                optional("A virtual control that is pressed then, instead of one of the rig."));
    if (visit.wants(!w.output && w.layer.empty())) {
        visit.field("controller", w.control.controller, optional("Id of a controller of the rig."));
        visit.field("control", w.control.control,
                    optional("A button that is pressed then, or an axis that is beyond its half."));
    }
    visit.field("off", w.isOff, optional("Whether it is the other way round."));
}

template <class Visitor>
void describe(Visitor& visit, Detent& d)
{
    visit.field("name", d.name, optional("The pilot's name for the notch."));
    visit.field("at", d.at, {"Where the lever is then.", true, -1.0, 1.0});
    visit.field("to", d.to, {"What comes out there.", true, -1.0, 1.0});
    visit.field("halfWidth", d.halfWidth,
                {"How far around that the output stays.", true, 0.0, 0.5});
}

template <class Visitor>
void describe(Visitor& visit, SlicePart& s)
{
    visit.field("name", s.name, required("Its name, which is that of its outlet."));
    visit.field("from", s.from, {"Where it begins.", true, -1.0, 1.0});
    visit.field("to", s.to, {"Where it ends.", true, -1.0, 1.0});
    visit.field("letGoBelow", s.letGoBelow, {"Below this it is let go.", true, -1.0, 1.0});
    visit.field("letGoAbove", s.letGoAbove, {"Above this it is let go.", true, -1.0, 1.0});
    auto entry = s.entry == Entry::Either ? std::nullopt : std::optional(s.entry);
    visit.field("entered", entry,
                optional("From where it has to be entered to be pressed; else from anywhere."));
    s.entry = entry.value_or(Entry::Either);
}

template <class Visitor>
void describe(Visitor& visit, SwitchPlace& p)
{
    visit.field("name", p.name, required("The position's name."));
    visit.field("control", p.control,
                optional("The button that is pressed there; none where it is silent."));
}

template <class Visitor>
void describe(Visitor& visit, ValuePlace& p)
{
    visit.field("name", p.name, required("The position's name."));
    visit.field("control", p.control,
                optional("The button that is pressed there; none where it is silent."));
    visit.field("value", p.value, {"Where it puts the axis.", true, -1.0, 1.0});
}

}  // namespace jolly::format
