// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/matching.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using testing::ElementsAre;

Identity pad(const std::string& uniq, const std::string& phys)
{
    return {3, 0x6a01, 0x0200, 1, "Pebble Pad", uniq, phys};
}

RigController known(const Identity& identity)
{
    RigController controller;
    controller.identity = identity;
    return controller;
}

TEST(MatchRig, MovedToAnotherPortItIsStillFound)
{
    const RigController rig[] = {known(pad("", "usb-1"))};
    const Identity present[] = {pad("", "usb-7")};
    EXPECT_THAT(matchRig(rig, present).rigOf, ElementsAre(0));
}

TEST(MatchRig, TwinsAreToldApartBySerial)
{
    const RigController rig[] = {known(pad("A", "usb-1")), known(pad("B", "usb-2"))};
    const Identity present[] = {pad("B", "usb-1"), pad("A", "usb-2")};
    EXPECT_THAT(matchRig(rig, present).rigOf, ElementsAre(1, 0));
}

TEST(MatchRig, TwinsWithOneSerialAreToldApartByPort)
{
    const RigController rig[] = {known(pad("0001", "usb-1")), known(pad("0001", "usb-2"))};
    const Identity present[] = {pad("0001", "usb-2"), pad("0001", "usb-1")};
    EXPECT_THAT(matchRig(rig, present).rigOf, ElementsAre(1, 0));
}

TEST(MatchRig, MovedTwinsAreADoubtAndNotAGuess)
{
    const RigController rig[] = {known(pad("", "usb-1")), known(pad("", "usb-2"))};
    const Identity present[] = {pad("", "usb-3"), pad("", "usb-4")};
    const auto match = matchRig(rig, present);
    EXPECT_THAT(match.rigOf, ElementsAre(-1, -1));
    ASSERT_EQ(match.doubts.size(), 2U);
    EXPECT_THAT(match.doubts[0].candidates, ElementsAre(0, 1));
}

TEST(MatchRig, OneMovedTwinIsTheOneThatIsLeft)
{
    const RigController rig[] = {known(pad("", "usb-1")), known(pad("", "usb-2"))};
    const Identity present[] = {pad("", "usb-1"), pad("", "usb-9")};
    const auto match = matchRig(rig, present);
    EXPECT_THAT(match.rigOf, ElementsAre(0, 1));
    EXPECT_TRUE(match.doubts.empty());
}

TEST(MatchRig, AnotherSerialIsADoubt)
{
    const RigController rig[] = {known(pad("A", "usb-1"))};
    const Identity present[] = {pad("B", "usb-2")};
    EXPECT_EQ(matchRig(rig, present).doubts.size(), 1U);
}

TEST(MatchRig, OtherModelsAreStrangersAndAbsentOnesStayAbsent)
{
    const RigController rig[] = {known(pad("", "usb-1"))};
    auto stranger = pad("", "usb-1");
    stranger.product = 0x0999;
    const Identity present[] = {stranger};
    const auto match = matchRig(rig, present);
    EXPECT_THAT(match.rigOf, ElementsAre(Match::kUnknown));
    EXPECT_FALSE(match.isPresent(0));
    EXPECT_TRUE(match.doubts.empty());
}

TEST(MatchRig, AFirmwareUpdateChangesNothing)
{
    const RigController rig[] = {known(pad("A", "usb-1"))};
    auto updated = pad("A", "usb-5");
    updated.version = 77;
    const Identity present[] = {updated};
    EXPECT_THAT(matchRig(rig, present).rigOf, ElementsAre(0));
}

}  // namespace
}  // namespace jolly
