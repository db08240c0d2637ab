// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/tangle_text.h"

#include "format/place.h"
#include "support/golden.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly::format
{
namespace
{

using namespace test;
using testing::HasSubstr;

Tangle crowded()
{
    auto tangle = smallTangle();
    tangle.rig[0].identity.uniq = "serial \"7\"";
    tangle.layers.push_back({"water", "On water ≈", {}});
    tangle.craft.push_back({"gannet", "Gannet 12", "everywhere", {}});
    tangle.devices.push_back(
        {.id = "pad", .name = "Pad", .kind = VirtualKind::Gamepad, .number = 2});
    auto& strand = addStrand(tangle, kX, axis(1),
                             {{DeadZone{0.01, 0.02, 0.03, 0.04}}, {Curve{}, false}, {Invert{}}});
    strand.note = "a note\nof two lines";
    strand.layer = "water";
    strand.whenAway = WhenAway::Keep;
    addStrand(tangle, kTrigger, button(3)).isOn = false;
    auto& timed = addStrand(tangle, kY, axis(2), {{Steady{}}, {Softness{0.4}}});
    timed.shape = "stick";
    timed.stages[0].when = When{.control = {"stick", kToggle}, .isOff = true};
    timed.stages[1].when = When{{}, Target{"jolly", button(2)}};
    tangle.feels = {{"gentle", {{DeadZone{}}, {Curve{}}}, {}}};
    tangle.rig[0].controls[0].degrees = 900.0;
    tangle.craft[0].wantsStraight = true;
    return tangle;
}

TEST(TangleText, AWrittenTangleIsReadBackAsItself)
{
    const auto tangle = crowded();
    const auto read = readTangle(writeTangle(tangle));
    EXPECT_TRUE(read.isReadable);
    EXPECT_EQ(read.tangle, tangle);
}

TEST(TangleText, WritingTwiceGivesTheSameBytes)
{
    const auto text = writeTangle(crowded());
    EXPECT_EQ(writeTangle(readTangle(text).tangle), text);
}

TEST(TangleText, TheDemoTangleIsSoundAndWrittenAsItIs)
{
    const auto file = shippedData() / "demo" / "marrowmere.tangle";
    const auto read = readTangle(textOf(file));
    EXPECT_TRUE(read.problems.empty()) << toText(read.problems.front(), "marrowmere.tangle");
    expectGolden(file, writeTangle(read.tangle));
}

TEST(TangleText, FilesOfVersions1And2OpenAndAreWrittenAsVersion3)
{
    const auto tangles = testData() / "tangles";
    for (const int version : {1, 2}) {
        const auto name = "marrowmere-version-" + std::to_string(version) + ".tangle";
        const auto old = readTangle(textOf(tangles / name));
        EXPECT_TRUE(old.isReadable);
        EXPECT_TRUE(old.problems.empty());
        EXPECT_EQ(old.version, version);
        expectGolden(tangles / "marrowmere-version-3.tangle", writeTangle(old.tangle));
        EXPECT_EQ(readTangle(writeTangle(old.tangle)).version, 3);
    }
}

TEST(TangleText, NamesOfFunctionsOfVersion2BecomeFunctionsThatAreNamedById)
{
    const auto read = readTangle(R"({"tangle": 2, "name": "T",
        "devices": [{"id": "jolly", "name": "Jolly", "kind": "joystick", "settings": [
            {"control": "axis 1", "label": "Cowl Flaps!"}, {"control": "button 1", "label": "radio"}]}],
        "craft": [{"id": "everywhere", "name": "Everywhere", "functions": ["radio", "cowl flaps", ""]}],
        "strands": [{"id": "a", "function": "radio", "ends": []},
                    {"id": "b", "function": "§§", "ends": []}]})");
    ASSERT_TRUE(read.isReadable);
    const auto& tangle = read.tangle;
    ASSERT_EQ(tangle.functions.size(), 4U);
    EXPECT_EQ(tangle.functions[0].name, "Cowl Flaps!");
    EXPECT_EQ(tangle.functions[0].id, "cowl-flaps");
    EXPECT_EQ(tangle.functions[0].kind, FunctionKind::Axis);
    EXPECT_EQ(tangle.functions[2].name, "§§");
    EXPECT_EQ(tangle.functions[3].id, "cowl-flaps-1") << "another name, another function";
    EXPECT_EQ(tangle.devices[0].settings[1].function, "radio");
    EXPECT_EQ(tangle.craft[0].functions[0], "radio");
    EXPECT_EQ(tangle.strands[0].function, "radio");
    EXPECT_EQ(tangle.strands[1].function, tangle.functions[2].id);
    EXPECT_EQ(readTangle(writeTangle(tangle)).tangle, tangle);
}

TEST(TangleText, WhatAFileOfVersion2SaysOfFunctionsByTheNamesOfVersion3IsNotLost)
{
    const auto read = readTangle(R"({"tangle": 2, "name": "T", "functions": ["mine"],
        "devices": [{"id": "jolly", "name": "Jolly", "kind": "joystick", "settings": [
            {"control": "axis 1", "label": "roll", "function": "pitch"}]}], "strands": []})");
    EXPECT_FALSE(read.isReadable);
    using testing::Field;
    EXPECT_THAT(read.problems, testing::Contains(Field(&Problem::path, "/functions")));
    EXPECT_THAT(read.problems, testing::Contains(Field(&Problem::path, "/devices/0/settings/0")));
}

TEST(TangleText, ALabelOfVersion2ThatIsNoNameIsComplainedAboutByItsOwnName)
{
    const auto read = readTangle(R"({"tangle": 2, "name": "T",
        "devices": [{"id": "jolly", "name": "Jolly", "kind": "joystick", "settings": [
            {"control": "axis 1", "label": 7}]}], "strands": []})");
    EXPECT_FALSE(read.isReadable);
    ASSERT_FALSE(read.problems.empty());
    EXPECT_EQ(read.problems[0].path, "/devices/0/settings/0/label");
}

TEST(TangleText, AStrandOfVersion1WithSeveralSourcesIsNotCutSilently)
{
    const auto read = readTangle(R"({"tangle": 1, "name": "T", "strands": [
        {"id": "a", "sources": [{"controller": "s", "control": "ABS_X"},
                                {"controller": "s", "control": "ABS_Y"}], "targets": []}]})");
    EXPECT_FALSE(read.isReadable);
    ASSERT_FALSE(read.problems.empty());
    EXPECT_EQ(read.problems[0].path, "/strands/0/sources/0");
    EXPECT_EQ(read.problems[0].line, 2);
}

TEST(TangleText, AStrandOfVersion1ThatSaysEndsByBothNamesLosesNeither)
{
    const auto read = readTangle(R"({"tangle": 1, "name": "T", "strands": [
        {"id": "a", "source": {"controller": "s", "control": "ABS_X"},
         "sources": [{"controller": "s", "control": "ABS_Y"}],
         "ends": [{"to": "nothing"}], "targets": []}]})");
    EXPECT_FALSE(read.isReadable);
    ASSERT_GE(read.problems.size(), 2U);
    for (const std::string name : {"ends", "source"})
        EXPECT_THAT(read.problems,
                    testing::Contains(testing::AllOf(
                        testing::Field(&Problem::path, "/strands/0"),
                        testing::Field(&Problem::sentence,
                                       testing::HasSubstr("\"" + name + "\", which are two")))));
}

TEST(TangleText, EveryGoalSurvivesTheFile)
{
    auto tangle = smallTangle();
    tangle.devices.push_back(
        {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
    auto& strand = addStrand(tangle, kTrigger, button(1));
    strand.ends = {{"", Chord{"keys", {29, 34}, false}, How::Pulse, 60.0},
                   {"", Chord{"keys", {29, 56, 61}, true}},
                   {"", Command{Order::StandDown, {}}},
                   {"", Command{Order::Recentre, {"jolly", axis(1)}}},
                   {"", Command{Order::Reverse, {"jolly", axis(2)}}},
                   {"", Nothing{}}};
    addStrand(tangle, kX, axis(1)).ends[0].part = Part::Lower;
    addStrand(tangle, kY, axis(2)).ends[0].part = Part::Upper;
    const auto text = writeTangle(tangle);
    EXPECT_THAT(text, testing::HasSubstr("\"KEY_LEFTCTRL\""));
    const auto read = readTangle(text);
    EXPECT_FALSE(hasErrors(read.problems)) << toText(read.problems.front(), "");
    EXPECT_EQ(read.tangle.strands, tangle.strands);
}

TEST(TangleText, PositionsAndEntriesSurviveTheFile)
{
    auto tangle = smallTangle();
    const SwitchPlaces places = {{"up", Source{"stick", kTrigger}}, {"off", std::nullopt}};
    addStrand(tangle, kTrigger, button(1), {{SwitchPositions{places}}});
    addStrand(tangle, kTrigger, button(1), {{SwitchSteps{places, 60}}});
    addStrand(tangle, kTrigger, axis(1), {{Positions{{{"half", Source{"stick", kThumb}, 0.5}}}}});
    addStrand(tangle, kX, button(1), {{Slice{{{"gate", -0.2, 0.2, -0.3, 0.3, Entry::Below}}}}});
    const auto read = readTangle(writeTangle(tangle));
    EXPECT_FALSE(hasErrors(read.problems)) << toText(read.problems.front(), "");
    EXPECT_EQ(read.tangle.strands, tangle.strands);
}

TEST(TangleText, OutletsAndNothingSurviveTheFile)
{
    auto tangle = smallTangle();
    auto& strand = addStrand(tangle, kThrottle, button(1),
                             {
                                 {Slice{}},
                             });
    strand.ends[0].outlet = "slice 1";
    strand.ends.push_back({"slice 1", Nothing{}});
    strand.ends[0].how = How::PulseAtBoth;
    strand.ends[0].pulse = 60.0;
    const auto read = readTangle(writeTangle(tangle));
    EXPECT_TRUE(read.problems.empty());
    EXPECT_EQ(read.tangle.strands[0], tangle.strands[0]);
}

TEST(TangleText, APulseOfNothingOrOfAnHourIsRefusedWithItsLimits)
{
    for (const auto* pulse : {"0", "3600000", "-40"}) {
        auto tangle = smallTangle();
        auto& end = addStrand(tangle, kTrigger, button(1)).ends[0];
        end.how = How::Pulse;
        auto text = writeTangle(tangle);
        const std::string usual = "\"pulse\": 40";
        ASSERT_NE(text.find(usual), std::string::npos) << text;
        text.replace(text.find(usual), usual.size(), std::string("\"pulse\": ") + pulse);
        const auto read = readTangle(text);
        ASSERT_FALSE(read.problems.empty()) << pulse;
        EXPECT_EQ(read.problems[0].path, "/strands/0/ends/0/pulse") << pulse;
        EXPECT_EQ(read.problems[0].severity, Severity::Error) << pulse;
    }
}

TEST(TangleText, UnknownFieldsAreKeptWhereTheyWere)
{
    auto text = writeTangle(crowded());
    const auto insert = [&](const std::string& before, const std::string& what) {
        text.insert(text.find(before), what);
    };
    insert("\"id\": \"strand-1\"", "\"colour\": {\"deep\": [1, 2]}, ");
    insert("\"stage\": \"dead zone\"", "\"wobble\": 3, ");
    insert("\"name\": \"Small\"", "\"sky\": null, ");
    const auto read = readTangle(text);
    EXPECT_TRUE(read.isReadable);
    EXPECT_EQ(read.tangle.strands[0].extra[0].second, "{\"deep\":[1,2]}");
    EXPECT_EQ(read.tangle.strands[0].stages[0].extra[0].first, "wobble");
    EXPECT_EQ(readTangle(writeTangle(read.tangle)).tangle, read.tangle);
}

TEST(TangleText, UnknownFieldsAreNamed)
{
    const auto read = readTangle(R"({"tangle": 1, "name": "A", "sterands": []})");
    ASSERT_EQ(read.problems.size(), 1U);
    EXPECT_EQ(toText(read.problems[0], "a.tangle"),
              "a.tangle:1:40: note: /sterands: \"sterands\" is nothing this version knows here. It "
              "is kept but "
              "has no effect; check its spelling.");
}

TEST(TangleText, SeveralProblemsAreReportedAtOnceEachWithItsPlace)
{
    const auto read = readTangle(
        "{\"tangle\": 1,\n \"name\": 7,\n \"layers\": [{\"id\": \"base\"}],\n \"rig\": {}}");
    EXPECT_FALSE(read.isReadable);
    ASSERT_EQ(read.problems.size(), 3U);
    EXPECT_EQ(read.problems[0].line, 2);
    EXPECT_EQ(read.problems[1].line, 4);
    EXPECT_EQ(read.problems[2].path, "/layers/0");
    EXPECT_EQ(read.problems[2].line, 3);
}

TEST(TangleText, AMinimalTangleHasBaseAndEverywhere)
{
    const auto read = readTangle(R"({"tangle": 1, "name": "A"})");
    EXPECT_TRUE(read.isReadable);
    EXPECT_EQ(read.tangle.layers.size(), 1U);
    EXPECT_EQ(read.tangle.craft[0].id, "everywhere");
}

TEST(TangleText, AnyCutOfAFileIsRefusedWithoutACrash)
{
    const auto text = writeTangle(crowded());
    for (std::size_t length = 0; length + 2 < text.size(); length += 7) {
        const auto read = readTangle(text.substr(0, length));
        EXPECT_FALSE(read.isReadable) << length;
        EXPECT_TRUE(hasErrors(read.problems));
    }
}

TEST(TangleText, AnyDamagedByteIsReadOrRefusedWithoutACrash)
{
    const auto text = writeTangle(crowded());
    for (std::size_t at = 0; at < text.size(); at += 3) {
        for (const char c : {'}', '"', '\\', '9', '\xff', '\0'}) {
            auto damaged = text;
            damaged[at] = c;
            const auto read = readTangle(damaged);
            EXPECT_TRUE(read.isReadable || hasErrors(read.problems));
        }
    }
}

TEST(Place, CountsLinesAndCharacters)
{
    EXPECT_EQ(placeAt("ab\ncd", 4), (Place{2, 2}));
    EXPECT_EQ(placeAt("é€x", 5), (Place{1, 3})) << "characters, not bytes";
}

TEST(Place, FindsTheLastParentThatIsThere)
{
    const std::string json = "{\"a\": [1, {\"b\\\"]\": 2}],\n \"c\": true}";
    EXPECT_EQ(placeOf(json, "/a/1/b\\\"]"), (Place{1, 20}));
    EXPECT_EQ(placeOf(json, "/c"), (Place{2, 7}));
    EXPECT_EQ(placeOf(json, "/c/nothing"), (Place{2, 7}));
    EXPECT_EQ(placeOf(json, "/a/0"), (Place{1, 8}));
}

}  // namespace
}  // namespace jolly::format
