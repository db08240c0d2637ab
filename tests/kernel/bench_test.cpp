// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_client.h"
#include "core/flight/compare.h"
#include "flight.h"
#include "format/evemu.h"
#include "format/recording_file.h"

#include <unistd.h>

#include <csignal>
#include <map>
#include <regex>

/// The Bench's promises, seen by programs of others in a real kernel.
namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

/// The counts that evtest or the SDL reader printed of one axis, one after the other.
std::vector<int> valuesIn(const std::string& text, const std::string& pattern)
{
    std::vector<int> values;
    const std::regex line(pattern);
    for (auto it = std::sregex_iterator(text.begin(), text.end(), line);
         it != std::sregex_iterator(); ++it)
        values.push_back(std::stoi((*it)[1]));
    return values;
}

const std::string kOfX = R"(\(ABS_X\), value (-?\d+))";

class BenchFlight : public Flight
{
 protected:
    static std::unique_ptr<EngineClient> engineOnTheBus()
    {
        auto client = EngineClient::connect();
        EXPECT_TRUE(client) << client.error().text();
        return client ? std::move(*client) : nullptr;
    }

    /// Waits for a fact, for a minute at most.
    template <class Condition>
    static bool becomesSo(Condition condition)
    {
        for (int i = 0; i < 1200; ++i) {
            if (condition()) return true;
            pause(0.05);
        }
        return false;
    }

    /// Waits until a reader that came anew was nudged, twice (linux/open_watch.h).
    static bool isNudged(Program& game)
    {
        return becomesSo([&] {
            game.listen(0.05);
            const auto printed = valuesIn(game.text(), kOfX);
            return std::ranges::count(printed, 1) == 2 && printed.back() == 0;
        });
    }

    static Recording recordingOf(EngineClient& engine)
    {
        const auto fd = engine.recording({});
        EXPECT_TRUE(fd);
        auto recording = format::openRecording(::dup(fd->get()), "recording");
        EXPECT_TRUE(recording) << recording.error().text();
        return std::move(*recording);
    }
};

TEST_F(BenchFlight, WhatIsReadBackIsWhatEvtestPrints)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto client = engineOnTheBus();
    ASSERT_TRUE(client);
    auto view = std::move(*client->values());
    const auto game = evtest(nodeOf("Jolly 1"));
    const auto seen = [&](std::size_t slot) { return view.seenByGame(64).at(slot); };
    ASSERT_TRUE(
        becomesSo([&] { return client->lookAsGame() && seen(0).sight == LiveSight::Same; }));
    ASSERT_TRUE(isNudged(*game)) << game->text();
    stick.move(ABS_X, 50);  // what both readers have of it, they have of all before it
    ASSERT_TRUE(game->prints("(ABS_X), value 50")) << game->text();
    ASSERT_TRUE(becomesSo([&] { return client->lookAsGame() && seen(0).raw.x == 50; }));
    const auto earlier = valuesIn(game->text(), kOfX).size();
    const auto before = seen(0).changes;
    constexpr std::uint32_t kMoves = 40;
    for (std::uint32_t i = 1; i <= kMoves; ++i) {  // one by one: no reader may fall behind
        const auto place = static_cast<int>(i) * 100;
        stick.move(ABS_X, place);
        ASSERT_TRUE(game->prints("(ABS_X), value " + std::to_string(place))) << game->text();
    }
    EXPECT_TRUE(
        becomesSo([&] { return client->lookAsGame() && seen(0).changes - before >= kMoves; }));
    const auto printed = valuesIn(game->text(), kOfX);
    ASSERT_EQ(printed.size() - earlier, kMoves) << game->text();
    EXPECT_EQ(seen(0).raw.x, printed.back());
    EXPECT_EQ(seen(0).changes - before, kMoves);
    const auto layout = layoutOf(straightTangle("Test Stick").devices[0]);
    for (std::size_t slot = 0; slot < layout.size(); ++slot)
        EXPECT_EQ(seen(slot).sight, LiveSight::Same) << slot;
    EXPECT_TRUE(becomesSo([&] { return figuresOf(view.counts().seen).count >= kMoves; }))
        << figuresOf(view.counts().seen).count;
}

/// Eight hands move by one count each as nearly at once as a test can, for the first time since the
/// controllers are held.
TEST_F(BenchFlight, AFirstMoveIsAMoveOfEachOfEightControllers)
{
    constexpr std::uint16_t kSticks = 8;
    std::vector<std::unique_ptr<StandIn>> sticks;
    auto tangle = newTangle();
    tangle.devices[0].name = "Jolly 1";
    for (std::uint16_t i = 1; i <= kSticks; ++i) {
        const auto name = "Stick " + std::to_string(i);
        sticks.push_back(
            std::make_unique<StandIn>(name, "usb-" + std::to_string(i), kTwoAxes, kFourButtons));
        const auto rig = adopt(look(name), tangle);
        ASSERT_TRUE(
            connect(tangle, rig, {EventType::Abs, ABS_X}, {"jolly-1", {ControlKind::Axis, i}}));
    }
    fly(tangle);
    const auto game = evtest(nodeOf("Jolly 1"));
    ASSERT_TRUE(isNudged(*game)) << game->text();
    game->forget();
    for (const auto& stick : sticks) stick->move(ABS_X, 1);
    for (const auto& stick : sticks) stick->move(ABS_X, 2000);
    for (std::uint16_t i = 1; i <= kSticks; ++i) {
        const auto pattern = "code " + std::to_string(i - 1) + R"( \([A-Z_]+\), value (-?\d+))";
        ASSERT_TRUE(becomesSo([&] {
            game->listen(0.05);
            const auto values = valuesIn(game->text(), pattern);
            return !values.empty() && values.back() == 2000;
        })) << game->text();
        EXPECT_EQ(valuesIn(game->text(), pattern), (std::vector{1, 2000})) << game->text();
    }
}

TEST_F(BenchFlight, WhileASimLearnsAnAxisItAloneMovesFromRestToRest)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    Program sim({std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader", "Jolly 1"});
    ASSERT_TRUE(sim.prints("start axis 1")) << sim.text();
    Program sweep({kPrograms + "tangle", "sweep", "Jolly 1", "axis 1", "--after", "2"});
    ASSERT_TRUE(sweep.prints("Nothing else reaches games")) << sweep.text();
    sim.forget();
    while (sweep.isRunning()) {  // the hands do not rest meanwhile
        for (int i = 0; i < 40; ++i) {
            stick.move(ABS_X, i * 500);
            stick.move(ABS_Y, i * 20);
        }
        stick.press(BTN_THUMB);
        stick.release(BTN_THUMB);
        pause(0.05);
    }
    EXPECT_EQ(sweep.end(), 0) << sweep.text();
    stick.press(BTN_TOP);
    EXPECT_TRUE(sim.prints("button 3 down")) << sim.text();
    const auto text = sim.text();
    const auto end = text.find("axis 0 0\n", text.find("axis 0 -32768"));
    ASSERT_NE(end, std::string::npos) << text;
    const auto during = text.substr(0, end);
    EXPECT_THAT(during, testing::Not(HasSubstr("axis 1")));
    EXPECT_THAT(during, testing::Not(HasSubstr("button")));
    const auto swept = valuesIn(during, R"(axis 0 (-?\d+))");
    ASSERT_GT(swept.size(), 50U);
    const auto top = std::ranges::max_element(swept);
    const auto bottom = std::ranges::min_element(swept);
    EXPECT_EQ(*top, 32767);
    EXPECT_EQ(*bottom, -32768);
    EXPECT_TRUE(std::ranges::is_sorted(swept.begin(), top + 1)) << "up once";
    EXPECT_TRUE(std::ranges::is_sorted(top, bottom + 1, std::greater{})) << "down once";
    EXPECT_TRUE(std::ranges::is_sorted(bottom, swept.end())) << "and back";
}

TEST_F(BenchFlight, AMinuteOfFourControllersReplaysToTheSameCounts)
{
    std::vector<std::unique_ptr<StandIn>> sticks;
    for (const auto* name : {"Stick A", "Stick B", "Stick C", "Stick D"})
        sticks.push_back(
            std::make_unique<StandIn>(name, std::string("usb-") + name, kTwoAxes, kFourButtons));
    auto tangle = newTangle();
    tangle.devices[0].name = "Jolly 1";
    for (const auto* name : {"Stick A", "Stick B", "Stick C", "Stick D"}) {
        const auto rig = adopt(look(name), tangle);
        for (const auto& control : rig.controls) {
            if (const auto target = nextFree(tangle, control.kind))
                static_cast<void>(connect(tangle, rig, control.code, *target));
        }
    }
    tangle.strands[0].stages = {{Steady{}}, {Curve{}}};
    tangle.strands[1].stages = {{Pace{}}};
    fly(tangle);
    // A thousand events a second from each, sixty thousand of each. What the kernel drops, since
    // this machine is too slow, is in the recording as well.
    constexpr int kEvents = 60'000;
    const auto start = std::chrono::steady_clock::now();
    for (int i = 0; i < kEvents; ++i) {
        for (std::size_t s = 0; s < sticks.size(); ++s) {
            const int place = (i * 37 + static_cast<int>(s) * 1000) % 60000 - 30000;
            if (i % 500 == 499) {
                sticks[s]->send(EV_KEY, BTN_THUMB, i / 500 % 2);
            } else {
                sticks[s]->move(i % 3 == 0 ? ABS_Y : ABS_X, i % 3 == 0 ? (i * 7) % 1024 : place);
            }
        }
        std::this_thread::sleep_until(start + i * std::chrono::milliseconds(1));
    }
    const auto client = engineOnTheBus();
    ASSERT_TRUE(client);
    pause(0.5);
    const auto recording = recordingOf(*client);
    std::uint64_t moves = 0;
    std::uint64_t gaps = 0;
    const auto counted = recording.forEach(
        0, [](const Standing&) {},
        [&](const Happening& happening) {
            moves += happening.kind == Happening::Kind::Move ? 1 : 0;
            gaps += happening.kind == Happening::Kind::Gap ? 1 : 0;
            return true;
        });
    ASSERT_TRUE(counted) << counted.error().text();
    EXPECT_GT(moves, static_cast<unsigned>(kEvents));
    EXPECT_EQ(gaps, 0U);
    const auto compared = firstDifferenceFromFlown(recording, [&](std::uint32_t number) {
        const auto text = recording.textOf(number);
        return text.empty() ? Tangle{} : format::readTangle(text).tangle;
    });
    ASSERT_TRUE(compared) << compared.error().text();
    EXPECT_FALSE(*compared) << toText((*compared)->place.control) << " at "
                            << inSeconds((*compared)->time);
}

TEST_F(BenchFlight, EvemuPlaysOursAndOursPlaysEvemus)
{
    // Theirs: what evemu-record writes of a stand-in is played through a tangle.
    const auto theirs = "/tmp/theirs-" + std::to_string(getpid()) + ".evemu";
    Tangle tangle;
    {
        StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
        tangle = straightTangle("Test Stick");
        Program recorder({"evemu-record", nodeOf("Test Stick"), theirs});
        ASSERT_TRUE(becomesSo([&] {
            return std::filesystem::exists(theirs) && std::filesystem::file_size(theirs) > 300;
        }));
        pause(0.5);
        for (int i = 1; i <= 20; ++i) {
            stick.move(ABS_X, i * 1000);
            pause(0.01);
        }
        stick.press(BTN_THUMB);
        pause(0.2);
        recorder.signal(SIGINT);
        recorder.end();
    }
    Program replay({kPrograms + "tangle", "replay", write(tangle), "--recording", theirs});
    EXPECT_EQ(replay.end(), 0) << replay.text();
    EXPECT_THAT(replay.text(), HasSubstr("\"control\":\"axis 1\""));
    EXPECT_THAT(replay.text(), HasSubstr("\"raw\":20000"));
    EXPECT_THAT(replay.text(), HasSubstr("\"control\":\"button 2\",\"raw\":1"));
    // Ours: what the engine recorded is played into a device by evemu-play.
    const auto ours = "/tmp/ours-" + std::to_string(getpid()) + ".evemu";
    {
        StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
        fly(tangle);
        const auto game = evtest(nodeOf("Jolly 1"));
        for (int i = 1; i <= 20; ++i) stick.move(ABS_X, i * 1000);
        stick.press(BTN_THUMB2);
        EXPECT_TRUE(game->prints("(BTN_THUMB2), value 1")) << game->text();
        Program record({kPrograms + "tangle", "record", ours, "--evemu", "Test Stick"});
        EXPECT_EQ(record.end(), 0) << record.text();
        TearDown();
    }
    StandIn other("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const auto node = nodeOf("Test Stick");
    const auto reader = evtest(node);
    Program play({"sh", "-c", "evemu-play " + node + " < " + ours});
    EXPECT_EQ(play.end(), 0) << play.text();
    EXPECT_TRUE(reader->prints("(BTN_THUMB2), value 1")) << reader->text();
    const auto played = valuesIn(reader->text(), R"(\(ABS_X\), value (-?\d+))");
    ASSERT_FALSE(played.empty());
    EXPECT_EQ(played.back(), 20000);
}

}  // namespace
}  // namespace jolly
