// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine_door.h"

#include "engine_story.h"
#include "pretend/pretend_world.h"
#include "support/allocation_guard.h"

#include <atomic>
#include <thread>

namespace jolly
{
namespace
{

using namespace test;

TEST(SpscQueue, KeepsOrderAndSaysWhenItIsFull)
{
    SpscQueue<int, 3> queue;
    for (int i = 1; i <= 3; ++i) EXPECT_TRUE(queue.push(int(i)));
    EXPECT_FALSE(queue.push(4));
    int item = 0;
    for (int i = 1; i <= 3; ++i) {
        ASSERT_TRUE(queue.pop(item));
        EXPECT_EQ(item, i);
    }
    EXPECT_FALSE(queue.pop(item));
}

TEST(SpscQueue, CarriesEverythingFromThreadToThread)
{
    SpscQueue<int, 7> queue;
    constexpr int kCount = 20000;
    std::thread pusher([&] {
        for (int i = 1; i <= kCount; ++i) {
            while (!queue.push(int(i))) std::this_thread::yield();
        }
    });
    int item = 0;
    for (int expected = 1; expected <= kCount;) {
        if (!queue.pop(item)) continue;
        ASSERT_EQ(item, expected++);
    }
    pusher.join();
}

/// An engine on a thread of its own, in a world where nothing moves.
Fallible down(Engine& engine)
{
    engine.standDown();
    return {};
}

class EngineDoorTest : public testing::Test
{
 protected:
    EngineDoorTest()
        : live(std::move(*LiveMemory::make())), engine(world, live.block(), board), door(world)
    {
        thread = std::thread([this] {
            while (!door.hasQuit()) {
                engine.step(world.now() + std::chrono::seconds(1));
                door.serve(engine);
            }
        });
    }
    ~EngineDoorTest() override
    {
        EXPECT_TRUE(door.quit());
        thread.join();
    }

    PretendWorld world{{}};
    LiveMemory live;
    StatusBoard board;
    Engine engine;
    EngineDoor door;
    std::thread thread;
};

TEST_F(EngineDoorTest, WhatIsAskedIsDoneByTheEnginesThread)
{
    EXPECT_TRUE(door.take(std::make_unique<WovenTangle>(smallTangle())));
    EXPECT_EQ(board.get()->tangle, "Small");
    EXPECT_TRUE(door.ask([](Engine& e) { return e.goLive(); }));
    EXPECT_TRUE(board.get()->isLive);
    EXPECT_TRUE(board.get()->devices[0].isThere);
    EXPECT_TRUE(door.ask(down));
    EXPECT_FALSE(board.get()->isLive);
}

TEST_F(EngineDoorTest, SeveralThreadsMayAskAtOnce)
{
    std::vector<std::thread> askers;
    for (int i = 0; i < 4; ++i) {
        askers.emplace_back([this] {
            for (int n = 0; n < 20; ++n)
                EXPECT_TRUE(n % 2 == 0 ? door.ask([](Engine& e) { return e.goLive(); })
                                       : door.ask(down));
        });
    }
    for (auto& asker : askers) asker.join();
}

TEST_F(EngineStory, TheLoopOfTheRealProcessDoesNotAllocateWhileAClientAsksForTheStatus)
{
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Steady{}}});
    addStrand(tangle, kThrottle, button(2), {{Slice{}}});
    addStrand(tangle, kY, button(3), {{Ratchet{}}});
    addStrand(tangle, kTrigger, button(1));
    fly();
    world.record(false);
    EngineDoor door(world);
    std::atomic<bool> isOver = false;
    std::atomic<int> asked = 0;
    std::thread client([&] {
        while (!isOver) asked += board.get()->isLive ? 1 : 0;
    });
    std::size_t allocations = 0;
    for (int i = 0; i < 200 || asked < 100; ++i) {
        world.move(stick, {moveOf(kX, i % 250 * 4), moveOf(kTrigger, i % 2),
                           moveOf(kThrottle, i * 13 % 1000), moveOf(kY, i * 17 % 1000)});
        const AllocationGuard guard;
        engine.step(world.now());
        door.serve(engine);
        allocations += guard.count();
    }
    isOver = true;
    client.join();
    EXPECT_EQ(allocations, 0U);
}

}  // namespace
}  // namespace jolly
