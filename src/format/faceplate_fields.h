// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/shared_faceplate.h"
#include "format/rig_fields.h"

/// What stands in a faceplate file; see fields.h.
namespace jolly::format
{

template <class Visitor>
void describe(Visitor& visit, SharedControl& c)
{
    describeNature(visit, c);
}

template <class Visitor>
void describe(Visitor& visit, SharedFaceplate& f)
{
    visit.field("name", f.name, required("The hardware's own name."));
    visit.field("vendor", f.vendor, counted("Vendor number.", 0, 65535));
    visit.field("product", f.product, counted("Product number.", 0, 65535));
    visit.field("kind", f.controllerKind, required("What kind of controller it is."));
    visit.field("controls", f.controls, required("Names, roles and kinds of its controls."));
    visit.field("switches", f.switches,
                optional("Switches whose positions report buttons of their own, or none."));
    visit.field("arrangement", f.arrangement,
                optional("How the faceplate is arranged; else it lays itself out."));
}

}  // namespace jolly::format
