// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/family.h"
#include "layer_story.h"

namespace jolly::test
{

/// The story of a tangle with two layers and a family of craft.
class Crafts : public Layers
{
 protected:
    Crafts()
    {
        tangle.craft.push_back({.id = "boats", .name = "Floatplanes", .parent = "everywhere"});
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "boats"});
        tangle.craft.push_back({.id = "rally", .name = "Bramble Rally 4", .parent = "everywhere"});
    }

    Strand& weaveFor(const std::string& craft, ControlCode from, VirtualControl to)
    {
        auto& strand = addStrand(tangle, from, to);
        strand.craft = craft;
        return strand;
    }
    void fly(const std::string& craft)
    {
        machine->chooseCraft(static_cast<std::uint32_t>(placeOfCraft(tangle, craft)));
        static_cast<void>(seen());
    }
};

}  // namespace jolly::test
