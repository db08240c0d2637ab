// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/button_survey.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using std::chrono::milliseconds;
using testing::HasSubstr;

/// A button as a vocabulary; times in milliseconds.
ButtonSeries presses(std::initializer_list<std::pair<int, int>> list)
{
    ButtonSeries series;
    for (const auto& [from, to] : list) {
        series.edges.push_back({milliseconds(from), true});
        if (to > 0) series.edges.push_back({milliseconds(to), false});
    }
    return series;
}

std::vector<ButtonGuess> guess(const std::vector<ButtonSeries>& buttons, int until = 20'000)
{
    return guessKinds(buttons, milliseconds(until));
}

TEST(ButtonSurvey, ShortPulsesAreThoseOfAnEndlessDial)
{
    const auto found = guess({presses({{100, 112}, {300, 315}, {420, 430}})})[0];
    EXPECT_EQ(found.kind, ButtonKind::EncoderPulse);
    EXPECT_EQ(found.words, "3 pulses of at most 15 ms: an endless dial");
}

TEST(ButtonSurvey, WhatStaysPressedIsASwitch)
{
    EXPECT_EQ(guess({presses({{1000, 9000}})})[0].kind, ButtonKind::Switch);
    const auto stillDown = guess({presses({{1000, 0}})})[0];
    EXPECT_EQ(stillDown.kind, ButtonKind::Switch);
    EXPECT_EQ(stillDown.words, "Stayed pressed for 19 s: a switch");
    const auto fromTheStart = guess({{.since = milliseconds(0), .wasDown = true}})[0];
    EXPECT_EQ(fromTheStart.kind, ButtonKind::Switch);
}

TEST(ButtonSurvey, FingersPressLongerThanPulsesAndShorterThanSwitches)
{
    EXPECT_EQ(guess({presses({{0, 90}, {500, 700}, {1000, 1080}})})[0].kind, ButtonKind::Push);
}

TEST(ButtonSurvey, ALittleIsNoGuess)
{
    EXPECT_FALSE(guess({presses({})})[0].kind);
    EXPECT_FALSE(guess({presses({{100, 112}, {300, 315}})})[0].kind) << "two pulses may be chance";
    EXPECT_FALSE(guess({presses({{1000, 4000}})})[0].kind) << "held for three seconds";
}

TEST(ButtonSurvey, ButtonsOfWhichOneIsAlwaysPressedAreASelector)
{
    ButtonSeries first{.since = {}, .wasDown = true};
    first.edges = {{milliseconds(1000), false}, {milliseconds(5020), true}};
    const auto found =
        guess({first, presses({}), presses({{1010, 3000}}), presses({{3015, 5000}})});
    EXPECT_EQ(found[0].kind, ButtonKind::Selector);
    EXPECT_EQ(found[3].group, (std::vector<std::size_t>{0, 2, 3}));
    EXPECT_THAT(found[2].words, HasSubstr("One of 3 buttons of which one is always pressed"));
    EXPECT_FALSE(found[1].kind) << "the one beside them is none of it";
}

TEST(ButtonSurvey, AButtonThatIsAlsoPressedAloneIsNoSelector)
{
    ButtonSeries first{.since = {}, .wasDown = true};
    first.edges = {{milliseconds(1000), false},
                   {milliseconds(3000), true},
                   {milliseconds(4000), false},
                   {milliseconds(6000), true}};
    const auto found = guess({first, presses({{1010, 3000}})});
    EXPECT_NE(found[0].kind, ButtonKind::Selector);
    EXPECT_NE(found[1].kind, ButtonKind::Selector);
}

}  // namespace
}  // namespace jolly
