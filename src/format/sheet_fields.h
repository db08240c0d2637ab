// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/sim/sim_sheet.h"
#include "format/rule.h"

/// What stands in a sim sheet, in its own file and in a tangle; see fields.h.
namespace jolly::format
{

template <class Visitor>
void describe(Visitor& visit, SimSheet& s)
{
    constexpr Rule kDevices{"How many devices the sim sees; without it, all.", false, 0, 64};
    constexpr Rule kAxes{"How many axes of a device it takes; without it, all.", false, 0, 64};
    constexpr Rule kButtons{"How many buttons of a device; without it, all.", false, 0, 1024};
    constexpr Rule kHats{"How many hats of a device; without it, all.", false, 0, 16};
    constexpr Rule kAllButtons{"How many buttons in all; without it, any.", false, 0, 8192};
    visit.field("name", s.name, required("What the sheet is called."));
    visit.field("note", s.note, optional("Notes for binding in the sim."));
    visit.field("devices", s.devices, kDevices);
    visit.field("axes", s.axes, kAxes);
    visit.field("buttons", s.buttons, kButtons);
    visit.field("hats", s.hats, kHats);
    visit.field("allButtons", s.allButtons, kAllButtons);
    visit.field("gamepadOnly", s.isGamepadOnly, optional("Whether it sees gamepads alone."));
    visit.field("bendsAxes", s.bendsAxes, optional("Whether it bends axes by a curve of its own."));
    visit.field("keyOnly", s.keyOnly, optional("Functions that it takes from a keyboard alone."));
}

}  // namespace jolly::format
