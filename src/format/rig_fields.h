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
void describe(Visitor& visit, RigControl& c)
{
    visit.field("code", c.code,
                required("The kernel's name of the control, such as ABS_X or BTN_TRIGGER; ABS_X@2 "
                         "on the second event node."));
    visit.field("label", c.label, optional("The pilot's name for it."));
    visit.field("kind", c.kind, required("What kind of control it is."));
    if (visit.wants(c.kind == ControlKind::Axis)) {
        visit.field(
            "sides", c.sides,
            optional("Whether the axis rests in the middle (two) or at its low end (one)."));
        visit.field("calibration", c.calibration,
                    optional("How its counts become a value; axes only."));
    }
    if (visit.wants(c.kind == ControlKind::Button)) {
        visit.field("button", c.buttonKind, optional("How the button behaves; buttons only."));
    }
}

template <class Visitor>
void describe(Visitor& visit, RigController& c)
{
    visit.field("id", c.id, required("Stable name that strands refer to."));
    visit.field("alias", c.alias, required("The pilot's name for it; unique in the rig."));
    visit.field("kind", c.kind, required("What kind of controller it is."));
    visit.field("held", c.isHeld, optional("Whether games must not hear it while live."));
    visit.field("identity", c.identity, required("What tells it from other controllers."));
    visit.field("controls", c.controls, optional("Its controls, in the device's own order."));
}

}  // namespace jolly::format
