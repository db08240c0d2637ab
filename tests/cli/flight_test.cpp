// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli_story.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "format/files.h"
#include "format/recording_file.h"
#include "format/save.h"
#include "format/tangle_text.h"

#include <filesystem>
#include <thread>

/// Recordings, and what is asked of a flight while it goes on, by the real program.
namespace jolly::test
{
namespace
{

using testing::HasSubstr;

/// The demo tangle flies in its pretend world.
class CliFlight : public testing::Test
{
 protected:
    void fly(const std::string& tangle = kDemo, const std::vector<std::string>& options = {})
    {
        std::vector<std::string> words = {kTangle, "run", tangle, "--world", kWorld};
        words.insert(words.end(), options.begin(), options.end());
        engine = std::make_unique<Program>(words);
        ASSERT_TRUE(engine->prints("Ctrl+C ends it.")) << engine->text();
    }
    ~CliFlight() override { run({"down", "--quit"}); }

    /// A recording of a few seconds of it.
    std::string recorded(const std::string& name = "a.flight")
    {
        const auto file = temporary(name, "");
        std::this_thread::sleep_for(std::chrono::seconds(2));
        expect({"record", file}, 0, "Wrote ");
        return file;
    }

    std::unique_ptr<Program> engine;
};

TEST_F(CliFlight, WhatIsRecordedIsReplayedAndCompared)
{
    fly();
    const auto file = recorded();
    const auto [code, lines] = run({"replay", kDemo, "--recording", file});
    EXPECT_EQ(code, 0);
    EXPECT_THAT(lines, HasSubstr("\"device\":\"jolly-2\",\"control\":\"axis 2\""));
    expect({"diff-replay", kDemo, kDemo, file}, 0, "do the same");
    auto tangle = format::readTangle(*format::readText(kDemo)).tangle;
    const Target accelerator{"jolly-2", {ControlKind::Axis, 2}};
    std::erase_if(tangle.strands,
                  [&](const Strand& strand) { return leadsTo(strand, accelerator); });
    const auto other = temporary("other.tangle", format::writeTangle(tangle));
    expect({"diff-replay", kDemo, other, file}, 1, "First difference");
    expect({"diff-replay", kDemo, other, file}, 1, "Jolly 2, Y");
}

TEST_F(CliFlight, WhyTellsTheStrandAndTheMoment)
{
    fly();
    std::this_thread::sleep_for(std::chrono::seconds(1));
    expect({"why", "Jolly 1", "axis 1"}, 0, "It has its value from strand \"Roll\"");
    expect({"why", "jolly-1", "axis 1"}, 0, "Roll of Skerry Stick stands at");
    expect({"why", "Jolly 9", "axis 1"}, 3, "There is no virtual device \"Jolly 9\"");
    expect({"why", "Jolly 1", "axis 44"}, 3, "Jolly 1 has no control \"axis 44\"");
}

TEST_F(CliFlight, ASweepIsDoneWhenItsControlIsAtRestAgain)
{
    fly();
    expect({"sweep", "Jolly 1", "button 3"}, 0, "Nothing else reaches games");
    expect({"sweep", "Jolly 1", "hat 1", "--way", "left"}, 0, "");
    expect({"sweep", "Jolly 1", "axis 77"}, 3, "has no control \"axis 77\"");
    expect({"sweep", "Jolly 1", "hat 1", "--way", "north"}, 2, "--way");
    const auto recording = format::openRecording(std::filesystem::path(recorded()));
    ASSERT_TRUE(recording);
    const auto track = recording->findTrack({"jolly-1", {ControlKind::Button, 3}});
    ASSERT_TRUE(track);
    int presses = 0;
    ASSERT_TRUE(recording->forEach(
        0, [](const Standing&) {},
        [&](const Happening& happening) {
            presses += happening.kind == Happening::Kind::Hand && happening.what == *track &&
                               happening.raw == 1
                           ? 1
                           : 0;
            return true;
        }));
    EXPECT_EQ(presses, 1);
}

TEST_F(CliFlight, IdleNothingCanBeLearned)
{
    fly(kDemo, {"--idle"});
    expect({"sweep", "Jolly 1", "button 3"}, 3, "Go live first");
}

TEST_F(CliFlight, BenchTellsDelaysRatesAndLosses)
{
    fly();
    expect({"bench", "--for", "1"}, 0, "From the event to our write: middle");
    const auto [code, json] = run({"bench", "--for", "1", "--json"});
    EXPECT_EQ(code, 0);
    EXPECT_THAT(json, HasSubstr("\"lost\": 0"));
    EXPECT_THAT(json, HasSubstr("\"toGame\""));
}

TEST_F(CliFlight, AControlKeepsTheRecording)
{
    const auto folder =
        std::filesystem::temp_directory_path() / ("jolly-kept-" + std::to_string(::getpid()));
    ::setenv("XDG_DATA_HOME", folder.c_str(), 1);
    auto tangle = format::readTangle(*format::readText(kDemo)).tangle;
    for (auto& strand : tangle.strands) {  // every press of the desk keeps it
        const auto* control = findControl(tangle, strand.source);
        const bool isPlain = control && control->kind == ControlKind::Button &&
                             strand.stages.empty() && strand.ends.size() == 1 &&
                             std::holds_alternative<Target>(strand.ends[0].goal);
        if (isPlain) strand.ends[0].goal = Command{Order::Keep, {}};
    }
    fly(temporary("keep.tangle", format::writeTangle(tangle)));
    EXPECT_TRUE(engine->prints("The last minutes are kept as " + folder.string()))
        << engine->text();
    std::size_t kept = 0;
    for (const auto& entry :
         std::filesystem::directory_iterator(folder / "jolly-tangle" / "flights")) {
        const auto recording = format::openRecording(entry.path());
        ASSERT_TRUE(recording) << recording.error().text();
        kept += recording->chunks.empty() ? 0 : 1;
    }
    EXPECT_GE(kept, 1U);
    ::unsetenv("XDG_DATA_HOME");
    run({"down", "--quit"});
    std::filesystem::remove_all(folder);
}

TEST_F(CliFlight, TheRecorderKeepsNoMoreThanItsMinutes)
{
    fly(kDemo, {"--recorder-minutes", "0.1"});
    std::this_thread::sleep_for(std::chrono::seconds(16));
    const auto recording = format::openRecording(std::filesystem::path(recorded()));
    ASSERT_TRUE(recording);
    EXPECT_LT(recording->last() - recording->first(), std::chrono::seconds(14));
    expect({"run", kDemo, "--recorder-minutes", "0"}, 2, "--recorder-minutes");
}

TEST(CliRecordings, WithoutAnEngineItIsSaid)
{
    expect({"record", temporary("none.flight", "")}, 3, "No engine is running.");
    expect({"bench"}, 3, "No engine is running.");
    expect({"why", "a", "b"}, 3, "No engine is running.");
    expect({"sweep", "a", "b"}, 3, "No engine is running.");
}

TEST(CliRecordings, AWorldIsRecordedWithoutAnEngine)
{
    const auto file = temporary("world.flight", "");
    expect({"record", file, "--world", kWorld, "--for", "1"}, 0, "Wrote ");
    const auto [code, lines] = run({"replay", kDemo, "--recording", file});
    EXPECT_EQ(code, 0);
    EXPECT_THAT(lines, HasSubstr("\"device\":\"jolly-2\",\"control\":\"axis 2\""));
    const auto text = temporary("world.evemu", "");
    expect({"record", text, "--world", kWorld, "--for", "1", "--evemu", "Skerry Stick"}, 0, "");
    EXPECT_THAT(*format::readText(text), HasSubstr("N: Skerry Stick"));
    expect({"record", text, "--world", kWorld, "--for", "0.2", "--evemu", "Nobody"}, 3,
           "No controller \"Nobody\" was recorded.");
}

TEST(CliRecordings, WhatIsWrongWithAFileIsSaidAndWhatIsSoundIsPlayed)
{
    expect({"replay", kDemo, "--recording", "/nowhere.flight"}, 2, "There is no file");
    expect({"replay", kDemo, "--recording", kDemo}, 2, "is no recording");
    expect({"replay", kDemo}, 2, "[--moves,--recording] is required");
    const auto file = temporary("whole.flight", "");
    expect({"record", file, "--world", kWorld, "--for", "1"}, 0, "Wrote ");
    const auto bytes = *format::readText(file);
    const auto cut = temporary("cut.flight", "");
    ASSERT_TRUE(format::replaceText(cut, bytes.substr(0, bytes.size() - 100)));
    const auto [code, lines] = run({"replay", kDemo, "--recording", cut});
    EXPECT_EQ(code, 0);
    EXPECT_THAT(lines, HasSubstr("is cut off"));
    auto stranger = format::readTangle(*format::readText(kDemo)).tangle;
    for (auto& controller : stranger.rig) controller.identity.name = "Something else";
    const auto other = temporary("stranger.tangle", format::writeTangle(stranger));
    expect({"replay", other, "--recording", file}, 0,
           "No controller of the recording is in the tangle's rig");
    expect({"record", "/nowhere/at/all.flight", "--world", kWorld, "--for", "0.1"}, 3, "/nowhere");
}

}  // namespace
}  // namespace jolly::test
