// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "engine_story.h"
#include "support/allocation_guard.h"

#include <gmock/gmock.h>
#include <linux/input-event-codes.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;
using testing::Pair;

ControllerDescription keyboard()
{
    ControllerDescription description{.kind = ControllerKind::Keyboard};
    description.identity.name = "Desk keys";
    description.identity.phys = "usb-keys";
    for (const std::uint16_t key : std::initializer_list<std::uint16_t>{
             KEY_ESC, KEY_A, KEY_B, KEY_LEFTSHIFT, KEY_RIGHTSHIFT, BTN_TRIGGER})
        description.controls.push_back({{EventType::Key, key, 0}, ControlKind::Button});
    return description;
}

ControllerDescription pointer(bool hasFineWheel)
{
    ControllerDescription description{.kind = ControllerKind::Pointer};
    description.identity.name = "Desk mouse";
    description.identity.phys = "usb-mouse";
    description.controls.push_back({{EventType::Key, BTN_LEFT, 0}, ControlKind::Button});
    description.controls.push_back({{EventType::Key, BTN_SIDE, 0}, ControlKind::Button});
    for (const auto turner : std::initializer_list<std::uint16_t>{REL_X, REL_WHEEL})
        description.controls.push_back({{EventType::Rel, turner, 0}, ControlKind::Turner});
    if (hasFineWheel)
        description.controls.push_back(
            {{EventType::Rel, REL_WHEEL_HI_RES, 0}, ControlKind::Turner});
    return description;
}

/// A desk controller that is held because one of its buttons is mapped.
class DeskPassTest : public EngineStory
{
 protected:
    void flyWith(const ControllerDescription& description, std::uint16_t mappedKey)
    {
        about = description;
        auto rig = adopt(description, tangle);
        rig.hiding = Hiding::Held;
        ASSERT_TRUE(connect(tangle, rig, {EventType::Key, mappedKey, 0}, {"jolly", button(1)}));
        handle = world.plug(description);
        weave();
        step();
        ASSERT_TRUE(engine.goLive());
        waitFor(DeskPass::kGettingReady);
        ASSERT_TRUE(world.isHeld(handle));
    }

    std::uint16_t placeOf(EventType type, std::uint16_t code) const
    {
        const auto found = std::ranges::find(about.controls, ControlCode{type, code, 0},
                                             &ControlDescription::code);
        return static_cast<std::uint16_t>(found - about.controls.begin());
    }
    void key(std::uint16_t code, int value)
    {
        world.move(handle, {{placeOf(EventType::Key, code), false, value}});
        step();
    }
    void turn(std::uint16_t code, int counts)
    {
        world.move(handle, {{placeOf(EventType::Rel, code), false, counts}});
        step();
    }

    /// Everything the desk got, as code and value.
    std::vector<std::pair<int, int>> deskGot(const char* name) const
    {
        std::vector<std::pair<int, int>> got;
        const auto* device = world.device(name);
        if (!device) return got;
        for (const auto& frame : device->frames) {
            for (const auto& move : frame)
                got.emplace_back(device->spec.slots[move.slot].code.code, move.raw.x);
        }
        return got;
    }
    std::vector<std::pair<int, int>> keysGot() const
    {
        return deskGot("Jolly Tangle desk keyboard");
    }
    std::vector<std::pair<int, int>> pointerGot() const
    {
        return deskGot("Jolly Tangle desk pointer");
    }

    ControllerDescription about;
    Handle handle = 0;
};

TEST_F(DeskPassTest, UnmappedKeysGoOnAndMappedOnesDoNot)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_A, 1);
    EXPECT_EQ(gameSees(button(1)), 1);
    key(KEY_A, 0);
    EXPECT_THAT(keysGot(), IsEmpty());
    key(KEY_B, 1);
    key(KEY_B, 0);
    key(BTN_TRIGGER, 1);
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
}

TEST_F(DeskPassTest, IsNotHeldBeforeTheDesktopListensToItsStandIn)
{
    auto rig = adopt(keyboard(), tangle);
    rig.hiding = Hiding::Held;
    ASSERT_TRUE(connect(tangle, rig, {EventType::Key, KEY_A, 0}, {"jolly", button(1)}));
    handle = world.plug(keyboard());
    weave();
    step();
    ASSERT_TRUE(engine.goLive());
    step();
    EXPECT_FALSE(world.isHeld(handle));
    EXPECT_NE(world.device("Jolly Tangle desk keyboard"), nullptr);
    waitFor(DeskPass::kGettingReady);
    EXPECT_TRUE(world.isHeld(handle));
}

TEST_F(DeskPassTest, AKeyThatIsMappedWhileDownIsLetGoWhereItWasPressed)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_B, 1);
    ASSERT_TRUE(
        connect(tangle, tangle.rig.back(), {EventType::Key, KEY_B, 0}, {"jolly", button(2)}));
    weave();
    key(KEY_B, 0);
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
    EXPECT_EQ(gameSees(button(2)), 0);
}

TEST_F(DeskPassTest, StandingDownLetsGoOfWhatWasPassedOn)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_B, 1);
    engine.standDown();
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
    EXPECT_FALSE(world.isHeld(handle));
    waitFor(Fleet::kFarewell);
    EXPECT_EQ(world.deviceCount(), 0U);
}

TEST_F(DeskPassTest, ThePanicChordGivesEverythingBackEvenWhenItsKeysAreMapped)
{
    flyWith(keyboard(), KEY_ESC);
    key(KEY_LEFTSHIFT, 1);
    key(KEY_ESC, 1);
    EXPECT_TRUE(engine.isLive()) << "two of three";
    key(KEY_RIGHTSHIFT, 1);
    EXPECT_FALSE(engine.isLive());
    EXPECT_FALSE(world.isHeld(handle));
    EXPECT_THAT(troubles(), HasSubstr("Both Shift keys and Esc were pressed"));
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_LEFTSHIFT, 1), Pair(KEY_RIGHTSHIFT, 1),
                                       Pair(KEY_LEFTSHIFT, 0), Pair(KEY_RIGHTSHIFT, 0)));
    EXPECT_TRUE(engine.goLive()) << "and one can go on";
}

TEST_F(DeskPassTest, APointerGoesOnMovingAndItsWheelGetsTheFineCounts)
{
    flyWith(pointer(false), BTN_SIDE);
    turn(REL_X, -7);
    turn(REL_WHEEL, 1);
    EXPECT_THAT(pointerGot(),
                ElementsAre(Pair(REL_X, -7), Pair(REL_WHEEL, 1), Pair(REL_WHEEL_HI_RES, 120)));
}

TEST_F(DeskPassTest, FineCountsOfAPointerThatHasThemAreNotMadeTwice)
{
    flyWith(pointer(true), BTN_SIDE);
    turn(REL_WHEEL, 1);
    turn(REL_WHEEL_HI_RES, 120);
    EXPECT_THAT(pointerGot(), ElementsAre(Pair(REL_WHEEL, 1), Pair(REL_WHEEL_HI_RES, 120)));
}

TEST_F(DeskPassTest, PassingOnDoesNotAllocate)
{
    flyWith(keyboard(), KEY_A);
    world.record(false);
    for (int i = 0; i < 50; ++i)
        world.move(handle, {{placeOf(EventType::Key, KEY_B), false, i % 2}});
    const AllocationGuard guard;
    step();
    EXPECT_EQ(guard.count(), 0U);
}

TEST_F(DeskPassTest, AKeyThatWasPassedOnIsLetGoWhenItsKeyboardIsHeldNoLonger)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_B, 1);
    tangle.strands[0].isOn = false;
    weave();
    EXPECT_FALSE(world.isHeld(handle));
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
}

TEST_F(DeskPassTest, AKeyThatWasPassedOnIsLetGoWhenItsKeyboardIsUnplugged)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_B, 1);
    world.unplug(handle);
    step();
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
}

TEST_F(DeskPassTest, AKeyOfTwoKeyboardsIsLetGoWithTheLastOfThem)
{
    flyWith(keyboard(), KEY_A);
    key(KEY_B, 1);
    key(KEY_B, 2);  // it repeats, which is no press
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1)));
    key(KEY_B, 0);
    EXPECT_THAT(keysGot(), ElementsAre(Pair(KEY_B, 1), Pair(KEY_B, 0)));
}

}  // namespace
}  // namespace jolly
