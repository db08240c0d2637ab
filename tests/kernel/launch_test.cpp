// SPDX-License-Identifier: GPL-3.0-or-later
#include "flight.h"

#include <csignal>
#include <filesystem>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::Not;

/// A game that a person without privileges starts by "tangle launch".
class LaunchFlight : public PilotFlight
{
 protected:
    void TearDown() override { awaitEnd(); }

    /// Whatever became of the launch: the virtual devices go.
    static void awaitEnd()
    {
        for (int i = 0; i < 250 && isThere("Jolly 1"); ++i) pause(0.04);
        EXPECT_FALSE(isThere("Jolly 1"));
    }

    std::unique_ptr<Program> launch(const std::vector<std::string>& game,
                                    const std::vector<std::string>& options = {})
    {
        std::vector<std::string> words = {kPrograms + "tangle", "launch", "--tangle",
                                          write(straightTangle("Test Stick"))};
        words.insert(words.end(), options.begin(), options.end());
        words.push_back("--");
        words.insert(words.end(), game.begin(), game.end());
        return std::make_unique<Program>(asPilot(words));
    }

    StandIn stick{"Test Stick", "usb-a", kTwoAxes, kFourButtons};
    HidStandIn other{"Other Stick"};
};

TEST_F(LaunchFlight, ListsTheVirtualDevicesAloneAndHearsThem)
{
    Program plain(asPilot({reader}));
    ASSERT_TRUE(plain.prints("Test Stick: 2 axes")) << "else the test shows nothing";
    ASSERT_TRUE(plain.prints("Other Stick: 8 axes")) << plain.text();
    const auto game = launch({reader});
    ASSERT_TRUE(game->prints("Jolly 1: 8 axes, 32 buttons")) << game->text();
    EXPECT_THAT(game->text(), HasSubstr("started with 1\n"));
    pause(0.5);
    stick.press(BTN_THUMB2);
    EXPECT_TRUE(game->prints("button 2 down")) << game->text();
    const StandIn lateStick("Late Stick", "usb-late", kTwoAxes, kFourButtons);
    EXPECT_TRUE(plain.prints("Late Stick: 2 axes")) << plain.text();
    EXPECT_THAT(game->text(), Not(HasSubstr(" Stick: ")));
    EXPECT_TRUE(plain.prints("Jolly 1: 8 axes")) << "others go on seeing everything";
}

TEST_F(LaunchFlight, VirtualDevicesThatComeAndGoLaterAreSeen)
{
    const auto game = launch({reader});
    ASSERT_TRUE(game->prints("Jolly 1: 8 axes")) << game->text();
    {
        const StandIn late("Late Jolly", std::string(kOurPhys) + "77", kTwoAxes, kFourButtons);
        EXPECT_TRUE(game->prints("Late Jolly: 2 axes")) << game->text();
    }
    EXPECT_TRUE(game->prints("removed")) << game->text();
}

TEST_F(LaunchFlight, TheRoomHoldsNoOtherNodeAndJstestAgrees)
{
    const auto game = launch(
        {"sh", "-c",
         "for n in /dev/input/*; do cat /sys/class/input/${n##*/}/device/name; done; echo; "
         "ls /dev | grep -c hidraw; timeout 2 jstest --event $(ls /dev/input/js*); echo over"});
    ASSERT_TRUE(game->prints("over")) << game->text();
    EXPECT_THAT(game->text(), HasSubstr("Jolly 1\nJolly 1\n\n0\n")) << "an event and a js node";
    EXPECT_THAT(game->text(), HasSubstr("(Jolly 1) has 10 axes"));
    EXPECT_THAT(game->text(), Not(HasSubstr("Stick")));
}

TEST_F(LaunchFlight, EndsWithTheGamesCodeAndTheFlightWithIt)
{
    const auto game = launch({"sh", "-c", "exit 7"});
    EXPECT_EQ(game->end(), 7) << game->text();
    awaitEnd();
}

TEST_F(LaunchFlight, LastsAsLongAsAnythingOfTheGameDoes)
{
    const auto game = launch({"sh", "-c", "(sleep 4; echo the second ends) & echo begun; exit 7"});
    ASSERT_TRUE(game->prints("begun")) << game->text();
    pause(2.0);
    EXPECT_TRUE(isThere("Jolly 1")) << "what the script started goes on";
    EXPECT_TRUE(game->prints("the second ends")) << game->text();
    EXPECT_EQ(game->end(), 7) << "the code of what was launched";
}

TEST_F(LaunchFlight, AGameThatIsAskedToEndMayTakeItsTime)
{
    const auto game =
        launch({"sh", "-c",
                "trap 'sleep 2; ls /dev/input; echo is saved; exit 5' TERM; echo flying; "
                "while :; do sleep 0.1; done"});
    ASSERT_TRUE(game->prints("flying")) << game->text();
    game->signal(SIGTERM);
    EXPECT_TRUE(game->prints("is saved")) << game->text();
    EXPECT_THAT(game->text(), HasSubstr("event")) << "its devices are still there";
    EXPECT_EQ(game->end(), 5);
}

TEST_F(LaunchFlight, AGameThatIsNotThereIsSaid)
{
    const auto game = launch({"no-such-game"});
    EXPECT_EQ(game->end(), 127);
    EXPECT_THAT(game->text(), HasSubstr("no-such-game could not be started. Check its name."));
}

/// However the launch ends.
class EndedLaunchFlight : public LaunchFlight, public testing::WithParamInterface<int>
{
};

TEST_P(EndedLaunchFlight, TakesAllOfTheGameWithItAndLeavesNothing)
{
    const auto game = launch({"sh", "-c", "sleep 97 & setsid sleep 97 & echo flying; wait"});
    ASSERT_TRUE(game->prints("flying")) << game->text();
    EXPECT_TRUE(isThere("Jolly 1"));
    Program running(
        {"sh", "-c", "until [ \"$(pgrep -c -x sleep)\" = 2 ]; do :; done; echo both are there"});
    EXPECT_TRUE(running.prints("both are there")) << running.text();
    game->signal(GetParam());
    awaitEnd();
    Program left({"sh", "-c",
                  "for i in $(seq 300); do pgrep -x sleep >/dev/null || break; :; done; "
                  "pgrep -x sleep || echo none"});
    EXPECT_TRUE(left.prints("none")) << left.text();
    Program rooms({"sh", "-c",
                   "for i in $(seq 300); do [ -z \"$(find /tmp -maxdepth 2 -name "
                   "'jolly-tangle-room-*')\" ] && echo no room is left && exit; sleep 0.2; done"});
    EXPECT_TRUE(rooms.prints("no room is left")) << rooms.text();
}

INSTANTIATE_TEST_SUITE_P(Signals, EndedLaunchFlight,
                         testing::Values(SIGKILL, SIGTERM, SIGINT, SIGHUP));

TEST_F(LaunchFlight, AnUnknownCraftIsSaidAndNothingStarts)
{
    const auto game = launch({"echo", "it started"}, {"--craft", "Gull 9"});
    EXPECT_EQ(game->end(), 3);
    EXPECT_THAT(game->text(), HasSubstr("has no craft \"Gull 9\". Name one of: everywhere."));
    EXPECT_THAT(game->text(), Not(HasSubstr("it started")));
}

}  // namespace
}  // namespace jolly
