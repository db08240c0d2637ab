// SPDX-License-Identifier: GPL-3.0-or-later
#include "flight.h"

#include <fcntl.h>
#include <sdbus-c++/sdbus-c++.h>
#include <sys/stat.h>

#include <csignal>
#include <numeric>
#include <random>

namespace jolly
{
namespace
{

namespace fs = std::filesystem;
using namespace test;
using testing::HasSubstr;
using testing::Not;

const fs::path kRules = "/run/udev/rules.d/72-jolly-tangle-helper.rules";
const fs::path kClosing = "/run/udev/rules.d/99-jolly-tangle-helper.rules";

/// The files below /dev that games could read the HID stand-in by.
std::vector<std::string> nodesOfStick(const std::string& name)
{
    std::vector<std::string> nodes;
    for (const auto& entry : fs::directory_iterator("/sys/class/input")) {
        std::ifstream in(entry.path() / "device" / "name");
        std::string found;
        std::getline(in, found);
        const auto file = entry.path().filename().string();
        if (found == name && (file.starts_with("event") || file.starts_with("js")))
            nodes.push_back("/dev/input/" + file);
    }
    for (const auto& entry : fs::directory_iterator("/sys/class/hidraw")) {
        std::ifstream in(entry.path() / "device" / "uevent");
        const std::string text{std::istreambuf_iterator<char>(in), {}};
        if (text.find("HID_NAME=" + name + "\n") != std::string::npos)
            nodes.push_back("/dev/" + entry.path().filename().string());
    }
    return nodes;
}

/// Calls the helper as anybody could.
class HelperBus
{
 public:
    [[nodiscard]] std::string keep(const std::vector<int>& fds) const
    {
        std::vector<sdbus::UnixFd> nodes;
        for (const int fd : fds) nodes.emplace_back(fd);
        return said([&] { proxy->callMethod("Keep").onInterface(kHelper).withArguments(nodes); });
    }

    [[nodiscard]] std::string open(const std::string& node) const
    {
        return said([&] {
            sdbus::UnixFd fd;
            proxy->callMethod("Open").onInterface(kHelper).withArguments(node).storeResultsTo(fd);
        });
    }

 private:
    template <class Call>
    static std::string said(Call&& call)
    {
        try {
            call();
            return "done";
        } catch (const sdbus::Error& error) {
            return error.getName() + ": " + error.getMessage();
        }
    }

    static constexpr const char* kHelper = "org.jollytangle.Helper1";
    std::unique_ptr<sdbus::IProxy> proxy = sdbus::createProxy(
        sdbus::createSystemBusConnection(), "org.jollytangle.Helper", "/org/jollytangle/Helper");
};

/// The event node of the stick in this port.
std::string nodeAt(const std::string& phys)
{
    for (const auto& node : nodesOfStick("Lone Stick")) {
        const auto name = fs::path(node).filename().string();
        std::ifstream in("/sys/class/input/" + name + "/device/phys");
        std::string found;
        std::getline(in, found);
        if (found == phys && name.starts_with("event")) return node;
    }
    return "";
}

/// Controllers that an engine of an unprivileged person keeps alone. What is asked of that person's
/// programs is whether they can open a file, so nothing here depends on how it was closed.
class HelperFlight : public PilotFlight
{
 protected:
    static void SetUpTestSuite()
    {
        std::ofstream("/etc/udev/rules.d/70-test-hidraw.rules")
            << "SUBSYSTEM==\"hidraw\", TAG+=\"uaccess\"\n";
        Program({"udevadm", "control", "--reload"}).end();
    }

    void SetUp() override
    {
        PilotFlight::SetUp();
        plug();
    }

    void TearDown() override
    {
        Flight::TearDown();
        EXPECT_TRUE(turns(readable)) << "everything is given back: " << whatPilotReads();
        EXPECT_FALSE(fs::exists(kRules));
    }

    void plug()
    {
        stick = std::make_unique<HidStandIn>("Lone Stick");
        for (int i = 0; i < 200 && nodesOfStick("Lone Stick").size() < 3; ++i) pause(0.05);
        ASSERT_EQ(nodesOfStick("Lone Stick").size(), 3U) << "event, js and hidraw";
        readable = "event js hidraw ";
        closed = "";
    }

    /// The kinds of the stick's files that the person can open.
    static std::string whatPilotReads()
    {
        std::string script;
        for (const auto& node : nodesOfStick("Lone Stick")) {
            const auto name = fs::path(node).filename().string();
            script += "true < " + node + " && echo " +
                      name.substr(0, name.find_first_of("0123456789")) + "; ";
        }
        const auto said = pilotsShell("{ " + script + "} 2>/dev/null");
        std::string kinds;
        for (const std::string kind : {"event", "js", "hidraw"}) {
            if (said.find(kind + "\n") != std::string::npos) kinds += kind + " ";
        }
        return kinds;
    }

    static bool turns(const std::string& kinds)
    {
        for (int i = 0; i < 400; ++i) {
            if (whatPilotReads() == kinds) return true;
            pause(0.25);
        }
        return false;
    }

    void flyAlone(const std::vector<std::string>& person = asPilot({}))
    {
        ASSERT_TRUE(turns(readable)) << "else the test shows nothing: " << whatPilotReads();
        auto tangle = straightTangle("Lone Stick");
        tangle.rig[0].hiding = Hiding::OursAlone;
        auto words = person;
        for (const auto& word : {kPrograms + "tangle", std::string("run"), write(tangle)})
            words.push_back(word);
        engine = std::make_unique<Program>(words);
        ASSERT_TRUE(engine->prints("Live.")) << engine->text();
    }

    /// Moves the first axis until a game sees it.
    bool isHeard(Program& game)
    {
        for (int i = 1; i < 40; ++i) {
            stick->report({i * 500}, 0, {});
            if (game.prints("axis 0 " + std::to_string(i * 500), 0.3)) return true;
        }
        return false;
    }

    std::unique_ptr<HidStandIn> stick;
    std::string readable;
    std::string closed;
};

TEST_F(HelperFlight, NobodyElseListsOrOpensItAndWeReadOn)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << pilotsShell(kPrograms + "tangle preflight");
    Program game(asPilot({reader}));
    EXPECT_TRUE(game.prints("Jolly 1: 8 axes")) << game.text();
    EXPECT_THAT(game.text(), HasSubstr("started with 1\n"));
    EXPECT_TRUE(isHeard(game)) << game.text();
    EXPECT_THAT(pilotsShell("for n in /dev/input/js*; do timeout 2 jstest --event $n; done 2>&1"),
                testing::AllOf(HasSubstr("(Jolly 1) has"), Not(HasSubstr("Lone Stick"))));
    EXPECT_THAT(pilotsShell(kPrograms + "tangle games"), HasSubstr("idden"));
}

TEST_F(HelperFlight, PluggedInAgainItIsOursFromTheFirstMoment)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    Program game(asPilot({reader}));
    ASSERT_TRUE(game.prints("Jolly 1: 8 axes")) << game.text();
    stick.reset();
    for (int i = 0; i < 100 && isThere("Lone Stick"); ++i) pause(0.05);
    plug();
    EXPECT_TRUE(isHeard(game)) << "the helper opened it for us";
    EXPECT_EQ(whatPilotReads(), closed);
    EXPECT_THAT(game.text(), Not(HasSubstr("Lone Stick")));
}

TEST_F(HelperFlight, AKilledEngineGivesEverythingBack)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    engine->signal(SIGKILL);
    EXPECT_TRUE(turns(readable)) << whatPilotReads();
}

TEST_F(HelperFlight, AKilledHelperGivesEverythingBackAndTheEngineSaysSo)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    ASSERT_EQ(Program({"pkill", "-KILL", "-f", "libexec/jolly-tangle-helper"}).end(), 0)
        << "both of its processes at once";
    EXPECT_TRUE(turns(readable)) << whatPilotReads();
    EXPECT_THAT(pilotsShell(kPrograms + "tangle preflight"), HasSubstr("The helper ended"));
    Program game(asPilot({reader}));
    EXPECT_TRUE(game.prints("Jolly 1: 8 axes")) << game.text();
    EXPECT_TRUE(isHeard(game)) << "it is still held";
}

TEST_F(HelperFlight, WithOneOfItsProcessesKilledTheOtherGivesEverythingBack)
{
    for (const std::string which : {"-n", "-o"}) {
        flyAlone();
        ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
        ASSERT_EQ(Program({"pkill", "-KILL", which, "-f", "libexec/jolly-tangle-helper"}).end(), 0);
        EXPECT_TRUE(turns(readable)) << which << ": " << whatPilotReads();
        Flight::TearDown();
    }
}

/// Killed after it took back the rule that marks, before it opened the files that are marked.
TEST_F(HelperFlight, KilledWhileItGivesBackTheNextOneEndsThat)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    const fs::path kept = "/run/jolly-kept-rules";
    fs::create_directory(kept);
    for (const auto& file : {kRules, kClosing}) fs::copy(file, kept / file.filename());
    Flight::TearDown();
    ASSERT_TRUE(turns(readable)) << whatPilotReads();
    Program({"pkill", "-KILL", "-f", "libexec/jolly-tangle-helper"}).end();  // it keeps nothing now
    for (const auto& file : {kRules, kClosing}) fs::copy(kept / file.filename(), file);
    fs::remove_all(kept);
    const auto udev = [](std::vector<std::string> words) {
        words.insert(words.begin(), "udevadm");
        EXPECT_EQ(Program(words).end(), 0);
    };
    udev({"control", "--reload"});
    udev({"trigger", "--settle", "--action=change", "--subsystem-match=input",
          "--subsystem-match=hidraw"});
    ASSERT_TRUE(turns(closed)) << whatPilotReads();
    fs::remove(kRules);
    EXPECT_EQ(whatPilotReads(), closed) << "as the killed one left it";
    EXPECT_THAT(HelperBus().open(nodeAt("usb-test-1/input0")), HasSubstr("is not kept for you"))
        << "whoever asks starts the next one";
    EXPECT_TRUE(turns(readable)) << whatPilotReads();
    EXPECT_FALSE(fs::exists(kClosing));
}

TEST_F(HelperFlight, ATwinThatTellsTheSameSerialNumberStaysOpen)
{
    const HidStandIn twin("Lone Stick", HidStandIn::Parts::Stick, "HID-7", "usb-test-9/input0");
    for (int i = 0; i < 200 && nodesOfStick("Lone Stick").size() < 6; ++i) pause(0.05);
    const auto all = nodesOfStick("Lone Stick");
    ASSERT_EQ(all.size(), 6U);
    ASSERT_TRUE(turns(readable)) << whatPilotReads();
    const UniqueFd first(::open(nodeAt("usb-test-1/input0").c_str(), O_RDONLY | O_CLOEXEC));
    ASSERT_TRUE(first.isOpen());
    const HelperBus helper;
    ASSERT_EQ(helper.keep({first.get()}), "done");
    const auto isReadable = [](const std::string& node) {
        return pilotsShell("true < " + node + " && echo open").find("open\n") != std::string::npos;
    };
    EXPECT_FALSE(isReadable(nodeAt("usb-test-1/input0")));
    EXPECT_TRUE(isReadable(nodeAt("usb-test-9/input0")));
    EXPECT_EQ(helper.open(nodeAt("usb-test-1/input0")), "done");
    EXPECT_THAT(helper.open(nodeAt("usb-test-9/input0")), HasSubstr("is not kept for you"));
    EXPECT_EQ(helper.keep({}), "done");
}

TEST_F(HelperFlight, WhoIsNotAtTheScreenIsRefusedAndHoldsIt)
{
    flyAlone({});  // root's engine, but the bus is asked as a stranger below
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    Program stranger({"setpriv", "--reuid=1001", "--regid=1001", "--clear-groups", "dbus-send",
                      "--system", "--print-reply", "--reply-timeout=120000",
                      "--dest=org.jollytangle.Helper", "/org/jollytangle/Helper",
                      "org.jollytangle.Helper1.Open",
                      "string:" + nodesOfStick("Lone Stick").front()});
    EXPECT_NE(stranger.end(), 0);
    EXPECT_THAT(stranger.text(), HasSubstr("org.jollytangle.Error.NotAllowed"));
    EXPECT_THAT(stranger.text(), HasSubstr("You may not keep a controller alone."));
    EXPECT_EQ(whatPilotReads(), closed);
}

TEST_F(HelperFlight, TheHelperEndsWhenNobodyNeedsIt)
{
    flyAlone();
    ASSERT_TRUE(turns(closed)) << whatPilotReads() << engine->text();
    const std::vector<std::string> isThere = {"pgrep", "-f", "libexec/jolly-tangle-helper"};
    pause(25);
    EXPECT_EQ(Program(isThere).end(), 0) << "it is needed";
    Flight::TearDown();
    for (int i = 0; i < 200 && Program(isThere).end() == 0; ++i) pause(0.5);
    EXPECT_NE(Program(isThere).end(), 0);
}

/// A stick, and whoever calls the helper.
class HelperCalls : public HelperFlight, protected HelperBus
{
};

TEST_F(HelperCalls, WhatIsNoControllerIsRefusedAndStaysOpen)
{
    const StandIn virtualStick("Made Stick", "usb-made", kTwoAxes, kFourButtons);
    std::vector<int> keys(31);
    std::iota(keys.begin(), keys.end(), 1);
    const StandIn keyboard("Test Keyboard", "usb-keys", {}, keys);
    const auto openFile = [](const std::string& path, int flags = O_RDONLY) {
        return UniqueFd(::open(path.c_str(), flags | O_CLOEXEC | O_NONBLOCK));
    };
    const auto node = nodesOfStick("Lone Stick");
    EXPECT_THAT(keep({openFile(nodeOf("Made Stick")).get()}), HasSubstr("no real stick"));
    EXPECT_THAT(keep({openFile(nodeOf("Test Keyboard")).get()}), HasSubstr("no real stick"));
    const auto nothing = "Unreadable: That is no controller's event node.";
    for (const std::string file : {"/dev/null", "/etc/passwd", "/dev/input", "/proc/self/status"})
        EXPECT_THAT(keep({openFile(file).get()}), HasSubstr(nothing)) << file;
    EXPECT_THAT(keep({openFile(nodeOf("Lone Stick"), O_PATH).get()}), HasSubstr(nothing))
        << "a name of a file is no permission to read it";
    EXPECT_THAT(keep({openFile(nodeOf("Lone Stick"), O_WRONLY).get()}), HasSubstr(nothing));
    int pipe[2] = {};
    ASSERT_EQ(::pipe2(pipe, O_CLOEXEC), 0);
    EXPECT_THAT(keep({UniqueFd(pipe[0]).get(), UniqueFd(pipe[1]).get()}), HasSubstr(nothing));
    const auto stickFd = openFile(nodeOf("Lone Stick"));
    EXPECT_THAT(keep({stickFd.get(), openFile("/dev/null").get()}), HasSubstr(nothing));
    EXPECT_TRUE(turns(readable)) << "one refused, none kept";
}

TEST_F(HelperCalls, AnyArgumentsAreRefusedByASentence)
{
    const auto stickNode = nodeOf("Lone Stick");
    const UniqueFd fd(::open(stickNode.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
    ASSERT_EQ(keep({fd.get()}), "done");
    ASSERT_TRUE(turns(closed));
    EXPECT_EQ(open(stickNode), "done");
    const std::vector<std::string> kHostile = {"",
                                               "/",
                                               "/dev/input/event",
                                               "/dev/input/event0/../../../etc/shadow",
                                               "/etc/shadow",
                                               "/dev/input/event99999999999999999999",
                                               "/dev/input/event-1",
                                               "/dev/input/event1 ",
                                               "event0",
                                               "/dev/input/js0",
                                               "/dev/hidraw0",
                                               "/dev/input/event0\n",
                                               "/dev/input/event%n",
                                               std::string(100'000, 'A'),
                                               "/dev/input/by-id/x",
                                               "$(reboot)",
                                               "/dev/input/event1;id"};
    for (const auto& node : kHostile)
        EXPECT_THAT(open(node), HasSubstr("jollytangle.Error")) << node;
    std::mt19937 random(7);
    const std::string letters = "/devinputt0123456789.\\\"'*?[]{}$;\n\t \x7f";
    for (int i = 0; i < 200; ++i) {
        std::string node = i % 2 == 0 ? "/dev/input/event" : "";
        for (auto length = random() % 40; length > 0; --length)
            node += letters[random() % letters.size()];
        if (node == stickNode) continue;
        EXPECT_THAT(open(node), HasSubstr("jollytangle.Error")) << node;
    }
    EXPECT_EQ(whatPilotReads(), closed) << "and nothing changed";
    EXPECT_EQ(keep({}), "done");
    EXPECT_TRUE(turns(readable));
    EXPECT_THAT(open(stickNode), HasSubstr("is not kept for you"));
}

}  // namespace
}  // namespace jolly
