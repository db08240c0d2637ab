// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/difference.h"
#include "core/tangle/rig_check.h"
#include "core/weave/weave.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::Contains;
using testing::ElementsAre;
using testing::Field;
using testing::HasSubstr;
using testing::IsEmpty;

/// Tangles that nobody would make on purpose: each oddity is told in words.
class OddTangle : public testing::Test
{
 protected:
    [[nodiscard]] auto says(const std::string& words) const
    {
        return Contains(Field(&Problem::sentence, HasSubstr(words)));
    }

    Tangle tangle = smallTangle();
};

TEST_F(OddTangle, AControlThatStandsTwice)
{
    EXPECT_THAT(findRigProblems(tangle), IsEmpty());
    tangle.rig[0].controls.push_back(tangle.rig[0].controls[0]);
    EXPECT_THAT(findRigProblems(tangle), says("has the control ABS_X twice"));
}

TEST_F(OddTangle, AButtonAtTwoSwitches)
{
    tangle.rig[0].switches = {{"Gear", {{"up", kTrigger}, {"down", {}}}},
                              {"Flaps", {{"in", kTrigger}, {"out", {}}}}};
    EXPECT_THAT(findRigProblems(tangle), says("belongs to the switches Gear and Flaps"));
    tangle.rig[0].switches = {{"Gear", {{"up", kTrigger}, {"down", kTrigger}}}};
    EXPECT_THAT(findRigProblems(tangle), says("two positions of the switch Gear"));
}

TEST_F(OddTangle, ANotchOutsideTheTravel)
{
    tangle.rig[0].controls[0].notches = {{"idle", 5000, 3, {}}};
    EXPECT_THAT(findRigProblems(tangle), says("lies outside the travel of ABS_X"));
}

TEST_F(OddTangle, TwoControllersOfOneIdentity)
{
    tangle.rig.push_back(tangle.rig[0]);
    tangle.rig[1].id = tangle.rig[1].alias = "twin";
    EXPECT_THAT(findRigProblems(tangle), says("Small stick and twin are one and the same device"));
    tangle.rig[1].identity.phys = "elsewhere";
    EXPECT_THAT(findRigProblems(tangle), IsEmpty());
}

TEST_F(OddTangle, EmptyIdsAndTwinFeels)
{
    addStrand(tangle, kX, axis(1)).id.clear();
    EXPECT_THAT(findProblems(tangle), says("One of the strands has no name"));
    tangle.feels = {{"calm", {}}, {"calm", {}}};
    EXPECT_THAT(findProblems(tangle), says("Two feels are called \"calm\""));
}

TEST_F(OddTangle, CraftInARingOrOfNoFamily)
{
    tangle.craft.push_back({"gannet", "Gannet 12", "everywhere"});
    tangle.craft.push_back({"float", "On floats", "gannet"});
    EXPECT_FALSE(hasErrors(findProblems(tangle)));
    tangle.craft.push_back({"a", "Puffling 3", "b"});
    tangle.craft.push_back({"b", "Saltback", "c"});
    tangle.craft.push_back({"c", "Winch Nine", "b"});
    const auto ring = findProblems(tangle);
    for (const auto* name : {"Puffling 3", "Saltback", "Winch Nine"})
        EXPECT_THAT(ring, says(std::string("\"") + name + "\" belongs to"));
    EXPECT_THAT(ring, testing::Not(says("Gannet 12")));
    tangle.craft = {tangle.craft[0], {"lost", "Bramble Rally 4", "nobody"}};
    EXPECT_THAT(findProblems(tangle), says("which the tangle does not have"));
}

TEST_F(OddTangle, DifferencesAreToldByThePilotsNames)
{
    addStrand(tangle, kX, axis(1)).name = "Roll";
    auto other = tangle;
    EXPECT_THAT(differenceInWords(tangle, other), IsEmpty());
    other.strands[0].stages = {{DeadZone{}}};
    other.strands[0].ends = endsAt({{"jolly", axis(2)}});
    addStrand(other, kY, axis(3)).name = "Pitch";
    other.devices.clear();
    EXPECT_THAT(differenceInWords(tangle, other),
                ElementsAre("Virtual device \"Jolly\" is gone.",
                            "Strand \"Roll\" ends elsewhere, has other stages.",
                            "Strand \"Pitch\" is new."));
}

}  // namespace
}  // namespace jolly
