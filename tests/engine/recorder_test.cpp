// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/recorder.h"

#include "core/flight/compare.h"
#include "engine_story.h"

#include <random>

namespace jolly::test
{
namespace
{

using testing::Contains;
using testing::IsEmpty;
using Kind = Happening::Kind;

/// An engine whose flight is recorded.
class RecorderStory : public EngineStory
{
 protected:
    RecorderStory() : recorder(live.block(), board) {}

    /// Runs the tangle as it is now, and remembers it by its number.
    void weaveRecorded()
    {
        auto woven = std::make_unique<WovenTangle>(tangle);
        woven->number = recorder.noteTangle("tangle " + std::to_string(flown.size()));
        flown.push_back(tangle);
        engine.take(std::move(woven));
        recorder.drain();
    }

    void flyRecorded()
    {
        weaveRecorded();
        plugIn();
        ASSERT_TRUE(engine.goLive());
    }

    [[nodiscard]] std::vector<Happening> all()
    {
        std::vector<Happening> happenings;
        const auto done = recorder.recording().forEach(
            0, [](const Standing&) {},
            [&](const Happening& happening) {
                happenings.push_back(happening);
                return true;
            });
        EXPECT_TRUE(done);
        return happenings;
    }

    [[nodiscard]] FlightCompared replayed()
    {
        return firstDifferenceFromFlown(recorder.recording(),
                                        [this](std::uint32_t number) { return flown.at(number); });
    }

    static bool hasNone(const FlightCompared& compared)
    {
        if (compared && *compared)
            ADD_FAILURE() << "at " << (*compared)->time.count() << " " << (*compared)->place.device
                          << " " << toText((*compared)->place.control) << ": recorded "
                          << (*compared)->first.value_or(Counts{}).x << ", replayed "
                          << (*compared)->second.value_or(Counts{}).x;
        return compared && !*compared;
    }

    Recorder recorder;
    std::vector<Tangle> flown;  ///< by number
};

TEST_F(RecorderStory, WritesDownWhatTheHandDidAndWhatCameOfIt)
{
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    move(kX, 500);
    const auto recording = recorder.recording();
    const auto track = recording.findTrack({"jolly", axis(1)});
    ASSERT_TRUE(track);
    EXPECT_THAT(all(), Contains(testing::AllOf(testing::Field(&Happening::kind, Kind::Move),
                                               testing::Field(&Happening::raw, 500))));
    EXPECT_THAT(all(), Contains(testing::AllOf(testing::Field(&Happening::kind, Kind::Change),
                                               testing::Field(&Happening::what, *track))));
    EXPECT_EQ(recording.controllers.size(), 1U);
    EXPECT_EQ(recording.standingAt(world.now())->counts(*track).x,
              world.device("Jolly")->spec.values[0].x);
    EXPECT_TRUE(recording.standingAt(world.now())->isLive());
}

/// The same again, from the recording: every kind of thing that can happen, many times.
TEST_F(RecorderStory, AWildFlightReplaysToTheSameCounts)
{
    tangle.layers.push_back({.id = "two", .name = "Two"});
    tangle.craft.push_back({"winch", "Winch", std::string(kEverywhere)});
    addStrand(tangle, kX, axis(1), {{Steady{}}, {Curve{}}});
    addStrand(tangle, kY, axis(2), {{Drive{}}});
    addStrand(tangle, kThrottle, axis(3), {{Pace{}}});
    addStrand(tangle, kTrigger, button(1), {{Latch{}}});
    addStrand(tangle, kThumb, button(2), {{Debounce{}}});
    addStrand(tangle, kToggle, button(3));
    addStrand(tangle, kHat, hat(1));
    addStrand(tangle, kX, axis(2), {{Invert{}}}).layer = "two";
    addStrand(tangle, kTrigger, button(4)).craft = "winch";
    flyRecorded();
    std::mt19937 random(16);
    const auto below = [&](int limit) {
        return static_cast<int>(random() % static_cast<unsigned>(limit));
    };
    for (int i = 0; i < 20000; ++i) {
        world.setNow(world.now() + std::chrono::microseconds(below(3000)));
        const auto at = below(1000);
        if (at < 400)
            move(kX, below(2001) - 1000);
        else if (at < 600)
            world.move(stick, {moveOf(kX, below(2001) - 1000), moveOf(kY, below(2001) - 1000)});
        else if (at < 700)
            move(kThrottle, below(1001));
        else if (at < 800)
            move(kTrigger, below(2));
        else if (at < 850)
            move(kThumb, below(2));
        else if (at < 880)
            move(kToggle, below(2));
        else if (at < 920) {
            world.move(stick, {moveOf(kHat, below(3) - 1, below(2) == 1)});
            step();
        } else if (at < 960)
            waitFor(std::chrono::milliseconds(below(20)));
        else if (at < 970)
            EXPECT_TRUE(engine.flipLayer("two"));
        else if (at < 975)
            EXPECT_TRUE(engine.chooseCraft(below(2) == 1 ? "winch" : "everywhere"));
        else if (at < 985)
            EXPECT_TRUE(engine.holdByHand({"jolly", axis(1)}, {below(201) / 100.0 - 1.0, 0.0}));
        else if (at < 990)
            engine.letGoByHand();
        else if (at < 993) {
            unplug();
            plugIn({{kToggle, {below(2), 0}}});
        } else if (at < 996) {
            engine.standDown();
            waitFor(std::chrono::milliseconds(100));
            ASSERT_TRUE(engine.goLive());
        } else {
            std::get<Drive>(tangle.strands[1].stages[0].parameters).speed = 0.5 + below(10) / 10.0;
            weaveRecorded();
        }
        if (i % 500 == 0) recorder.drain();
    }
    EXPECT_TRUE(hasNone(replayed()));
    EXPECT_GT(flown.size(), 20U) << "there were edits";
    // A test that could not find a difference would prove nothing.
    flown.front().strands.front().stages.clear();
    EXPECT_FALSE(!*replayed());
}

TEST_F(RecorderStory, NamesTheFirstDifferenceOfAnEditedTangle)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(2));
    flyRecorded();
    move(kY, 300);
    const auto before = world.now();
    world.setNow(before + std::chrono::seconds(3));
    move(kX, 400);
    auto edited = tangle;
    edited.strands[0].stages = {{Invert{}}};
    const auto recording = recorder.recording();
    const auto compared = firstDifference(recording, tangle, edited);
    ASSERT_TRUE(compared && *compared);
    EXPECT_EQ((*compared)->place, (Target{"jolly", axis(1)}));
    EXPECT_EQ((*compared)->time, before + std::chrono::seconds(3));
    EXPECT_GT((*compared)->first->x, 0);
    EXPECT_LT((*compared)->second->x, 0);
    EXPECT_FALSE(*firstDifference(recording, tangle, tangle));
}

TEST_F(RecorderStory, KeepsWithinItsMemoryAndForgetsTheOldest)
{
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    constexpr std::size_t kLimit = 300'000;
    recorder.setLimits({std::chrono::minutes(15), kLimit});
    world.record(false);
    for (int i = 0; i < 200'000; ++i) {
        move(kX, i % 2000 - 1000);
        world.setNow(world.now() + std::chrono::milliseconds(1));
        if (i % 10'000 == 0) recorder.drain();
    }
    const auto recording = recorder.recording();
    EXPECT_LT(recorder.bytes(), kLimit + 2 * ChunkMaker::kBytes);
    EXPECT_GT(recording.first(), std::chrono::seconds(100)) << "the beginning is forgotten";
    EXPECT_TRUE(hasNone(replayed())) << "what is left can still be played";
}

TEST_F(RecorderStory, ForgetsWhatIsOlderThanItsMinutes)
{
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    recorder.setLimits({std::chrono::seconds(60), std::size_t{32} << 20U});
    for (int i = 0; i < 300; ++i) {
        tangle.name = "edit " + std::to_string(i);
        if (i % 10 == 0) weaveRecorded();
        move(kX, i);
        world.setNow(world.now() + std::chrono::seconds(1));
        recorder.drain();
    }
    const auto recording = recorder.recording();
    EXPECT_GT(recording.last() - recording.first(), std::chrono::seconds(55));
    EXPECT_LT(recording.last() - recording.first(), std::chrono::seconds(75));
    EXPECT_LT(recording.tangles.size(), 10U) << "texts that nobody needs are forgotten, too";
    EXPECT_EQ(recording.textOf(30), "tangle 30");
    EXPECT_TRUE(hasNone(replayed()));
}

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
constexpr int kLongFlight = 1000;  // a step takes fifty times as long
#else
constexpr int kLongFlight = 7200;
#endif

/// Two hours, in seconds, at 400 moves a second, as its thread takes them.
TEST_F(RecorderStory, KeepsItsBoundsForHours)
{
    constexpr RecorderLimits kUsual;
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    world.record(false);
    for (int i = 0; i < kLongFlight * 400; ++i) {
        move(kX, (i * 37) % 2000 - 1000);
        world.setNow(world.now() + std::chrono::microseconds(2500));
        if (i % 2000 == 0) recorder.drain();
    }
    const auto recording = recorder.recording();
    EXPECT_LE(recording.last() - recording.first(), kUsual.length + 2 * ChunkMaker::kLength);
    EXPECT_GT(recording.last() - recording.first(), kUsual.length - 2 * ChunkMaker::kLength);
    EXPECT_LE(recorder.bytes(), kUsual.bytes);
    EXPECT_EQ(recording.keptFrom, recording.first());
    EXPECT_TRUE(hasNone(replayed()));
}

TEST_F(RecorderStory, ForgetsDevicesThatAreNoLongerThere)
{
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    recorder.setLimits({std::chrono::seconds(60), std::size_t{32} << 20U});
    world.record(false);
    const auto tracksOfOne = recorder.recording().tracks.size();
    for (int i = 0; i < 1500; ++i) {
        tangle.devices[0].id = "device " + std::to_string(i);
        std::get<Target>(tangle.strands[0].ends[0].goal).device = tangle.devices[0].id;
        weaveRecorded();
        move(kX, i % 1000);
        world.setNow(world.now() + std::chrono::seconds(1));
        recorder.drain();
    }
    const auto recording = recorder.recording();
    EXPECT_LT(recording.tracks.size(), 90 * tracksOfOne) << "a minute and what is going on";
    EXPECT_LT(recorder.bytes(), std::size_t{1} << 20U);
    EXPECT_FALSE(recording.findTrack({"device 3", axis(1)}));
    EXPECT_TRUE(recording.findTrack({"device 1499", axis(1)}));
    EXPECT_TRUE(hasNone(replayed()));
}

TEST_F(RecorderStory, SaysWhenTheRingWentRoundBeforeItLooked)
{
    addStrand(tangle, kX, axis(1));
    flyRecorded();
    recorder.drain();
    LiveWriter burst(live.block());
    for (std::uint32_t i = 0; i < kLiveEntries + 1000; ++i)
        burst.record(Kind::Tick, 0, 0, world.now());
    recorder.drain();
    const auto happenings = all();
    EXPECT_THAT(happenings, Contains(testing::Field(&Happening::kind, Kind::Gap)));
}

TEST_F(RecorderStory, EventsThatTheKernelDroppedAreInIt)
{
    flyRecorded();
    world.lose(stick);
    step();
    EXPECT_THAT(all(), Contains(testing::Field(&Happening::kind, Kind::Lost)));
    EXPECT_EQ(live.block().header.losses, 1U);
}

}  // namespace
}  // namespace jolly::test
