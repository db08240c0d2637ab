// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/desk_walk.h"

#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly::test
{
namespace
{

using testing::HasSubstr;
using testing::Not;

/// A desk with the small stick, all of it told.
class Walk : public testing::Test
{
 protected:
    Walk()
    {
        tangle.rig[0].alias = "Skerry <Stick>";
        for (auto& control : tangle.rig[0].controls) {
            if (control.code == kX) control.more = "right";
        }
        walk.emplace(tangle);
        for (const auto& control : tangle.rig[0].controls) walk->stand("stick", control.code, {});
    }

    void move(ControlCode code, std::int32_t x, std::int32_t y = 0)
    {
        now += 10 * kMs;
        walk->move("stick", code, {x, y}, now);
    }
    WalkedControl of(ControlCode code)
    {
        for (auto& control : walk->controls(now)) {
            if (control.code == code) return control;
        }
        ADD_FAILURE();
        return {};
    }

    Tangle tangle = smallTangle();
    std::optional<DeskWalk> walk;
    Time now = std::chrono::seconds(1);
};

TEST_F(Walk, AnAxisIsWalkedAtBothItsEnds)
{
    EXPECT_FALSE(of(kX).isDone());
    move(kX, 970);
    EXPECT_TRUE(of(kX).isBegun());
    EXPECT_EQ(of(kX).steps[0].words, "right is more");
    EXPECT_TRUE(of(kX).steps[0].isDone);
    EXPECT_EQ(of(kX).steps[1].words, "left is less");
    EXPECT_FALSE(of(kX).isDone());
    move(kX, -950);
    EXPECT_FALSE(of(kX).isDone()) << "not far enough";
    move(kX, -985);
    EXPECT_TRUE(of(kX).isDone());
}

TEST_F(Walk, AnAxisThatDoesNotRestInItsMiddleIsNamed)
{
    move(kX, 1000);
    move(kX, -1000);
    move(kX, 60);
    EXPECT_EQ(of(kX).remark, "") << "it was not let go yet";
    now += std::chrono::milliseconds(1100);
    EXPECT_THAT(of(kX).remark, HasSubstr("rests at 6.0 %"));
    move(kX, 10);
    now += std::chrono::milliseconds(1100);
    EXPECT_EQ(of(kX).remark, "");
    move(kThrottle, 500);
    now += std::chrono::milliseconds(1100);
    EXPECT_EQ(of(kThrottle).remark, "") << "a lever stays where it is put";
}

TEST_F(Walk, ButtonsHatsAndTurnersHaveTheirOwnSteps)
{
    move(kTrigger, 1);
    EXPECT_FALSE(of(kTrigger).isDone());
    move(kTrigger, 0);
    EXPECT_TRUE(of(kTrigger).isDone());
    for (const auto way : {Counts{0, -1}, Counts{1, 0}, Counts{0, 1}}) move(kHat, way.x, way.y);
    EXPECT_FALSE(of(kHat).isDone());
    move(kHat, -1, 0);
    EXPECT_TRUE(of(kHat).isDone()) << "diagonals are told, and not asked for";
    EXPECT_THAT(of(kHat).remark, HasSubstr("middle"));
    move(kHat, 0, 0);
    EXPECT_EQ(of(kHat).remark, "");
    move(kDial, 3);
    move(kDial, 2);
    EXPECT_TRUE(of(kDial).isDone());
}

TEST_F(Walk, CornersOfAStickAreToldAndNotAskedFor)
{
    for (const int x : {-1000, 1000}) {
        for (const int y : {-1000, 1000}) {
            move(kX, x);
            move(kY, y);
        }
    }
    EXPECT_EQ(of(kX).steps[2].words, "4 of 4 corners");
    EXPECT_TRUE(of(kX).isDone());
}

TEST_F(Walk, WhatIsNotThereIsLeftOut)
{
    DeskWalk other(tangle);
    EXPECT_TRUE(other.controls(now).empty());
    other.move("nobody", kX, {}, now);
    EXPECT_TRUE(other.controls(now).empty());
}

TEST_F(Walk, TheReportTellsWhatIsDoneLeftAndOdd)
{
    move(kX, 1000);
    move(kX, -1000);
    move(kTrigger, 1);
    now += std::chrono::seconds(2);
    const auto text = textOf(*walk, now, "2026-11-28 14:02");
    EXPECT_THAT(text, HasSubstr("1 of 8 controls walked, 1 odd."));
    EXPECT_THAT(text, HasSubstr("open  button 1: pressed: yes, let go: not yet"));
    EXPECT_THAT(text, HasSubstr("right is more: yes, left is less: yes; rests at -100.0 %"));
    const auto html = htmlOf(*walk, now, "now");
    EXPECT_THAT(html, HasSubstr("Skerry &lt;Stick&gt;"));
    EXPECT_THAT(html, Not(HasSubstr("<Stick>")));
    EXPECT_THAT(html, HasSubstr("</table>\n</body>"));
}

}  // namespace
}  // namespace jolly::test
