// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/callouts.h"

#include <gmock/gmock.h>

#include <random>

/// Labels beside a faceplate: each near its control, none over another, no lines that cross.
namespace jolly
{
namespace
{

using testing::ElementsAre;

constexpr int kEach = 36;

TEST(Callouts, EachStandsAtTheSideToWhichItsControlIsNearer)
{
    const std::vector<Spot> anchors = {{20, 10}, {200, 10}, {90, 100}, {180, 90}};
    EXPECT_THAT(sidesOfCallouts(anchors, 220), ElementsAre(true, false, true, false));
    EXPECT_TRUE(sidesOfCallouts({}, 220).empty());
}

TEST(Callouts, WhereOneSideHasFarMoreTheNearestToTheMiddleGoToTheOther)
{
    std::vector<Spot> anchors;
    for (int i = 0; i < 8; ++i) anchors.push_back({10 + i * 10, 50});
    EXPECT_THAT(sidesOfCallouts(anchors, 220),
                ElementsAre(true, true, true, true, true, false, false, false));
    EXPECT_EQ(heightOfCallouts(sidesOfCallouts(anchors, 220), kEach), 5 * kEach);
}

TEST(Callouts, OneStandsAtTheHeightOfItsControlAndOthersMakeRoom)
{
    const std::vector<Spot> anchors = {{0, 100}, {0, 110}, {0, 395}};
    EXPECT_THAT(placeCallouts(anchors, {true, true, true}, 0, 400, kEach),
                ElementsAre(CalloutPlace{true, 83}, CalloutPlace{true, 83 + kEach},
                            CalloutPlace{true, 400 - kEach + 1}))
        << "the last one ends at the bottom of the column";
}

TEST(Callouts, WhateverTheFaceplateNoneLiesOverAnotherAndNoLinesCross)
{
    std::mt19937 random(7);
    const auto below = [&](int most) { return static_cast<int>(random() % 1000) * most / 1000; };
    for (int round = 0; round < 500; ++round) {
        std::vector<Spot> anchors;
        for (int i = below(30); i >= 0; --i) anchors.push_back({below(244), below(400)});
        const auto areLeft = sidesOfCallouts(anchors, 244);
        const int bottom = std::max(400, heightOfCallouts(areLeft, kEach));
        const auto places = placeCallouts(anchors, areLeft, 0, bottom, kEach);
        for (std::size_t a = 0; a < places.size(); ++a) {
            ASSERT_GE(places[a].top, 0);
            ASSERT_LE(places[a].top + kEach - 1, bottom);
            for (std::size_t b = 0; b < places.size(); ++b) {
                if (a == b || places[a].isLeft != places[b].isLeft) continue;
                ASSERT_GE(std::abs(places[a].top - places[b].top), kEach);
                if (anchors[a].y >= anchors[b].y) continue;
                ASSERT_LT(places[a].top, places[b].top);
            }
        }
    }
}

}  // namespace
}  // namespace jolly
