// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli_story.h"
#include "control/engine_client.h"
#include "format/tangle_text.h"

#include <fcntl.h>
#include <nlohmann/json.hpp>
#include <unistd.h>

#include <array>
#include <atomic>
#include <csignal>
#include <thread>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

TEST(Cli, WrongArgumentsAndUnreadableFilesEndWith2)
{
    expect({}, 2, "A subcommand is required");
    expect({"frobnicate"}, 2, "Run with --help");
    expect({"run", "--for", "-3"}, 2, "--for");
    expect({"check", "/nowhere/a.tangle"}, 2,
           "/nowhere/a.tangle is not there. Check its name and folder.");
    expect({"check", "/"}, 2, "/ is a folder.");
    expect({"run", kDemo, "--world", "/nowhere"}, 2, "/nowhere is not there");
    expect({"run", kDemo, "--world", kDemo}, 2, "This is no world file of version 1");
}

TEST(Cli, ATangleWithProblemsEndsWith1AndIsNotRun)
{
    const auto broken = (testData() / "defects" / "control-not-there.tangle").string();
    expect({"check", broken}, 1, "starts at ABS_RZ, which Skerry Stick does not have");
    expect({"run", broken, "--world", kWorld, "--for", "1"}, 1,
           "was not run because of these errors");
    expect({"replay", broken, "--moves", "/dev/null"}, 1, "ABS_RZ");
    expect({"check", kDemo, broken}, 1, "fine: 6 controllers, 5 virtual devices, 125 strands");
}

TEST(Cli, WhatTheWorldRefusesEndsWith3)
{
    expect({"status"}, 3,
           "No engine is running. Start one with \"tangle run FILE\" or open the window.");
    expect({"live"}, 3, "No engine is running");
    expect({"down"}, 3, "No engine is running");
    if (::access("/dev/uinput", F_OK) == 0) GTEST_SKIP() << "this machine has a uinput";
    expect({"run", kDemo, "--for", "1"}, 3,
           "/dev/uinput is not there, so no virtual device can be made. Load it with");
}

TEST(Cli, DevicesAndWatchShowThePretendRig)
{
    expect({"devices", "--world", kWorld}, 0, "Bodger Box 24");
    for (const auto* fact :
         {"\"name\": \"Holm Pedals\"", "\"fuzz\": 15", "\"flat\": 255", "\"likely\": \"pedals\"",
          "\"games\": \"hear it\"", "\"has\": {\n        \"axis\": 0,\n        \"button\": 24"})
        expect({"devices", "--world", kWorld, "--json"}, 0, fact);
    expect({"devices", "--world", kWorld}, 0, "ABS_Z[0..4095, bent by the kernel]");
    expect({"watch", "--world", kWorld, "--for", "3"}, 0, "Orrin Wheel 900  ABS_Y  ");
}

TEST(Cli, NamesReachTheTerminalWithoutControlCharacters)
{
    const auto file = temporary("odd.tangle", R"({"tangle": 1, "name": "a",
        "\u001b[31mred\u0007": 1, "one\ntwo": 2, "three\u009b4": 3, "f\u00fcnf": 5})");
    const auto [code, printed] = run({"check", file});
    EXPECT_EQ(code, 0);
    EXPECT_EQ(printed.find_first_of("\x1b\x07\x7f"), std::string::npos) << printed;
    EXPECT_THAT(printed, HasSubstr("?[31mred?"));
    EXPECT_THAT(printed, HasSubstr("one two"));
    EXPECT_THAT(printed, HasSubstr("three?4"));
    EXPECT_THAT(printed, HasSubstr("f\u00fcnf")) << "letters stay what they are";
}

TEST(Cli, PermitNamesFilesInOneWayAndBelievesNoOddLoginName)
{
    for (const auto* ids : {"1234:AB56", "1234:ab56"})
        expect({"permit", "--device", ids, "--show"}, 0,
               "Write /etc/udev/rules.d/70-jolly-tangle-1234-ab56.rules");
    ::setenv("SUDO_USER", "root\n* - nofile 1", 1);
    expect({"permit", "--realtime", "--show"}, 3, "It is not clear whom to permit that.");
    ::setenv("SUDO_USER", "nobody-of-this-name", 1);
    expect({"permit", "--realtime", "--show"}, 3, "It is not clear whom to permit that.");
    ::setenv("SUDO_USER", "root", 1);
    expect({"permit", "--realtime", "--show"}, 0, "root - rtprio 10");
    ::unsetenv("SUDO_USER");
}

TEST(Cli, AnEngineWhoseParentIsGoneAlreadyEndsAtOnce)
{
    expect({"run", kDemo, "--world", kWorld, "--with-parent", "--parent", "999999999"}, 0, "");
}

TEST(Cli, AHangUpStandsDown)
{
    Program engine({kTangle, "run", kDemo, "--world", kWorld});
    ASSERT_TRUE(engine.prints("Live."));
    engine.signal(SIGHUP);
    EXPECT_EQ(engine.end(), 0);
}

/// A pipe that nobody reads, to the brim or with its other end closed.
int unreadPipe(bool isFull, std::array<int, 2>& ends)
{
    EXPECT_EQ(::pipe(ends.data()), 0);
    ::fcntl(ends[0], F_SETFD, FD_CLOEXEC);
    if (!isFull) {
        ::close(ends[0]);
        return ends[1];
    }
    ::fcntl(ends[1], F_SETFL, O_NONBLOCK);
    const std::string kMuch(4096, '.');
    while (::write(ends[1], kMuch.data(), kMuch.size()) > 0) continue;
    ::fcntl(ends[1], F_SETFL, 0);
    return ends[1];
}

TEST(Cli, NobodyWhoDoesNotReadWhatIsSaidStopsAFlight)
{
    for (const bool isFull : {true, false}) {
        std::array<int, 2> ends{};
        const auto pipe = std::to_string(unreadPipe(isFull, ends));
        const auto command =
            "exec " + kTangle + " run " + kDemo + " --world " + kWorld + " --for 1";
        Program engine({"sh", "-c", command + " 2>&" + pipe + " >&2"});
        EXPECT_EQ(engine.end(), 0) << (isFull ? "full" : "closed");
        ::close(ends[1]);
        if (isFull) ::close(ends[0]);
    }
    Program closed(
        {"sh", "-c",
         "exec " + kTangle + " run " + kDemo + " --world " + kWorld + " --for 1 2>&- >&-"});
    EXPECT_EQ(closed.end(), 0);
}

TEST(Cli, TanglesThatAreBeingReadHoldUpNoEnd)
{
    auto tangle = format::readTangle(test::textOf(kDemo)).tangle;
    for (int i = 0; i < 9'000; ++i) {
        tangle.strands.push_back(tangle.strands.front());
        tangle.strands.back().id = "copy " + std::to_string(i);
    }
    const auto text = format::writeTangle(tangle);
    Program engine({kTangle, "run", kDemo, "--world", kWorld});
    ASSERT_TRUE(engine.prints("Live.")) << engine.text();
    // They wait for each other, so that one or more are in the queue when the first is answered.
    std::atomic<int> answered = 0;
    std::atomic<int> accepted = 0;
    std::vector<std::thread> loads;
    constexpr int kLoads = 8;
    for (int i = 0; i < kLoads; ++i) {
        loads.emplace_back([&] {
            const auto client = EngineClient::connect();
            const auto answer = client ? (*client)->load(text) : tl::unexpected(client.error());
            accepted += answer && answer->isAccepted ? 1 : 0;
            ++answered;
            answered.notify_all();
        });
    }
    answered.wait(0);
    engine.signal(SIGTERM);
    EXPECT_EQ(engine.end(5.0), 0);
    for (auto& load : loads) load.join();
    EXPECT_GT(accepted, 0);
    EXPECT_LT(accepted, kLoads) << "none was cut short";
}

TEST(Cli, WhatWatchRecordsIsMeasured)
{
    const auto worn = (testData() / "replay" / "worn-stick.jsonl").string();
    expect({"measure", "Skerry Stick", "--moves", worn, "--tangle", kDemo}, 0,
           "Roll (ABS_X)\n"
           "  counts 20 to 1000 of 0 to 1023, in steps of 1\n"
           "  rest 512, 3 times, drift 4, jitter 2\n"
           "  Reaches 95.8 % of its travel, which becomes the whole; its low end is 2.0 % "
           "short, its high end 2.2 %. Rests within 1.0 %: a dead "
           "zone of 1.3 % covers it. Jitters by 2 counts, which will be no move.\n");
    const auto [code, recorded] = run({"watch", "--world", kWorld, "--for", "2", "--json"});
    EXPECT_EQ(code, 0);
    const auto moves = temporary("recorded", recorded.substr(recorded.find('{')));
    expect({"measure", "Twinlever Q2", "--moves", moves, "--tangle", kDemo, "--json"}, 0,
           "\"name\": \"Left lever\"");
}

TEST(Cli, MeasuringNamesWhatItCannotMeasure)
{
    expect({"measure", "Twinlever Q2", "--world", kWorld, "--for", "1"}, 0, "(ABS_X)");
    expect({"measure", "Skerry", "--world", kWorld}, 3,
           "No controller that you may read is called \"Skerry\". There are: \"Skerry Stick\"");
    expect({"measure", "Bodger Box 24", "--world", kWorld}, 3,
           "Bodger Box 24 has no axes, so there is nothing to measure.");
    expect({"measure", "Skerry Stick", "--moves", "/dev/null"}, 2, "--tangle");
    expect({"measure", "Nobody", "--moves", "/dev/null", "--tangle", kDemo}, 2,
           "has no controller \"Nobody\"");
}

TEST(Cli, AFlightIsTalkedToFromOutside)
{
    Program engine({kTangle, "run", kDemo, "--world", kWorld});
    ASSERT_TRUE(engine.prints("Live.")) << engine.text();
    expect({"status"}, 0, "\"Marrowmere Mail\" is live.");
    expect({"status"}, 0, "craft: everywhere; engaged: Base alone");
    expect({"craft", "Everywhere"}, 0, "");
    expect({"craft", "Nowhere"}, 3, "has no craft \"Nowhere\". Name one of: everywhere");
    expect({"layer", "base"}, 3, "Base always is engaged. Name one of: pilot, observer, on-water");
    expect({"run", kDemo}, 3, "An engine is running already.");
    expect({"down"}, 0, "");
    expect({"status"}, 0, "\"Marrowmere Mail\" is idle.");
    expect({"live"}, 0, "");
    expect({"status", "--json"}, 0, "\"live\": true");
    expect({"status", "--json"}, 0, "\"engaged\": []");
    expect({"down", "--quit"}, 0, "");
    EXPECT_EQ(engine.end(), 0);
}

TEST(Cli, WithoutASessionBusTheFlightGoesOnAndSaysSo)
{
    Program engine({"env", "-u", "DBUS_SESSION_BUS_ADDRESS", "XDG_RUNTIME_DIR=/nowhere", kTangle,
                    "run", kDemo, "--world", kWorld, "--for", "1"});
    EXPECT_EQ(engine.end(10), 0);
    EXPECT_THAT(
        engine.text(),
        HasSubstr(
            "There is no session bus, so no window and no other command can reach this engine."));
    EXPECT_THAT(engine.text(), HasSubstr("Live."));
}

TEST(Cli, AbsentControllersAreNamedAndDoNotKeepTheFlightFromGoingOn)
{
    const auto empty =
        temporary("world", "{\"world\": 1, \"name\": \"Empty\", \"controllers\": []}");
    expect({"run", kDemo, "--world", empty, "--for", "0.3"}, 0,
           "Holm Pedals is away. Plug it in; its 3 strands wait for it.");
}

/// The demo tangle, with a strand that ends at button 40 of a larger Jolly 1.
std::string largeTangle()
{
    std::ifstream demo(kDemo);
    auto json = nlohmann::json::parse(demo);
    json["devices"][0]["buttons"] = 64;
    json["strands"][20]["ends"][0] = {{"device", "jolly-1"}, {"control", "button 40"}};
    return temporary("large.tangle", json.dump(2));
}

TEST(Cli, PlanTellsTheDifferenceAndDoesItWhenAsked)
{
    const auto file = largeTangle();
    expect({"plan", file}, 2, "No sim sheet is chosen for this tangle.");
    expect({"plan", file, "--sheet", "classik"}, 2, "There is no sim sheet \"classik\".");
    const auto [code, text] = run({"plan", file, "--sheet", "classic-32"});
    EXPECT_EQ(code, 0);
    EXPECT_THAT(text, HasSubstr(": Jolly 1, button 40 → Jolly 1, button "));
    EXPECT_THAT(text, HasSubstr("Nothing was changed"));
    const auto json =
        nlohmann::json::parse(run({"plan", file, "--sheet", "classic-32", "--json"}).second);
    EXPECT_EQ(json["moves"].size(), 1U);
    EXPECT_EQ(json["moves"][0]["from"], "Jolly 1, button 40");
    expect({"plan", file, "--sheet", "classic-32", "--apply"}, 0, "Done.");
    expect({"plan", file}, 0, "Everything fits Classic sim, 32 buttons as it is.");
    expect({"plan", file, "--sheet", "gamepad-only"}, 1, "No place is left for camera tilt");
}

TEST(Cli, ASheetWithImpossibleLimitsIsRefusedWithItsPlace)
{
    const auto sheet = temporary(
        "odd.simsheet", R"({"simsheet": 1, "name": "Odd", "axes": 0, "buttons": 0, "hats": 0})");
    expect({"plan", kDemo, "--sheet", sheet}, 2, "The sheet \"Odd\" leaves no control at all.");
    expect({"sheets"}, 0, "classic-32: Classic sim, 32 buttons");
}

TEST(Cli, ATangleOfVersion1IsNamedAsSuchAndFliesAsItDid)
{
    const auto old = (testData() / "tangles" / "marrowmere-version-1.tangle").string();
    expect({"check", old}, 0, "(version 1 of the format; it is saved as version 3)");
    const auto moves = (testData() / "replay" / "circuit.jsonl").string();
    const auto then = run({"replay", old, "--moves", moves});
    const auto now = run({"replay", kDemo, "--moves", moves});
    EXPECT_EQ(then.first, 0);
    EXPECT_GT(then.second.size(), 1000U);
    EXPECT_EQ(then.second, now.second);
}

TEST(Cli, ALeversLastPartIsAReverseLatch)
{
    const auto file = temporary("latch.tangle", R"({"tangle": 2, "name": "Latch",
        "rig": [{"id": "quad", "alias": "Twinlever Q2", "kind": "throttle",
                 "identity": {"bus": 3, "vendor": 1, "product": 1, "version": 1, "name": "Q"},
                 "controls": [{"code": "ABS_X", "kind": "axis", "sides": "one",
                               "calibration": {"low": 0, "centre": 500, "high": 1000}}]}],
        "devices": [{"id": "jolly-1", "name": "Jolly 1", "kind": "joystick"}],
        "strands": [{"id": "a", "source": {"controller": "quad", "control": "ABS_X"},
                     "stages": [{"stage": "slice", "slices": [
                         {"name": "reverse", "from": 0.94, "to": 1, "letGoBelow": 0.93, "letGoAbove": 1}]}],
                     "ends": [{"outlet": "reverse", "device": "jolly-1", "control": "button 3"}]}]})");
    const auto at = [](const char* t, const char* raw) {
        return std::string(R"({"t":)") + t +
               R"(,"controller":"Twinlever Q2","control":"ABS_X","raw":)" + raw + "}\n";
    };
    const auto moves = temporary("latch.jsonl", at("1", "0") + at("2", "939") + at("3", "940") +
                                                    at("4", "931") + at("5", "929"));
    const auto [code, printed] = run({"replay", file, "--moves", moves});
    EXPECT_EQ(code, 0);
    EXPECT_EQ(
        printed,
        "{\"t\":3.0,\"device\":\"jolly-1\",\"control\":\"button 3\",\"raw\":1,\"value\":1}\n"
        "{\"t\":5.0,\"device\":\"jolly-1\",\"control\":\"button 3\",\"raw\":0,\"value\":0}\n");
}

TEST(Cli, ExplainSaysWhatAControlDoesAtBothEdges)
{
    const auto file = temporary("explain.tangle", R"({
      "tangle": 2, "name": "T",
      "rig": [{"id": "box", "alias": "Bodger Box 24", "kind": "box", "identity": {"bus": 3, "vendor": 1, "product": 2, "version": 3, "name": "Bodger Box 24", "phys": "usb-1"},
               "controls": [{"code": "BTN_TRIGGER", "label": "Lights", "kind": "button"},
                            {"code": "BTN_THUMB", "label": "Pitot", "kind": "button"}]}],
      "devices": [{"id": "jolly-1", "name": "Jolly 1", "kind": "joystick",
                   "settings": [{"control": "button 17", "label": "landing lights"}]}],
      "strands": [{"id": "s", "name": "Outside lights",
                   "source": {"controller": "box", "control": "BTN_TRIGGER"},
                   "stages": [{"stage": "both ends"}],
                   "ends": [{"outlet": "on", "device": "jolly-1", "control": "button 17",
                             "how": "pulse", "pulse": 60}]}]})");
    expect(
        {"explain", file, "Bodger Box 24", "Lights"}, 0,
        "\"on\" pulses Jolly 1, button 17 (landing lights) for 60 ms when it is pressed, and does "
        "nothing when it is let go.");
    expect({"explain", file, "box", "BTN_TRIGGER"}, 0, "\"off\" leads nowhere.");
    expect({"explain", file, "box", "Pitot"}, 0, "Pitot of Bodger Box 24 does nothing.");
    expect({"explain", file, "Jolly 1", "button 17"}, 0,
           "Outside lights: Lights of Bodger Box 24 through both ends (on and off), outlet \"on\", "
           "pulses");
    expect({"explain", file, "jolly-1", "axis 1"}, 0, "Nothing leads to Jolly 1, X");
    expect({"explain", file, "box", "Nose"}, 2,
           "Bodger Box 24 has no control \"Nose\". Name one of: Lights, Pitot.");
    expect({"explain", file, "Nobody", "x"}, 2,
           "no controller or virtual device \"Nobody\". Name one of: Bodger Box 24, Jolly 1.");
}

TEST(Cli, MapShowsWhatIsTakenByWhatAndTheGamesNumbers)
{
    const auto devices = nlohmann::json::parse(run({"map", kDemo, "--json"}).second);
    ASSERT_EQ(devices.size(), 5U);
    EXPECT_EQ(devices[0]["phys"], "jolly-tangle-1");
    EXPECT_EQ(devices[0]["product"], 0x101);
    const auto& second = devices[0]["controls"][9];
    EXPECT_EQ(second["control"], "button 2");
    EXPECT_EQ(second["sdl"], 1);
    EXPECT_EQ(second["windowsLayer"], 2);
    EXPECT_EQ(second["strands"], nlohmann::json::array({"Mail hatch", "Tow release", "Stage timer",
                                                        "Fog horn", "Outriggers"}));
    expect({"map", kDemo}, 0, "BTN_THUMB               1    1    2    Mail hatch");
    EXPECT_TRUE(devices[0]["notes"].empty());
    EXPECT_THAT(devices[2]["notes"].dump(), testing::HasSubstr("GLFW"));
    expect({"map", kDemo}, 0, "Mind: Games that use GLFW take it for a joystick");
    expect({"map", "/nowhere"}, 2, "is not there");
}

TEST(Cli, PreflightNamesEverythingWithItsCure)
{
    expect({"preflight", kDemo, "--world", kWorld}, 0, "Everything is ready.");
    const auto file = largeTangle();
    auto json = nlohmann::json::parse(std::ifstream(file));
    json["devices"][1]["name"] = "Jolly 1";
    json["devices"][0]["axes"] = 6;
    std::ofstream(file) << json.dump(2);
    const auto [code, text] = run({"preflight", file, "--world", kWorld});
    EXPECT_EQ(code, 1);
    EXPECT_THAT(text, HasSubstr("✕ Jolly 1 has the same name as another virtual device."));
    EXPECT_THAT(text, HasSubstr("Games could not tell the two apart."));
    EXPECT_THAT(text, HasSubstr("has six axes, hats counted twice"));
    const auto list =
        nlohmann::json::parse(run({"preflight", file, "--world", kWorld, "--json"}).second);
    EXPECT_EQ(list[0]["severity"], "error");
    for (const auto& line : list) EXPECT_NE(line["cure"], "");
    expect({"preflight", "/nowhere"}, 2, "is not there");
    expect({"preflight"}, 3, "No engine is running");
}

TEST(Cli, PermitShowsWhatItWouldWriteAndRefusesNonsense)
{
    expect({"permit", "--show"}, 0, "Write /etc/udev/rules.d/70-jolly-tangle.rules");
    expect({"permit", "--show"}, 0, "KERNEL==\"uinput\", SUBSYSTEM==\"misc\", TAG+=\"uaccess\"");
    expect({"permit", "--device", "12ab:0003", "--show"}, 0, "ATTRS{id/product}==\"0003\"");
    expect({"permit", "--device", "pedals", "--show"}, 2, "\"pedals\" is no device.");
    expect({"permit", "--device", "1:", "--show"}, 2, "is no device");
}

TEST(Cli, ALaunchedGameRunsAndItsCodeIsOurs)
{
    const auto launch = [](std::vector<std::string> game) {
        std::vector<std::string> words = {"launch", "--world", kWorld, "--tangle", kDemo, "--"};
        words.insert(words.end(), game.begin(), game.end());
        return run(words);
    };
    EXPECT_EQ(launch({"sh", "-c", "exit 7"}).first, 7);
    EXPECT_THAT(launch({"ls", "/dev", "--hide=tty*"}).second, HasSubstr("null"));
    const auto [code, text] = launch({"/nowhere/game"});
    EXPECT_NE(code, 0);
    EXPECT_THAT(text, HasSubstr("/nowhere/game"));
}

TEST(Cli, AfterALaunchTheEngineIsAsItWasBefore)
{
    auto other = format::readTangle(test::textOf(kDemo)).tangle;
    other.name = "For one game";
    const auto file = temporary("other.tangle", format::writeTangle(other));
    Program engine({kTangle, "run", kDemo, "--world", kWorld, "--idle"});
    ASSERT_TRUE(engine.prints("The engine is idle.")) << engine.text();
    expect({"craft", "Gannet 12"}, 0, "");
    const auto before = run({"status"}).second;
    EXPECT_THAT(before, HasSubstr("craft: gannet"));
    const auto inGame =
        run({"launch", "--tangle", file, "--craft", "Puffling 3", "--", kTangle, "status"});
    EXPECT_EQ(inGame.first, 0);
    EXPECT_THAT(inGame.second, testing::AllOf(HasSubstr("For one game"),
                                              HasSubstr("craft: puffling"), HasSubstr("is live")));
    EXPECT_EQ(run({"status"}).second, before);
    expect({"down", "--quit"}, 0, "");
    EXPECT_EQ(engine.end(), 0);
}

TEST(Cli, AnIdleEngineThatIsToldSoEndsWithItsLastClient)
{
    Program engine({kTangle, "run", kDemo, "--world", kWorld, "--idle", "--with-clients"});
    ASSERT_TRUE(engine.prints("The engine is idle.")) << engine.text();
    expect({"status"}, 0, "idle");
    EXPECT_EQ(engine.end(), 0);
}

TEST(Cli, AFlightGoesOnWithoutClients)
{
    Program engine({kTangle, "run", kDemo, "--world", kWorld, "--with-clients"});
    ASSERT_TRUE(engine.prints("Live.")) << engine.text();
    expect({"status"}, 0, "is live");
    expect({"status"}, 0, "is live");
    EXPECT_TRUE(engine.isRunning());
    expect({"down"}, 0, "");
    static_cast<void>(run({"status"}));  // if it is there still, it ends with this client
    EXPECT_EQ(engine.end(), 0);
}

}  // namespace
}  // namespace jolly
