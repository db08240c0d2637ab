// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/strand_index.h"

#include "core/tangle/device_edit.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

TEST(StrandIndex, FindsStrandsByWhereTheyBeginAndEnd)
{
    auto tangle = smallTangle();
    tangle.strands.reserve(4);
    const auto* first = &addStrand(tangle, kX, axis(1));
    const auto* second = &addStrand(tangle, kY, axis(1));
    const auto* third = &addStrand(tangle, kX, axis(2));
    tangle.strands.push_back({.id = "of nothing"});
    const StrandIndex index(tangle);
    EXPECT_THAT(index.from({"stick", kX}), ElementsAre(first, third));
    EXPECT_THAT(index.at({"jolly", axis(1)}), ElementsAre(first, second));
    EXPECT_THAT(index.at({"jolly", axis(2)}), ElementsAre(third));
    EXPECT_THAT(index.at({"other", axis(2)}), IsEmpty());
    EXPECT_THAT(index.from({"stick", kThrottle}), IsEmpty());
    EXPECT_EQ(index.at({"jolly", axis(1)}), takersOf(tangle, {"jolly", axis(1)}));
}

TEST(StrandIndex, WhatAStageLooksAtIsUsed)
{
    auto tangle = smallTangle();
    Stage held{.parameters = HoldValue{Source{"stick", kThumb}}};
    held.when = When{.control = {"stick", kToggle}};
    addStrand(tangle, kX, axis(1), {held});
    const StrandIndex index(tangle);
    EXPECT_TRUE(index.isUsed({"stick", kX}));
    EXPECT_TRUE(index.isUsed({"stick", kThumb}));
    EXPECT_TRUE(index.isUsed({"stick", kToggle}));
    EXPECT_FALSE(index.isUsed({"stick", kTrigger}));
}

TEST(StrandIndex, ASwitchIsFoundByEachOfItsPositions)
{
    auto tangle = smallTangle();
    const SwitchPlaces places = {{"up", Source{"stick", kTrigger}},
                                 {"off", std::nullopt},
                                 {"down", Source{"stick", kThumb}}};
    const auto* lever = &addStrand(tangle, kTrigger, button(1), {{SwitchPositions{places}}});
    const StrandIndex index(tangle);
    EXPECT_THAT(index.from({"stick", kTrigger}), ElementsAre(lever)) << "once";
    EXPECT_THAT(index.from({"stick", kThumb}), ElementsAre(lever));
}

TEST(StrandIndex, KeysThatArePressedTogetherAreEndsEach)
{
    auto tangle = smallTangle();
    const auto* strand = &addStrand(tangle, kTrigger, button(1));
    tangle.strands[0].ends[0].goal = Chord{.device = "keys", .keys = {29, 34}};
    const StrandIndex index(tangle);
    EXPECT_THAT(index.at({"keys", button(29)}), ElementsAre(strand));
    EXPECT_THAT(index.at({"keys", button(34)}), ElementsAre(strand));
}

}  // namespace
}  // namespace jolly
