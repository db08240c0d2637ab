// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/live_view.h"

#include "engine/live_memory.h"
#include "engine/live_writer.h"

#include <gtest/gtest.h>
#include <sys/mman.h>
#include <unistd.h>

#include <thread>

namespace jolly
{
namespace
{

class LiveViewTest : public testing::Test
{
 protected:
    LiveMemory memory = std::move(*LiveMemory::make());
    LiveWriter writer{memory.block()};
    LiveView view = std::move(*LiveView::map(memory.fd()));
    LiveSnapshot seen;
};

TEST_F(LiveViewTest, SeesWhatWasWritten)
{
    writer.begin();
    writer.move(3, {512, 0}, 0.25);
    writer.noteEvents(1, Time(7));
    writer.end();
    ASSERT_TRUE(view.read(5, seen));
    EXPECT_EQ(seen.slots.size(), 5U);
    EXPECT_EQ(seen.slots[3].raw.x, 512);
    EXPECT_EQ(seen.slots[3].value, 0.25);
    EXPECT_EQ(seen.slots[3].moves, 1U);
    EXPECT_EQ(seen.events, 1U);
}

TEST_F(LiveViewTest, GivesNothingWhileTheWriterIsBusy)
{
    writer.begin();
    EXPECT_FALSE(view.read(1, seen));
    writer.end();
    EXPECT_TRUE(view.read(1, seen));
}

TEST_F(LiveViewTest, NeverSeesHalfAFrame)
{
    std::atomic<bool> isOver{false};
    std::thread engine([&] {
        for (int i = 1; !isOver; ++i) {
            writer.begin();
            writer.put(0, {i, 0}, i);
            writer.put(100, {-i, 0}, -i);
            writer.end();
            if (i % 100 == 0) std::this_thread::sleep_for(std::chrono::microseconds(20));
        }
    });
    int torn = 0;
    for (int reads = 0; reads < 1000;) {
        if (!view.read(101, seen)) continue;
        ++reads;
        if (seen.slots[0].raw.x != -seen.slots[100].raw.x) ++torn;
    }
    isOver = true;
    engine.join();
    EXPECT_EQ(torn, 0);
}

TEST_F(LiveViewTest, ClientsCannotWrite)
{
    EXPECT_EQ(mmap(nullptr, sizeof(LiveBlock), PROT_READ | PROT_WRITE, MAP_SHARED, memory.fd(), 0),
              MAP_FAILED);
    EXPECT_NE(ftruncate(memory.fd(), 16), 0);
}

TEST_F(LiveViewTest, AnotherVersionIsRefused)
{
    memory.block().header.version = 99;
    EXPECT_FALSE(LiveView::map(memory.fd()));
}

}  // namespace
}  // namespace jolly
