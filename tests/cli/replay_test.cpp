// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli_story.h"
#include "format/tangle_text.h"

/// Recorded moves through the real program.
namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

TEST(Replay, IsTheSameToTheLastByte)
{
    const auto moves = (testData() / "replay" / "circuit.jsonl").string();
    const auto [code, first] = run({"replay", kDemo, "--moves", moves});
    EXPECT_EQ(code, 0);
    test::expectGolden(testData() / "replay" / "circuit.out.jsonl", first);
    EXPECT_EQ(run({"replay", kDemo, "--moves", moves}).second, first);
}

TEST(Replay, NamesTheLineThatIsWrong)
{
    const std::string good =
        "{\"t\": 1, \"controller\": \"Skerry Stick\", \"control\": \"ABS_X\", \"raw\": 5}\n";
    const auto says = [&](const std::string& line, const std::string& text) {
        expect({"replay", kDemo, "--moves", temporary("moves", good + line)}, 2,
               ":2: this line was not taken: " + text);
    };
    says("nonsense", "expected {\"t\": seconds");
    says("{\"t\": 0.5, \"controller\": \"Skerry Stick\", \"control\": \"ABS_X\", \"raw\": 5}",
         "its time is before");
    says("{\"t\": 2, \"controller\": \"Sherry\", \"control\": \"ABS_X\", \"raw\": 5}",
         "the tangle has no controller \"Sherry\"");
    says("{\"t\": 2, \"controller\": \"Skerry Stick\", \"control\": \"ABS_Q\", \"raw\": 5}",
         "\"ABS_Q\" is no control");
    says("{\"t\": 2, \"controller\": \"Skerry Stick\", \"control\": \"ABS_Z\", \"raw\": 5}",
         "Skerry Stick has no control ABS_Z");
    says("{\"t\": 2, \"controller\": \"Skerry Stick\", \"control\": \"ABS_X\", \"raw\": 1e300}",
         "expected");
}

/// What replay prints for lines of moves of the demo's stick, and its exit code.
std::pair<int, std::string> replayOf(const std::string& lines)
{
    return run({"replay", kDemo, "--moves", temporary("moves", lines)});
}

std::string moveAt(const std::string& t, const std::string& raw)
{
    return "{\"t\": " + t +
           ", \"controller\": \"Skerry Stick\", \"control\": \"ABS_X\", \"raw\": " + raw + "}\n";
}

TEST(Replay, PrintsWhatCameBeforeABadLine)
{
    const auto [code, printed] = replayOf(moveAt("1", "0") + moveAt("2", "1023") + "nonsense\n");
    EXPECT_EQ(code, 2);
    EXPECT_THAT(printed, HasSubstr("{\"t\":2.0,\"device\":\"jolly-1\",\"control\":\"axis 1\""));
}

TEST(Replay, TakesEveryCountAndTimeThatADeviceCanHave)
{
    EXPECT_EQ(replayOf(moveAt("0", "-2147483648") + moveAt("1", "2147483647")).first, 0);
    EXPECT_THAT(replayOf(moveAt("0", "-2147483649")).second, HasSubstr("larger than any device's"));
    EXPECT_THAT(replayOf(moveAt("0", "99999999999999999999")).second, HasSubstr("expected"));
    EXPECT_EQ(replayOf(moveAt("9e9", "5")).first, 0);
    EXPECT_THAT(replayOf(moveAt("9.1e9", "5")).second, HasSubstr("further away than any flight"));
    EXPECT_THAT(replayOf(moveAt("1e300", "5")).second, HasSubstr("further away than any flight"));
}

TEST(Replay, RoundsTimesToTheNearestNanosecond)
{
    const auto file = temporary("steady.tangle", R"({"tangle": 1, "name": "Steady",
        "rig": [{"id": "stick", "alias": "Skerry Stick", "kind": "stick",
                 "identity": {"bus": 3, "vendor": 1, "product": 1, "version": 1, "name": "S"},
                 "controls": [{"code": "ABS_X", "kind": "axis", "sides": "two",
                               "calibration": {"low": 0, "centre": 512, "high": 1023}}]}],
        "devices": [{"id": "jolly-1", "name": "Jolly 1", "kind": "joystick", "axes": 8}],
        "strands": [{"id": "a", "sources": [{"controller": "stick", "control": "ABS_X"}],
                     "stages": [{"stage": "pace", "rising": 1.0, "falling": 1.0}],
                     "targets": [{"device": "jolly-1", "control": "axis 1"}]}]})");
    const auto [code, printed] =
        run({"replay", file, "--moves",
             temporary("moves", moveAt("2", "512") + moveAt("2.01", "1023"))});
    EXPECT_EQ(code, 0) << printed;
    EXPECT_THAT(printed, HasSubstr("{\"t\":2.014,")) << "the first tick after 2.01";
    EXPECT_THAT(printed, testing::Not(HasSubstr("999999")));
}

TEST(Replay, AHatIsADirectionWhateverIsCounted)
{
    const auto [code, printed] = replayOf(
        "{\"t\": 1, \"controller\": \"Skerry Stick\", \"control\": \"ABS_HAT0X\", \"raw\": 77}\n");
    EXPECT_EQ(code, 0);
    EXPECT_THAT(printed, HasSubstr("\"raw\":[1,0],\"value\":[1,0]"));
}

TEST(Replay, TakesLayersAndCraftAmongItsMovesAndPrintsThem)
{
    const auto press = [](const char* t, int raw) {
        return std::string(R"({"t":)") + t +
               R"(,"controller":"Skerry Stick","control":"BTN_TRIGGER","raw":)" +
               std::to_string(raw) + "}\n";
    };
    const auto [code, printed] = replayOf(press("1", 1) +
                                          R"({"t":1.5,"fly":"Gannet 12"})"
                                          "\n" +
                                          press("2", 0) +
                                          R"({"t":2.5,"flip":"on-water"})"
                                          "\n" +
                                          press("3", 1) +
                                          R"({"t":3.5,"flip":"On water"})"
                                          "\n" +
                                          press("4", 0) + press("5", 1));
    EXPECT_EQ(code, 0);
    EXPECT_EQ(printed, R"({"t":1.0,"device":"jolly-1","control":"button 1","raw":1,"value":1})"
                       "\n"
                       R"({"t":1.5,"craft":"gannet-12"})"
                       "\n"
                       R"({"t":2.0,"device":"jolly-1","control":"button 1","raw":0,"value":0})"
                       "\n"
                       R"({"t":2.5,"layer":"on-water","engaged":true})"
                       "\n"
                       R"({"t":3.0,"device":"jolly-1","control":"button 23","raw":1,"value":1})"
                       "\n"
                       R"({"t":3.5,"layer":"on-water","engaged":false})"
                       "\n"
                       R"({"t":4.0,"device":"jolly-1","control":"button 23","raw":0,"value":0})"
                       "\n"
                       R"({"t":5.0,"device":"jolly-1","control":"button 1","raw":1,"value":1})"
                       "\n")
        << "a press ends where it began";
    EXPECT_THAT(replayOf(R"({"t":1,"flip":"base"})").second, HasSubstr("Base always is engaged"));
    EXPECT_THAT(replayOf(R"({"t":1,"flip":"nowhere"})").second, HasSubstr("no layer \"nowhere\""));
    EXPECT_THAT(replayOf(R"({"t":1,"fly":"nobody"})").second, HasSubstr("no craft \"nobody\""));
    EXPECT_EQ(replayOf(R"({"t":1,"fly":5})").first, 2);
}

}  // namespace
}  // namespace jolly
