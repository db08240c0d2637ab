// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/lookout.h"

#include "pretend/memory_world.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <thread>

namespace jolly::test
{
namespace
{

constexpr auto kPatience = std::chrono::seconds(20);

/// A world in memory that runs in real time, so that an engine on a thread of its own sleeps in it.
class RealTimeWorld : public MemoryWorld
{
 public:
    Time now() const noexcept override
    {
        return std::chrono::steady_clock::now().time_since_epoch();
    }
    void wait(Time, WorldListener& listener) override
    {
        std::this_thread::sleep_for(std::chrono::milliseconds(1));
        MemoryWorld::wait(Time::max(), listener);
    }
};

/// An engine on its own thread, and a lookout.
class LookoutTest : public testing::Test
{
 protected:
    LookoutTest()
        : live(std::move(*LiveMemory::make())),
          engine(world, live.block(), board),
          door(world),
          lookout(live.block(), door)
    {
        addStrand(tangle, kX, axis(1));
        addStrand(tangle, kTrigger, button(1));
        addStrand(tangle, kHat, hat(1));
        engine.take(std::make_unique<WovenTangle>(tangle));
        stick = world.plug(describe(tangle.rig[0]));
        loop = std::thread([this] {
            while (!door.hasQuit()) {
                engine.step(Time{});
                door.serve(engine);
            }
        });
    }
    ~LookoutTest() override
    {
        EXPECT_TRUE(door.quit());
        loop.join();
        door.close();
    }

    void move(ControlCode code, std::int32_t raw, bool isHatY = false)
    {
        const auto& controls = tangle.rig[0].controls;
        const auto place = std::ranges::find(controls, code, &RigControl::code) - controls.begin();
        const RawMove one{static_cast<std::uint16_t>(place), isHatY, raw};
        EXPECT_TRUE(door.ask([this, one](Engine&) -> Fallible {
            world.move(stick, {one});
            return {};
        }));
    }

    template <class Condition>
    [[nodiscard]] bool becomesSo(Condition condition)
    {
        const auto end = std::chrono::steady_clock::now() + kPatience;
        while (std::chrono::steady_clock::now() < end) {
            lookout.ask();
            if (condition()) return true;
            std::this_thread::sleep_for(std::chrono::milliseconds(2));
        }
        return false;
    }

    [[nodiscard]] LiveEye& eye(VirtualControl control)
    {
        const auto& layout = layoutOf(tangle.devices[0]);
        const auto found = std::ranges::find(layout, control, &VirtualSlot::control);
        return live.block().eyes[found - layout.begin()];
    }
    [[nodiscard]] LiveSight sightOf(VirtualControl control)
    {
        return static_cast<LiveSight>(eye(control).sight.load());
    }
    [[nodiscard]] std::uint64_t measured()
    {
        std::uint64_t count = 0;
        for (const auto& bin : live.block().sights.delays) count += bin;
        return count;
    }
    [[nodiscard]] bool goLive()
    {
        return door.ask([](Engine& e) { return e.goLive(); }).has_value();
    }

    RealTimeWorld world;
    Tangle tangle = smallTangle();
    LiveMemory live;
    StatusBoard board;
    Engine engine;
    EngineDoor door;
    Lookout lookout;
    Handle stick = 0;
    std::thread loop;
};

TEST_F(LookoutTest, ReadsWhatWasSentAndHowLongItTook)
{
    ASSERT_TRUE(goLive());
    ASSERT_TRUE(becomesSo([&] { return sightOf(axis(1)) == LiveSight::Same; }));
    move(kX, 500);
    move(kTrigger, 1);
    move(kHat, -1);
    move(kHat, 1, true);
    EXPECT_TRUE(becomesSo([&] { return eye(axis(1)).raw == 16384 && eye(button(1)).raw == 1; }));
    EXPECT_TRUE(becomesSo([&] { return eye(hat(1)).raw == -1 && eye(hat(1)).rawY == 1; }));
    EXPECT_GT(live.block().sights.frames, 0U);
    EXPECT_TRUE(becomesSo([&] { return measured() >= 4; })) << measured();
    EXPECT_EQ(sightOf(axis(1)), LiveSight::Same);
}

TEST_F(LookoutTest, AGameThatIsNotToldIsAFault)
{
    ASSERT_TRUE(goLive());
    ASSERT_TRUE(becomesSo([&] { return sightOf(axis(1)) == LiveSight::Same; }));
    EXPECT_TRUE(door.ask([this](Engine&) -> Fallible {
        world.faults.isDeaf = true;
        return {};
    }));
    move(kX, 700);
    EXPECT_TRUE(becomesSo([&] { return sightOf(axis(1)) == LiveSight::Differs; }));
    EXPECT_EQ(sightOf(button(1)), LiveSight::Same);
}

TEST_F(LookoutTest, NobodyReadsWhenNobodyWantsItAnyMore)
{
    ASSERT_TRUE(goLive());
    ASSERT_TRUE(becomesSo([&] { return sightOf(axis(1)) == LiveSight::Same; }));
    const auto end = std::chrono::steady_clock::now() + kPatience;
    while (sightOf(axis(1)) != LiveSight::Unseen && std::chrono::steady_clock::now() < end)
        std::this_thread::sleep_for(std::chrono::milliseconds(5));
    EXPECT_EQ(sightOf(axis(1)), LiveSight::Unseen);
}

TEST_F(LookoutTest, IdleThereIsNothingToSee)
{
    lookout.ask();
    std::this_thread::sleep_for(std::chrono::milliseconds(200));
    EXPECT_EQ(sightOf(axis(1)), LiveSight::Unseen);
    EXPECT_TRUE(goLive());
    EXPECT_TRUE(becomesSo([&] { return sightOf(axis(1)) == LiveSight::Same; }));
}

TEST(DelayBins, AreFourForEachDoublingAndHoldWhatTheySay)
{
    EXPECT_EQ(delayBin(-5), delayBin(0));
    std::uint32_t last = 0;
    for (std::int64_t ns = 4; ns < 10'000'000'000; ns = ns * 9 / 8 + 1) {
        const auto bin = delayBin(ns);
        EXPECT_GE(bin, last);
        last = bin;
        EXPECT_LE(delayOfBin(bin), ns);
        EXPECT_GT(delayOfBin(bin + 1), ns);
        EXPECT_LE(delayOfBin(bin + 1), delayOfBin(bin) * 5 / 4 + 1);
    }
    EXPECT_LT(delayBin(std::int64_t{1} << 62), kLiveDelays);
}

}  // namespace
}  // namespace jolly::test
