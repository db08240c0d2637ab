// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/weave/weave.h"

/// What hats and turners become, and what becomes a hat: tables by hand.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

using Hats = ButtonStory;

TEST_F(Hats, AHatIsSplitWithItsDiagonals)
{
    const auto round = [this](Diagonals diagonals) {
        weave(HatSplit{diagonals}, kHat);
        tangle.devices.front().buttons = 8;
        start();
        std::vector<std::string> ways;
        for (const auto& [x, y] : std::initializer_list<std::pair<int, int>>{
                 {0, 0}, {0, -1}, {1, -1}, {1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}}) {
            hatAt(x, y);
            ways.push_back(pressed());
        }
        return ways;
    };
    EXPECT_THAT(round(Diagonals::Both),
                ElementsAre("", "1", "12", "2", "23", "3", "34", "4", "14"));
    EXPECT_THAT(round(Diagonals::Own), ElementsAre("", "1", "2", "3", "4", "5", "6", "7", "8"));
    EXPECT_THAT(round(Diagonals::Ignored), ElementsAre("", "1", "", "2", "", "3", "", "4", ""));
}

TEST_F(Hats, AHatIsTurnedAndMovesTwoAxes)
{
    weave(HatTurn{2}, kHat);
    hatAt(0, -1);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "up becomes right";
    weave(HatTurn{-1}, kHat);
    hatAt(0, -1);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = -1,-1"));
    weave(HatToAxes{}, kHat);
    hatAt(1, -1);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 32767", "axis 2 = -32768"));
}

TEST_F(Hats, FourWaysHaveNoDiagonals)
{
    // From up to up right and back, from right to down right, and straight to up left.
    const auto round = [this](Winner wins) {
        weave(FourWays{wins}, kHat);
        std::string ways;
        for (const auto& [x, y] : std::initializer_list<std::pair<int, int>>{
                 {0, -1}, {1, -1}, {0, -1}, {0, 0}, {1, 0}, {1, 1}, {1, 0}, {0, 0}, {-1, -1}}) {
            hatAt(x, y);
            const auto counts = machine->meetings().raw(hatPlace());
            ways += counts.y < 0   ? 'u'
                    : counts.y > 0 ? 'd'
                    : counts.x < 0 ? 'l'
                    : counts.x > 0 ? 'r'
                                   : '.';
            EXPECT_TRUE(counts.x == 0 || counts.y == 0);
        }
        return ways;
    };
    EXPECT_EQ(round(Winner::First), "uuu.rrr.l");
    EXPECT_EQ(round(Winner::Later), "uru.rdr.u") << "left or right comes first in a frame";
    EXPECT_EQ(round(Winner::UpDown), "uuu.rdr.u");
    EXPECT_EQ(round(Winner::LeftRight), "uru.rrr.l");
}

TEST_F(Hats, FourButtonsMakeAHat)
{
    const HatJoin eight{Source{"stick", kThumb}, Source{"stick", kToggle},
                        Source{"other", kTrigger}};
    auto& strand = weave(eight);
    tangle.rig.push_back(smallStick("other"));
    start();
    press(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 0,-1"));
    press(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,-1"));
    press(kToggle);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "up and down cancel each other";
    auto four = eight;
    four.ways = Ways::Four;
    strand.stages.front().parameters = four;
    start();
    press(kTrigger);
    press(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "the one that came last";
    release(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 0,-1"));
}

TEST_F(Hats, AStickIsAHatThatDoesNotFlicker)
{
    weave(HatOfAxes{.other = Source{"stick", kY}, .presses = 0.5, .letsGo = 0.4}, kX);
    const auto stick = [this](int x, int y) {
        move(kX, x);
        move(kY, y);
        return seen();
    };
    EXPECT_THAT(stick(490, 0), IsEmpty());
    EXPECT_THAT(stick(510, 0), ElementsAre("hat 1 = 1,0"));
    EXPECT_THAT(stick(410, 0), IsEmpty()) << "held until it is let go";
    EXPECT_THAT(stick(390, 0), ElementsAre("hat 1 = 0,0"));
    stick(800, 0);
    EXPECT_THAT(stick(800, 390), IsEmpty()) << "26 degrees: a little beyond the edge it stays";
    EXPECT_THAT(stick(800, 600), ElementsAre("hat 1 = 1,1"));
    EXPECT_THAT(stick(800, 350), IsEmpty()) << "and back";
    EXPECT_THAT(stick(0, -1000), ElementsAre("hat 1 = 0,-1")) << "up";
}

TEST_F(Hats, WhatIsTurnedAddsUpToAnAxis)
{
    auto& strand =
        weave(Glide{.step = 0.25, .lowest = -0.5, .reset = Source{"stick", kThumb}}, kDial);
    EXPECT_THAT(findProblems(tangle), IsEmpty());
    move(kDial, 1);
    EXPECT_EQ(at(axis(1)), 8192) << "the first count counts";
    move(kDial, 900);
    EXPECT_EQ(at(axis(1)), 32767) << "and no further than the end";
    move(kDial, 899);
    EXPECT_EQ(at(axis(1)), 24575) << "from where it comes back at once";
    move(kDial, 0);
    EXPECT_EQ(at(axis(1)), -16384);
    press(kThumb);
    EXPECT_EQ(at(axis(1)), 0);
    strand.stages.clear();
    EXPECT_EQ(findProblems(tangle).front().sentence,
              "Strand \"strand-1\" leads the counts of a turner to X of Jolly.");
    weave(Glide{.step = 0.25}, kDial);
    prime(kDial, 500);
    EXPECT_EQ(at(axis(1)), 0) << "what was turned before does not count";
    move(kDial, 501);
    EXPECT_EQ(at(axis(1)), 8192);
}

TEST_F(Hats, NotchesOfAWheelArePulses)
{
    weave(TurnPulses{.counts = 2, .pulse = 40}, kDial);
    until(1000);
    move(kDial, 5);
    EXPECT_THAT(until(2000), ElementsAre("1000: button 1 = 1", "1040: button 1 = 0",
                                         "1080: button 1 = 1", "1120: button 1 = 0"));
    move(kDial, 2);
    EXPECT_THAT(until(3000), ElementsAre("2000: button 2 = 1", "2040: button 2 = 0"));
    move(kDial, 100'000'000);
    std::size_t pulses = 0;
    for (const auto& line : until(1'000'000)) pulses += line.ends_with("= 1") ? 1 : 0;
    EXPECT_EQ(pulses, static_cast<std::size_t>(Pulses::kMost)) << "bounded";
}

}  // namespace
}  // namespace jolly
