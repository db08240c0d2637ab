// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/rule.h"

/// What stands in a tangle file of the rig; see fields.h.
namespace jolly::format
{

template <class Visitor>
void describe(Visitor& visit, Calibration& c)
{
    visit.field("low", c.low, required("Counts at the low end of the travel."));
    visit.field("centre", c.centre, required("Counts at rest; counts for a two-sided axis only."));
    visit.field("high", c.high, required("Counts at the high end; greater than low."));
    visit.field("noise", c.noise, {"A change of no more counts than this is no move.", false, 0.0});
}

template <class Visitor>
void describe(Visitor& visit, Identity& i)
{
    visit.field("bus", i.bus, counted("Bus type, as the kernel counts them.", 0, 65535));
    visit.field("vendor", i.vendor, counted("Vendor number.", 0, 65535));
    visit.field("product", i.product, counted("Product number.", 0, 65535));
    visit.field("version", i.version,
                counted("Version number; not used to tell controllers apart.", 0, 65535));
    visit.field("name", i.name, required("The device's own name."));
    visit.field("uniq", i.uniq, optional("Serial number, where the device has one."));
    visit.field("phys", i.phys,
                optional("The port it was plugged into; tells alike controllers apart."));
}

template <class Visitor>
void describe(Visitor& visit, Notch& n)
{
    visit.field("name", n.name, required("The pilot's name for it."));
    visit.field("at", n.at, required("Counts in the middle of it."));
    visit.field("half", n.half, {"Half its width in counts.", true, 1.0});
    visit.field(
        "value", n.value,
        {"What the axis gives there; without it, what its travel has there.", false, -1.0, 1.0});
}

/// What a control is, without what was measured of it: the part that holds for all hardware alike.
template <class Visitor, class Control>
void describeNature(Visitor& visit, Control& c)
{
    visit.field("code", c.code,
                required("The kernel's name of the control, such as ABS_X or BTN_TRIGGER; ABS_X@2 "
                         "on the second event node."));
    visit.field("label", c.label, optional("The pilot's name for it."));
    visit.field("role", c.role, optional("What it is for, such as roll or left toe brake."));
    visit.field("kind", c.kind, required("What kind of control it is."));
    if (visit.wants(c.kind == ControlKind::Axis)) {
        visit.field("more", c.more,
                    optional("The hand's way to a higher value, such as forward; axes only."));
        visit.field(
            "sides", c.sides,
            optional("Whether the axis rests in the middle (two) or at its low end (one)."));
    }
    if (visit.wants(c.kind == ControlKind::Button)) {
        visit.field("button", c.buttonKind, optional("How the button behaves; buttons only."));
    }
}

template <class Visitor>
void describe(Visitor& visit, RigControl& c)
{
    describeNature(visit, c);
    if (visit.wants(c.kind == ControlKind::Axis)) {
        visit.field("calibration", c.calibration,
                    optional("How its counts become a value; axes only."));
        visit.field("notches", c.notches,
                    optional("Where the lever catches, by rising counts; axes only."));
        visit.field("degrees", c.degrees,
                    {"How far a wheel turns from end to end.", false, 1.0, 10000.0});
    }
}

template <class Visitor>
void describe(Visitor& visit, SwitchPosition& p)
{
    visit.field("name", p.name, required("The pilot's name for the position."));
    visit.field("button", p.button,
                optional("Code of the button pressed there; none where no button is pressed."));
}

template <class Visitor>
void describe(Visitor& visit, RigSwitch& s)
{
    visit.field("name", s.name, required("The pilot's name for the switch."));
    visit.field("positions", s.positions, required("Its positions, from the top or the left."));
}

template <class Visitor>
void describe(Visitor& visit, PlatePart& p)
{
    visit.field("control", p.control, required("Code of the control, the first one of a pair."));
    visit.field("cells", p.cells,
                required("Its place on the grid of 40 columns: left, top, width, height."));
}

template <class Visitor>
void describe(Visitor& visit, PlateGroup& g)
{
    visit.field("label", g.label, optional("What stands above the frame."));
    visit.field("cells", g.cells,
                required("Its place on the grid of 40 columns: left, top, width, height."));
}

template <class Visitor>
void describe(Visitor& visit, Arrangement& a)
{
    visit.field("parts", a.parts, optional("Where each drawing is; others follow below."));
    visit.field("groups", a.groups, optional("Named frames around parts."));
}

template <class Visitor>
void describe(Visitor& visit, RigController& c)
{
    visit.field("id", c.id, required("Stable name that strands refer to."));
    visit.field("alias", c.alias, required("The pilot's name for it; unique in the rig."));
    visit.field("kind", c.kind, required("What kind of controller it is."));
    visit.field("hiding", c.hiding, optional("How it is kept out of the games' way while live."));
    visit.field("straight", c.isStraight,
                optional("Whether the kernel's own filter of its axes is off while Jolly Tangle "
                         "runs, not only while the controller is held."));
    visit.field("identity", c.identity, required("What tells it from other controllers."));
    visit.field("controls", c.controls, optional("Its controls, in the device's own order."));
    visit.field("switches", c.switches,
                optional("Switches whose positions report buttons of their own, or none."));
    visit.field("faceplate", c.faceplate,
                optional("How the pilot arranged the faceplate; else it lays itself out."));
}

}  // namespace jolly::format
