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
    writer.recordMove(3, 512, Time(7), 0);
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

TEST_F(LiveViewTest, GivesEveryMoveOnceAndInOrder)
{
    std::vector<LiveSeen> entries;
    std::uint64_t position = 0;
    writer.recordMove(3, 512, Time(7), kLiveFirst);
    writer.record(Happening::Kind::Change, 9, 3, Time(7));
    writer.recordMove(4, -1, Time(8), kLiveHatY);
    writer.recordScene(5, Time(8));
    EXPECT_TRUE(view.readEntries(position, entries));
    ASSERT_EQ(entries.size(), 4U);
    EXPECT_EQ(entries[0].happening, (Happening{Happening::Kind::Move, false, true, 3, 512, Time(7)}));
    EXPECT_EQ(entries[1].happening, (Happening{Happening::Kind::Change, false, false, 9, 3, Time(7)}));
    EXPECT_TRUE(entries[3].isScene);
    EXPECT_EQ(entries[3].happening.raw, 5);
    const auto moves = movesOf(entries);
    ASSERT_EQ(moves.size(), 2U);
    EXPECT_EQ(moves[0].slot, 3U);
    EXPECT_EQ(moves[0].raw, 512);
    EXPECT_EQ(moves[0].time, Time(7));
    EXPECT_EQ(moves[1].slot, 4U);
    EXPECT_TRUE(moves[1].isHatY);
    EXPECT_TRUE(view.readEntries(position, entries));
    EXPECT_TRUE(entries.empty());
}

TEST_F(LiveViewTest, SaysWhenMovesWereLost)
{
    std::vector<LiveSeen> entries;
    std::uint64_t position = 0;
    constexpr int kMoves = static_cast<int>(kLiveEntries) + 10;
    for (int i = 0; i < kMoves; ++i) writer.recordMove(1, i, Time(i), 0);
    EXPECT_FALSE(view.readEntries(position, entries));
    const auto moves = movesOf(entries);
    ASSERT_FALSE(moves.empty());
    EXPECT_GE(moves.front().raw, 10) << "the oldest were overwritten";
    EXPECT_EQ(moves.back().raw, kMoves - 1);
    EXPECT_TRUE(view.readEntries(position, entries));
}

TEST_F(LiveViewTest, NeverGivesAMoveThatIsBeingOverwritten)
{
    std::atomic<bool> isOver{false};
    std::thread engine([&] {
        for (int i = 1; !isOver; ++i) {
            writer.recordMove(static_cast<std::uint32_t>(i), i, Time(i), 0);
            if (i % 20000 == 0) std::this_thread::sleep_for(std::chrono::microseconds(20));
        }
    });
    std::vector<LiveSeen> entries;
    int torn = 0;
    for (std::size_t count = 0; count < 3000000; count += entries.size()) {
        std::uint64_t position = 0;  // the whole ring, so that its oldest moves are overwritten
        view.readEntries(position, entries);
        const auto moves = movesOf(entries);
        for (const auto& move : moves)
            torn += static_cast<int>(move.slot) != move.raw || move.time != Time(move.raw) ? 1 : 0;
        for (std::size_t i = 1; i < moves.size(); ++i)
            torn += moves[i].raw != moves[i - 1].raw + 1 ? 1 : 0;
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
