// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sim/limits.h"
#include "core/sim/sheet_check.h"
#include "core/sim/spread.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <gmock/gmock.h>

#include <random>
#include <set>

namespace jolly
{
namespace
{

using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

constexpr VirtualControl button(std::uint16_t number)
{
    return {ControlKind::Button, number};
}

Tangle withDevices(int count)
{
    Tangle tangle;
    for (int i = 0; i < count; ++i) addDevice(tangle, VirtualKind::Joystick);
    fitDevices(tangle);
    return tangle;
}

void weave(Tangle& tangle, const Target& target)
{
    const auto id = "s" + std::to_string(tangle.strands.size());
    tangle.strands.push_back({.id = id, .name = id, .ends = endsAt({target})});
    fitDevices(tangle);
}

/// A tangle and a sheet that nobody would think of, but could make.
Tangle randomTangle(unsigned seed)
{
    std::mt19937 random(seed);
    const auto upTo = [&](unsigned most) { return random() % (most + 1); };
    const auto number = [&](unsigned most) {
        return static_cast<std::uint16_t>(1 + upTo(most - 1));
    };
    auto tangle = withDevices(static_cast<int>(1 + upTo(4)));
    if (upTo(2) == 0) addDevice(tangle, VirtualKind::Gamepad);
    for (auto& device : tangle.devices)
        device.sizing = upTo(1) == 0 ? Sizing::Fixed : device.sizing;
    const auto strands = upTo(140);
    for (unsigned i = 0; i < strands; ++i) {
        const auto& device = tangle.devices[upTo(static_cast<unsigned>(tangle.devices.size()) - 1)];
        const auto layout = layoutOf(device);
        weave(tangle, {device.id, layout[upTo(static_cast<unsigned>(layout.size()) - 1)].control});
    }
    SimSheet sheet{.name = "Random sim"};
    if (upTo(2) > 0) sheet.devices = number(5);
    if (upTo(2) > 0) sheet.axes = number(9);
    if (upTo(2) > 0) sheet.buttons = number(64);
    if (upTo(1) > 0) sheet.hats = static_cast<std::uint16_t>(upTo(2));
    if (upTo(3) == 0) sheet.allButtons = number(100);
    sheet.isGamepadOnly = upTo(7) == 0;
    tangle.sheet = sheet;
    return tangle;
}

class SpreadLaws : public testing::TestWithParam<unsigned>
{
 protected:
    static bool isSeen(const Tangle& tangle, const Target& place)
    {
        const auto& sheet = *tangle.sheet;
        std::uint16_t count = 0;
        for (const auto& device : tangle.devices) {
            if (!looksAt(sheet, device)) continue;
            const bool isWithin = ++count <= sheet.devices.value_or(count);
            if (device.id == place.device)
                return isWithin &&
                       place.control.number <= mostOf(sheet, device.kind, place.control.kind);
        }
        return false;
    }
};

TEST_P(SpreadLaws, HoldForAnyTangleAndSheet)
{
    for (unsigned seed = GetParam(); seed < GetParam() + 250; ++seed) {
        const auto before = randomTangle(seed);
        const auto plan = spread(before);
        auto after = before;
        applySpread(after, plan);
        SCOPED_TRACE(seed);
        // Nothing is lost, nothing falls together.
        ASSERT_EQ(after.strands.size(), before.strands.size());
        ASSERT_EQ(usedPlaces(after).size(), usedPlaces(before).size());
        // Never over a limit: whatever is not named homeless is seen.
        std::size_t unseen = 0;
        for (const auto& place : usedPlaces(after)) unseen += isSeen(after, place) ? 0U : 1U;
        ASSERT_LE(unseen, plan.homeless.size());
        if (plan.homeless.empty()) {
            ASSERT_THAT(findSheetProblems(after), IsEmpty());
        }
        // Every end is there.
        for (const auto& place : usedPlaces(after)) {
            const auto layout = layoutOf(*findDevice(after, place.device));
            ASSERT_NE(findBy(layout, &VirtualSlot::control, place.control), nullptr);
        }
        // A second plan changes nothing.
        ASSERT_TRUE(spread(after).changesNothing());
        // As few moves as can be: with limits of devices alone, only what was not seen moves.
        if (before.sheet->devices || before.sheet->allButtons) continue;
        std::size_t mustMove = 0;
        for (const auto& place : usedPlaces(before)) mustMove += isSeen(before, place) ? 0U : 1U;
        ASSERT_EQ(plan.moves.size() + plan.homeless.size(), mustMove);
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, SpreadLaws, testing::Values(1U, 1000U, 2000U, 3000U));

TEST(Spread, ButtonsBeyondTheLimitMoveToTheFirstFreeOnesAndThenToANewDevice)
{
    auto tangle = withDevices(1);
    for (std::uint16_t n = 1; n <= 40; ++n) {
        if (n != 7) weave(tangle, {"jolly-1", button(n)});
    }
    setFunction(tangle, {"jolly-1", button(40)}, "mail hatch");
    tangle.sheet = SimSheet{.name = "Small sim", .buttons = 32};
    const auto plan = spread(tangle);
    ASSERT_EQ(plan.moves.size(), 8U);
    EXPECT_EQ(plan.moves.front(), (SpreadMove{{"jolly-1", button(33)}, {"jolly-1", button(7)}}));
    EXPECT_EQ(plan.moves.back(), (SpreadMove{{"jolly-1", button(40)}, {"jolly-2", button(7)}}));
    const auto lines = differenceOf(tangle, plan);
    EXPECT_EQ(lines.front(), "Add Jolly 2.");
    EXPECT_EQ(lines.back(), "mail hatch: Jolly 1, button 40 → Jolly 2, button 7");
    applySpread(tangle, plan);
    EXPECT_EQ(functionAt(tangle, {"jolly-2", button(7)}), "mail hatch");
    EXPECT_TRUE(std::ranges::none_of(tangle.devices[0].settings,
                                     [](const auto& s) { return s.control == button(40); }));
    EXPECT_EQ(tangle.devices[0].buttons, 32) << "it sizes itself";
}

TEST(Spread, ASimThatSeesFewDevicesKeepsThoseWithTheMostOnThem)
{
    auto tangle = withDevices(3);
    weave(tangle, {"jolly-1", button(1)});
    for (std::uint16_t n = 1; n <= 9; ++n) {
        weave(tangle, {"jolly-2", button(n)});
        weave(tangle, {"jolly-3", button(n)});
    }
    tangle.sheet = SimSheet{.name = "Two eyes", .devices = 2};
    const auto plan = spread(tangle);
    EXPECT_EQ(plan.moves.size(), 1U);
    EXPECT_THAT(plan.removed, ElementsAre("jolly-1"));
}

TEST(Spread, AThrottleGoesToATriggerOfTheGamepad)
{
    auto tangle = withDevices(1);
    tangle.devices[0].settings = {
        {.control = {ControlKind::Axis, 1}, .function = "accelerator", .sides = Sides::One}};
    weave(tangle, {"jolly-1", {ControlKind::Axis, 1}});
    weave(tangle, {"jolly-1", {ControlKind::Axis, 2}});
    tangle.sheet = SimSheet{.name = "Pad game", .isGamepadOnly = true};
    applySpread(tangle, spread(tangle));
    ASSERT_EQ(tangle.devices.size(), 1U);
    EXPECT_EQ(tangle.devices[0].kind, VirtualKind::Gamepad);
    EXPECT_EQ(placeName(tangle, *targetOf(tangle.strands[0].ends[0])), "Jolly Pad, left trigger");
    EXPECT_EQ(placeName(tangle, *targetOf(tangle.strands[1].ends[0])), "Jolly Pad, left stick X");
}

TEST(Spread, WhatFindsNoPlaceIsNamedAndStaysWhereItIs)
{
    auto tangle = withDevices(1);
    for (std::uint16_t n = 1; n <= 5; ++n) weave(tangle, {"jolly-1", button(n)});
    tangle.sheet = SimSheet{.name = "Tiny", .devices = 1, .buttons = 4};
    const auto plan = spread(tangle);
    EXPECT_TRUE(plan.changesNothing());
    EXPECT_THAT(plan.homeless, ElementsAre(Target{"jolly-1", button(5)}));
    EXPECT_THAT(differenceOf(tangle, plan),
                ElementsAre("No place is left for s4 (Jolly 1, button 5)."));
}

TEST(SheetCheck, SaysWhatDoesNotFitInOneSentenceAPlace)
{
    auto tangle = withDevices(3);
    for (std::uint16_t n = 30; n <= 40; ++n) weave(tangle, {"jolly-1", button(n)});
    weave(tangle, {"jolly-3", button(1)});
    EXPECT_THAT(findSheetProblems(tangle), IsEmpty()) << "no sheet, no limit";
    tangle.sheet = SimSheet{.name = "Small sim", .devices = 2, .buttons = 32, .allButtons = 10};
    const auto problems = findSheetProblems(tangle);
    ASSERT_EQ(problems.size(), 3U);
    EXPECT_EQ(problems[0].sentence, "Small sim sees 2 devices, so it does not see Jolly 3.");
    EXPECT_EQ(problems[1].sentence,
              "Small sim takes 32 buttons of a device; Jolly 1 uses 8 buttons beyond.");
    EXPECT_EQ(problems[1].meaning, "\"s3\", \"s4\", \"s5\" and 5 more would do nothing there.");
    EXPECT_EQ(problems[2].sentence, "Small sim takes 10 buttons in all; the tangle uses 12.");
    for (const auto& problem : problems) EXPECT_EQ(problem.remedy, "replan");
}

TEST(SheetCheck, SaysWhatIsTakenFromAKeyboardAlone)
{
    auto tangle = withDevices(1);
    weave(tangle, {"jolly-1", button(1)});
    tangle.strands[0].function = functionCalled(tangle, "open menu", FunctionKind::Press);
    tangle.sheet = SimSheet{.name = "Key sim", .keyOnly = {"open menu"}};
    ASSERT_EQ(findSheetProblems(tangle).size(), 1U);
    EXPECT_THAT(findSheetProblems(tangle)[0].sentence, HasSubstr("from a keyboard alone"));
    addDevice(tangle, VirtualKind::Keyboard);
    tangle.strands[0].ends = endsAt({{"jolly-keys-1", button(30)}});
    EXPECT_THAT(findSheetProblems(tangle), IsEmpty());
}

TEST(SheetCheck, LimitsThatNothingCanMeetAreErrors)
{
    EXPECT_TRUE(hasErrors(findImpossibleLimits({.name = "x", .devices = 0}, "")));
    EXPECT_TRUE(
        hasErrors(findImpossibleLimits({.name = "x", .axes = 0, .buttons = 0, .hats = 0}, "")));
    EXPECT_TRUE(hasErrors(findImpossibleLimits({.name = "x", .allButtons = 0}, "")));
    EXPECT_THAT(findImpossibleLimits({.name = "x", .axes = 0, .buttons = 8}, ""), IsEmpty());
}

}  // namespace
}  // namespace jolly
