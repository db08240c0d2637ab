// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/faceplate_text.h"

#include "core/tangle/lookup.h"
#include "format/tangle_text.h"
#include "support/golden.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly::format
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;

RigController arranged()
{
    auto rig = smallStick();
    putPart(rig.faceplate, kTrigger, {3, 4, 5, 6});
    rig.faceplate.groups.push_back({"Guns", {2, 2, 10, 10}, {}});
    rig.switches.push_back({"Gear", {{"up", kToggle, {}}, {"down", {}, {}}}, {}});
    auto& lever = *findControl(rig, kThrottle);
    lever.role = "power lever";
    lever.more = "forward";
    lever.notches.push_back({.name = "idle", .at = 100, .half = 10});
    return rig;
}

TEST(FaceplateText, WhatIsWrittenIsRead)
{
    const auto shared = share(arranged());
    const auto read = readFaceplate(writeFaceplate(shared));
    ASSERT_TRUE(read.isReadable);
    EXPECT_TRUE(read.problems.empty());
    EXPECT_EQ(read.faceplate, shared);
}

TEST(FaceplateText, NothingThatTellsOneUnitFromAnotherIsShared)
{
    auto rig = arranged();
    rig.identity.uniq = "SERIAL-77";
    rig.alias = "Grandfather's";
    const auto text = writeFaceplate(share(rig));
    for (const auto* secret : {"SERIAL-77", "usb-1", "Grandfather", "calibration", "idle"})
        EXPECT_EQ(text.find(secret), std::string::npos) << secret;
}

TEST(FaceplateText, OnOtherHardwareWhatFitsIsTakenAndTheRestIsNamed)
{
    auto other = smallStick("other");
    other.identity.product = 9;
    other.identity.name = "Other Stick";
    std::erase_if(other.controls,
                  [](const RigControl& c) { return c.code == kToggle || c.code == kTrigger; });
    const auto remarks = takeShared(other, share(arranged()));
    EXPECT_THAT(remarks, ElementsAre("It was made for Small Stick, this is Other Stick.",
                                     HasSubstr("The switch Gear was left out"),
                                     "2 of its controls are not on this one and left out."));
    EXPECT_EQ(findControl(other, kThrottle)->role, "power lever");
    EXPECT_TRUE(other.faceplate.parts.empty()) << "the part of a control that is not there";
    EXPECT_EQ(other.faceplate.groups.size(), 1U);
}

TEST(FaceplateText, ARigWithEverythingSurvivesTheTangleFile)
{
    auto tangle = smallTangle();
    tangle.rig[0] = arranged();
    tangle.rig[0].isStraight = true;
    findControl(tangle.rig[0], kThrottle)->notches[0].value = 0.25;
    const auto read = readTangle(writeTangle(tangle));
    EXPECT_TRUE(read.problems.empty());
    EXPECT_EQ(read.tangle, tangle);
}

}  // namespace
}  // namespace jolly::format
