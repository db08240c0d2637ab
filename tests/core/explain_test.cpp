// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;

class Explain : public testing::Test
{
 protected:
    std::vector<std::string> of(ControlCode control) const
    {
        std::vector<std::string> lines;
        for (const auto& line : explainControl(tangle, {"stick", control}))
            lines.push_back(line.english());
        return lines;
    }

    Tangle tangle = smallTangle();
};

TEST_F(Explain, LayersAndCraftAreNamedAboveWhatTheyDo)
{
    tangle.layers.push_back({.id = "water", .name = "On water"});
    tangle.craft.push_back({"gannet", "Gannet 12", std::string(kEverywhere)});
    addStrand(tangle, kTrigger, button(2)).layer = "water";
    addStrand(tangle, kTrigger, button(3)).craft = "gannet";
    addStrand(tangle, kTrigger, button(1));
    EXPECT_THAT(
        of(kTrigger),
        ElementsAre("In the layer Base, everywhere:", "strand-3: button 1 of Small stick",
                    "  It presses Jolly, button 1 while it is pressed.",
                    "In the layer Base, for Gannet 12:", "strand-2: button 1 of Small stick",
                    "  It presses Jolly, button 3 while it is pressed.",
                    "In the layer On water, everywhere:", "strand-1: button 1 of Small stick",
                    "  It presses Jolly, button 2 while it is pressed."));
}

TEST_F(Explain, SlicesSayWhereTheyArePressedAndStagesWhenTheyWork)
{
    auto& drop = addStrand(
        tangle, kThrottle, button(1),
        {{Invert{}},
         {Slice{.slices = {{"drop", 0.94, 1.0, 0.9, 1.0}, {"arm", 0.5, 0.94, 0.4, 1.0}}}}});
    drop.ends = {{"drop", Target{"jolly", button(1)}}, {"arm", Target{"jolly", button(2)}}};
    drop.stages[0].when = When{.control = {"stick", kThumb}};
    tangle.layers.push_back({.id = "water", .name = "On water"});
    EXPECT_THAT(
        of(kThrottle),
        ElementsAre(
            "strand-1: axis THROTTLE of Small stick through invert (the other way "
            "round) while button 2 of Small stick is pressed, then slice (2 slices, pile up)",
            "  \"drop\" (94.0 % to 100.0 %) presses Jolly, button 1 while it is "
            "pressed.",
            "  \"arm\" (50.0 % to 94.0 %) presses Jolly, button 2 while it is "
            "pressed."));
    EXPECT_THAT(of(kThumb), ElementsAre("strand-1 looks at it."));
}

}  // namespace
}  // namespace jolly
