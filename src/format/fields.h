// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_layout.h"
#include "format/rig_fields.h"
#include "format/sheet_fields.h"
#include "format/stage_fields.h"
#include "format/strand_fields.h"

/// What stands in a tangle file, said once: the reader, the writer and the schema are three
/// visitors of these descriptions. The order here is the order in the file.
namespace jolly::format
{

/// More than any device has controls.
inline constexpr double kMostSettings = 1000;

template <class Visitor>
void describe(Visitor& visit, VirtualSettings& s)
{
    visit.field("control", s.control,
                required("Which control: axis 1, button 1, hat 1 and so on."));
    visit.field("function", s.function, optional("Id of the function it stands for."));
    if (visit.wants(s.control.kind == ControlKind::Axis)) {
        visit.field(
            "sides", s.sides,
            optional("Whether the axis rests in the middle (two) or at its low end (one)."));
        visit.field("meeting", s.meeting, optional("What counts when several strands end here."));
    }
}

template <class Visitor>
void describe(Visitor& visit, VirtualIds& i)
{
    visit.field("bus", i.bus, counted("Bus type.", 0, 65535));
    visit.field("vendor", i.vendor, counted("Vendor number.", 0, 65535));
    visit.field("product", i.product, counted("Product number.", 0, 65535));
    visit.field("version", i.version, counted("Version number.", 0, 65535));
}

template <class Visitor>
void describe(Visitor& visit, VirtualDevice& d)
{
    visit.field("id", d.id, required("Stable name that strands refer to."));
    visit.field("name", d.name, required("The name that games show."));
    visit.field("kind", d.kind, required("What games take it for."));
    visit.field("number", d.number,
                {"Its own number, from which games get lasting ids.", false, 0, kMostNumber});
    visit.field("ids", d.ids, optional("Ids of the pilot's own; else they come from the number."));
    if (visit.wants(d.kind == VirtualKind::Joystick)) {
        visit.field("size", d.sizing,
                    optional("Whether it is as large as the strands ending in it need."));
        visit.field("axes", d.axes, {"Number of axes.", false, 0, kMostAxes});
        visit.field("buttons", d.buttons, {"Number of buttons.", false, 0, kMostButtons});
        visit.field("hats", d.hats, {"Number of hats.", false, 0, kMostHats});
    }
    visit.field("settings", d.settings,
                {"What differs from the defaults, control by control.", false, 0, kMostSettings});
}

template <class Visitor>
void describe(Visitor& visit, Function& f)
{
    visit.field("id", f.id, required("Stable name that craft, strands and controls refer to."));
    visit.field("name", f.name, required("What the pilot calls it: mail hatch."));
    auto kind = f.kind == FunctionKind::Press ? std::nullopt : std::optional(f.kind);
    visit.field("kind", kind, optional("How the sim takes it; a press where it is left out."));
    f.kind = kind.value_or(FunctionKind::Press);
    visit.field("group", f.group, optional("Functions that belong together have the same here."));
    visit.field("note", f.note, optional("A note."));
    auto isLater = f.isLater ? std::optional(true) : std::nullopt;
    visit.field("later", isLater, optional("Whether leading something to it is put off."));
    f.isLater = isLater.value_or(false);
    visit.field("inSim", f.inSim, optional("What the sim calls it, where that is another name."));
}

template <class Visitor>
void describe(Visitor& visit, Craft& c)
{
    visit.field("id", c.id, required("Stable name that strands refer to."));
    visit.field("name", c.name, required("The pilot's name for it."));
    visit.field("parent", c.parent,
                optional("Id of the craft it belongs to; empty for Everywhere."));
    visit.field("straight", c.wantsStraight,
                optional("Whether its sim expects axes without a curve."));
    visit.field("note", c.note, optional("A note."));
    visit.field("picture", c.picture, optional("A file with a picture of it."));
    visit.field("functions", c.functions,
                {"Ids of the functions that it shall have.", false, 0, kMostSettings});
    visit.field("sheet", c.sheet, optional("What its sim takes, where that is its own."));
}

template <class Visitor>
void describe(Visitor& visit, Layer& l)
{
    visit.field("id", l.id, required("Stable name that strands refer to."));
    visit.field("name", l.name, required("The pilot's name for it."));
    visit.field("needs", l.needs, optional("Ids of layers that must be engaged, too."));
    visit.field("group", l.group,
                optional("Of layers with the same word here no more than one is engaged."));
    auto crossing = l.crossing == Crossing::Jump ? std::nullopt : std::optional(l.crossing);
    visit.field("crossing", crossing,
                optional("Whether axes jump, or wait until the hand meets them (pick up)."));
    l.crossing = crossing.value_or(Crossing::Jump);
    auto tells = l.tellsSwitches ? std::nullopt : std::optional(false);
    visit.field("tellsSwitches", tells,
                optional("Whether switches say where they stand to strands that it brings."));
    l.tellsSwitches = tells.value_or(true);
    auto remembers = l.remembers ? std::nullopt : std::optional(false);
    visit.field("remembers", remembers,
                optional("Whether latches and the like outlive the time without it."));
    l.remembers = remembers.value_or(true);
}

template <class Visitor>
void describe(Visitor& visit, Tangle& t)
{
    visit.field("name", t.name, required("The tangle's name."));
    visit.field("rig", t.rig, optional("The controllers it knows."));
    visit.field("devices", t.devices, optional("The virtual devices that games see."));
    visit.field("functions", t.functions, optional("What its sims can do."));
    visit.field("craft", t.craft, optional("Aircraft and vehicles; the root is everywhere."));
    visit.field("layers", t.layers,
                optional("The layer stack from the bottom up; the bottom is base."));
    visit.field("strands", t.strands, optional("What leads where."));
    visit.field("feels", t.feels, optional("Named feels, to be given to any axis."));
    visit.field("sheet", t.sheet, optional("What the sim takes that it is made for."));
}

}  // namespace jolly::format
