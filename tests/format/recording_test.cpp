// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/chunk_maker.h"
#include "format/evemu.h"
#include "format/recording_file.h"
#include "format/save.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <filesystem>
#include <fstream>

namespace jolly::test
{
namespace
{

using testing::HasSubstr;
using Kind = Happening::Kind;

constexpr Time kMs = std::chrono::milliseconds(1);

/// A stick whose X moves each 10 ms.
Recording someFlight(int moves)
{
    const auto tangle = smallTangle();
    RecordingMaker maker;
    const auto description = describe(tangle.rig[0]);
    maker.addController(description);
    maker.addTangle("{\"one\": 1}");
    maker.addTangle("{\"one\": 2, \"name\": \"größer\"}");
    maker.arrive(0, std::vector<Counts>(description.controls.size()), {});
    const auto track = maker.trackOf({0, 0, {}});
    const auto place = maker.trackOf({.place = {"jolly", axis(1)}});
    for (int i = 1; i <= moves; ++i) {
        maker.add({Kind::Move, false, true, track, i % 1000, i * 10 * kMs});
        maker.add({Kind::Change, false, false, place, i % 100, i * 10 * kMs});
    }
    auto recording = maker.finish();
    recording.clock = 1'700'000'000'000'000'000;
    return recording;
}

std::vector<Happening> all(const Recording& recording, Fallible& done)
{
    std::vector<Happening> happenings;
    done = recording.forEach(
        0, [](const Standing&) {},
        [&](const Happening& happening) {
            happenings.push_back(happening);
            return true;
        });
    return happenings;
}

/// A file that is gone with the test.
class RecordingFile : public testing::Test
{
 protected:
    RecordingFile()
        : path(std::filesystem::temp_directory_path() /
               ("recording-" + std::to_string(::getpid()) + ".flight"))
    {
    }
    ~RecordingFile() override { std::filesystem::remove(path); }

    void write(const std::string& bytes) const
    {
        std::ofstream(path, std::ios::binary | std::ios::trunc) << bytes;
    }

    std::filesystem::path path;
    Fallible done;
};

TEST_F(RecordingFile, HoldsAllOfARecording)
{
    const auto flight = someFlight(2000);
    write(*format::writeRecording(flight));
    const auto read = format::openRecording(path);
    ASSERT_TRUE(read) << read.error().text();
    EXPECT_EQ(read->damage, "");
    EXPECT_EQ(read->clock, flight.clock);
    EXPECT_EQ(read->tracks, flight.tracks);
    EXPECT_EQ(read->controllers[0].identity, flight.controllers[0].identity);
    EXPECT_EQ(read->controllers[0].controls, flight.controllers[0].controls);
    EXPECT_EQ(read->textOf(1), "{\"one\": 2, \"name\": \"größer\"}");
    EXPECT_EQ(read->textOf(7), "");
    EXPECT_EQ(all(*read, done), all(flight, done));
    EXPECT_TRUE(done);
    EXPECT_EQ(*format::writeRecording(*read), *format::writeRecording(flight))
        << "and can be written anew";
}

TEST_F(RecordingFile, OneThatIsCutOffIsReadAsFarAsItGoes)
{
    const auto bytes = *format::writeRecording(someFlight(3000));
    const auto whole = all(someFlight(3000), done);
    for (const auto part : {0.5, 0.9, 0.999}) {
        write(bytes.substr(0, static_cast<std::size_t>(static_cast<double>(bytes.size()) * part)));
        const auto read = format::openRecording(path);
        ASSERT_TRUE(read);
        EXPECT_THAT(read->damage, HasSubstr("is cut off; what follows its first"));
        const auto kept = all(*read, done);
        EXPECT_TRUE(done);
        EXPECT_FALSE(kept.empty());
        EXPECT_TRUE(std::equal(kept.begin(), kept.end(), whole.begin()));
    }
}

TEST_F(RecordingFile, WhateverIsChangedInItIsFoundOutOrChangesNothingElse)
{
    const auto bytes = *format::writeRecording(someFlight(60));
    const auto whole = all(someFlight(60), done);
    int found = 0;
    for (std::size_t at = 0; at < bytes.size(); at += 11) {
        auto damaged = bytes;
        damaged[at] = static_cast<char>(damaged[at] ^ 0x10);
        write(damaged);
        const auto read = format::openRecording(path);
        const auto kept = read ? all(*read, done) : std::vector<Happening>();
        const bool isFound = !read || !read->damage.empty() || !done;
        found += isFound ? 1 : 0;
        EXPECT_TRUE(isFound || kept == whole) << "byte " << at;
    }
    EXPECT_GT(found, static_cast<int>(bytes.size() / 11) - 4);
}

TEST_F(RecordingFile, WhatIsNoneIsSaidInWords)
{
    EXPECT_THAT(format::openRecording(path).error().text(), HasSubstr("There is no file"));
    write("Hello");
    EXPECT_THAT(format::openRecording(path).error().text(), HasSubstr("is no recording"));
    write("");
    EXPECT_FALSE(format::openRecording(path));
    EXPECT_THAT(format::openRecording(std::filesystem::temp_directory_path()).error().text(),
                HasSubstr("is no file"));
    auto newer = *format::writeRecording(someFlight(1));
    newer[8] = 9;
    write(newer);
    EXPECT_THAT(format::openRecording(path).error().text(), HasSubstr("newer Jolly Tangle"));
}

TEST_F(RecordingFile, TimesThatGoBackwardsAreSaidAndLeftOut)
{
    auto flight = someFlight(3000);
    std::swap(flight.chunks[1], flight.chunks[3]);
    write(*format::writeRecording(flight));
    const auto read = format::openRecording(path);
    ASSERT_TRUE(read);
    EXPECT_THAT(read->damage, HasSubstr("go backwards"));
    EXPECT_EQ(read->chunks.size(), 2U);
}

TEST(Evemu, WhatIsWrittenIsReadBack)
{
    const auto tangle = smallTangle();
    const auto description = describe(tangle.rig[0]);
    RecordingMaker maker;
    maker.addController(description);
    maker.arrive(0, std::vector<Counts>(description.controls.size()), {});
    const auto track = [&](ControlCode code) {
        const auto found = std::ranges::find(description.controls, code, &ControlDescription::code);
        return maker.trackOf(
            {0, static_cast<std::uint32_t>(found - description.controls.begin()), {}});
    };
    const auto start = std::chrono::seconds(100);
    maker.add({Kind::Move, false, true, track(kX), 700, start});
    maker.add({Kind::Move, false, false, track(kTrigger), 1, start});
    maker.add({Kind::Move, true, true, track(kHat), -1, start + 5 * kMs});
    maker.add({Kind::Move, false, true, track(kDial), 3, start + 6 * kMs});
    maker.add({Kind::Move, false, true, track(kDial), 1, start + 7 * kMs});
    const auto text = *format::writeEvemu(maker.finish(), 0);
    EXPECT_THAT(text, HasSubstr("E: 0.000000 0003 0000 0700\nE: 0.000000 0001 0120 0001\n"
                                "E: 0.000000 0000 0000 0000\nE: 0.005000 0003 0011 -001\n"));
    EXPECT_THAT(text, HasSubstr("E: 0.007000 0002 0007 -002\n")) << "turners tell differences";
    ASSERT_TRUE(format::isEvemu(text));
    const auto read = format::readEvemu(text);
    ASSERT_TRUE(read) << read.error().text();
    EXPECT_EQ(read->controllers[0].identity.name, description.identity.name);
    auto codes = description.controls;
    std::ranges::sort(codes, {}, &ControlDescription::code);
    auto readCodes = read->controllers[0].controls;
    std::ranges::sort(readCodes, {}, &ControlDescription::code);
    ASSERT_EQ(codes.size(), readCodes.size());
    for (std::size_t i = 0; i < codes.size(); ++i) {
        EXPECT_EQ(codes[i].code, readCodes[i].code);
        EXPECT_EQ(codes[i].kind, readCodes[i].kind);
        const bool isAxis = codes[i].kind == ControlKind::Axis;
        EXPECT_TRUE(!isAxis || codes[i].high == readCodes[i].high);
    }
    EXPECT_EQ(*format::writeEvemu(*read, 0), text);
}

TEST(Evemu, ALineThatMakesNoSenseIsNamed)
{
    const std::string head = "# EVEMU 1.3\nN: Stick\nI: 0003 0001 0002 0003\nB: 01 00\n";
    EXPECT_THAT(format::readEvemu(head + "E: zero 1 2 3\n").error().text(), HasSubstr("Line 5"));
    EXPECT_THAT(format::readEvemu(head + "E: 2.0 0003 0000 1\nE: 1.0 0003 0000 1\n").error().text(),
                HasSubstr("Line 6"))
        << "times go forward";
    EXPECT_FALSE(format::readEvemu("N: Stick\nI: what\n"));
    EXPECT_TRUE(format::readEvemu(head)) << "nothing happened";
    std::string many = head + "B: 01";
    for (int i = 0; i < 120; ++i) many += " ff";
    const auto codes = format::readEvemu(many + "\nE: 0.0 0001 0120 1\n");
    ASSERT_TRUE(codes) << "codes that no kernel has are left out";
    EXPECT_TRUE(format::writeEvemu(*codes, 0));
}

}  // namespace
}  // namespace jolly::test
