// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "crowd.h"
#include "format/tangle_text.h"
#include "linux/event_node.h"
#include "stand_in.h"
#include "step_count.h"
#include "support/program.h"

#include <fcntl.h>
#include <linux/uinput.h>
#include <sched.h>
#include <sys/epoll.h>
#include <sys/inotify.h>
#include <sys/ioctl.h>
#include <sys/wait.h>

#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <fstream>
#include <functional>
#include <thread>

/// The way of one event from a controller through a virtual joystick to a reader, in a real kernel:
/// Jolly Tangle against the smallest loop that waits with epoll, reads, writes and does nothing
/// else. Made for a guest whose clock counts instructions (JOLLY_GUEST_COUNTED): there one
/// nanosecond is one instruction, the kernel's included, and the figures are the same each time.
///
/// Something in /dev is watched with inotify meanwhile, as udev watches the disks of every desktop:
/// from then on the kernel looks for watchers at each read and write there, whoever makes it. Else
/// the loop would be spared what ours pays for its own watch of who opens a virtual device.
namespace jolly::test
{
namespace
{

using Clock = std::chrono::steady_clock;
/// A device that was just opened is nudged within three seconds (linux/open_watch.h): not the
/// steady state.
constexpr auto kSettle = std::chrono::milliseconds(3500);
constexpr int kRounds = 2;
constexpr int kEventsARound = 1000;
constexpr int kStepped = 9;
constexpr std::size_t kOthers = 2000;
const std::vector<StandIn::Axis> kAxes = {{ABS_X, -32768, 32767}, {ABS_Y, -32768, 32767}};

/// Reads the stand-in and writes to a virtual device of its own, forever.
[[noreturn]] void passThrough(const std::string& from, bool comesFirst)
{
    const sched_param first{.sched_priority = 1};
    if (comesFirst) sched_setscheduler(0, SCHED_FIFO, &first);
    const int in = ::open(from.c_str(), O_RDONLY);
    ioctl(in, EVIOCGRAB, 1);
    const int out = ::open("/dev/uinput", O_RDWR);
    ioctl(out, UI_SET_EVBIT, EV_KEY);
    ioctl(out, UI_SET_EVBIT, EV_ABS);
    ioctl(out, UI_SET_KEYBIT, BTN_TRIGGER);
    for (const auto& axis : kAxes) {
        uinput_abs_setup setup{};
        setup.code = static_cast<__u16>(axis.code);
        setup.absinfo.minimum = axis.low;
        setup.absinfo.maximum = axis.high;
        ioctl(out, UI_ABS_SETUP, &setup);
    }
    uinput_setup setup{};
    setup.id = {BUS_VIRTUAL, 0x6a74, 0x0fff, 1};
    std::snprintf(setup.name, sizeof setup.name, "Plain loop");
    ioctl(out, UI_DEV_SETUP, &setup);
    ioctl(out, UI_DEV_CREATE);
    const int epoll = epoll_create1(0);
    epoll_event event{.events = EPOLLIN, .data = {}};
    epoll_ctl(epoll, EPOLL_CTL_ADD, in, &event);
    input_event events[64];
    while (true) {
        epoll_wait(epoll, &event, 1, -1);
        const auto size = ::read(in, events, sizeof events);
        if (size <= 0 || ::write(out, events, static_cast<std::size_t>(size)) != size) _exit(1);
    }
}

/// Sends events one by one and waits for each at the virtual device, again and again.
class Measure
{
 public:
    Measure(StandIn& stick, const std::string& node, bool movesButton)
        : m_stick(stick), m_game(::open(node.c_str(), O_RDONLY)), m_movesButton(movesButton)
    {
        std::this_thread::sleep_for(kSettle);
        fcntl(m_game, F_SETFL, O_NONBLOCK);
        while (readOnce()) {
        }
        fcntl(m_game, F_SETFL, 0);
    }
    Measure(const Measure&) = delete;
    Measure& operator=(const Measure&) = delete;
    ~Measure() { ::close(m_game); }

    void run(std::vector<double>& micros)
    {
        for (int i = 0; i < kEventsARound; ++i) {
            const auto start = Clock::now();
            move();
            readOnce();
            const std::chrono::duration<double, std::micro> length = Clock::now() - start;
            micros.push_back(length.count());
        }
    }

    void move()
    {
        ++m_moves;
        if (m_movesButton) {
            m_stick.send(EV_KEY, BTN_TRIGGER, m_moves % 2);
        } else {
            m_stick.move(ABS_X, (m_moves % 2 == 0 ? 1 : -1) * (1000 + m_moves));
        }
    }

 private:
    bool readOnce()
    {
        input_event events[64];
        return ::read(m_game, events, sizeof events) > 0;
    }

    StandIn& m_stick;
    int m_game;
    bool m_movesButton;
    int m_moves = 0;
};

struct Figures {
    const char* name;
    bool movesButton = false;
    std::vector<double> micros{};
    long instructions = 0;

    [[nodiscard]] double median() const
    {
        auto sorted = micros;
        std::ranges::sort(sorted);
        return sorted.empty() ? 0.0 : sorted[sorted.size() / 2];
    }
};

void measure(StandIn& stick, const std::string& node, pid_t pid, Figures& figures)
{
    Measure measure(stick, node, figures.movesButton);
    measure.run(figures.micros);
    if (figures.instructions == 0)  // slow, and the same each time
        figures.instructions = instructionsAnEvent(pid, kStepped, [&] { measure.move(); });
}

void measureLoop(StandIn& stick, bool comesFirst, Figures& figures)
{
    const auto from = nodeOf("Bench Stick");
    const pid_t pid = fork();
    if (pid == 0) passThrough(from, comesFirst);
    measure(stick, nodeOf("Plain loop", 60), pid, figures);
    kill(pid, SIGKILL);
    waitpid(pid, nullptr, 0);
}

void measureTangle(StandIn& stick, const std::string& file, bool comesFirst, Figures& figures)
{
    std::vector<std::string> words = {std::string(JOLLY_BUILD_DIR) + "/bin/tangle", "run", file};
    if (!comesFirst) words.insert(words.begin(), {"setpriv", "--bounding-set=-sys_nice"});
    Program engine(words);
    if (!engine.prints("Live.", 60)) std::printf("%s\n", engine.text().c_str());
    measure(stick, nodeOf("Jolly 1", 60), engine.pid(), figures);
    engine.signal(SIGTERM);
    engine.end();
}

/// The measured strand on X with `stages`, and `others` on the buttons of a controller that is
/// away.
std::string writeTangle(const std::string& name, std::vector<Stage> stages, std::size_t others)
{
    auto tangle = newTangle();
    const auto node = EventNode::open(nodeOf("Bench Stick"), ControllerKind::Stick);
    const auto rig = adopt({(*node)->identity(), (*node)->kind(), (*node)->controls(0)}, tangle);
    const auto id =
        connect(tangle, rig, {EventType::Abs, ABS_X}, {"jolly-1", {ControlKind::Axis, 1}});
    tangle.strands[0].stages = std::move(stages);
    addCrowd(tangle, others);
    const auto file = "/tmp/" + name + ".tangle";
    std::ofstream(file) << format::writeTangle(tangle);
    return file;
}

/// What one event costs the program in tangles of other shapes: the button, one axis to eight, and
/// one of sixteen devices.
std::string writeShape(const std::string& name, const std::function<void(Tangle&, Strand&)>& change)
{
    auto tangle = newTangle();
    const auto node = EventNode::open(nodeOf("Bench Stick"), ControllerKind::Stick);
    const auto rig = adopt({(*node)->identity(), (*node)->kind(), (*node)->controls(0)}, tangle);
    static_cast<void>(
        connect(tangle, rig, {EventType::Abs, ABS_X}, {"jolly-1", {ControlKind::Axis, 1}}));
    change(tangle, tangle.strands[0]);
    const auto file = "/tmp/" + name + ".tangle";
    std::ofstream(file) << format::writeTangle(tangle);
    return file;
}

void leadButton(Tangle&, Strand& strand)
{
    strand.source.control.code = BTN_TRIGGER;
    strand.source.control.type = EventType::Key;
    targetOf(strand.ends[0])->control = {ControlKind::Button, 1};
}

void leadToEight(Tangle&, Strand& strand)
{
    for (std::uint16_t n = 2; n <= 8; ++n)
        strand.ends.push_back({{}, Target{"jolly-1", {ControlKind::Axis, n}}});
}

void addFifteenDevices(Tangle& tangle, Strand&)
{
    for (int i = 2; i <= 16; ++i) {
        auto device = tangle.devices.front();
        device.id = "jolly-" + std::to_string(i);
        device.name = "Jolly " + std::to_string(i);
        device.number = static_cast<std::uint16_t>(i);
        tangle.devices.push_back(device);
    }
}

void print(const Figures& figures, const Figures& against)
{
    std::printf("%-42s %10.1f %8.3f %14ld\n", figures.name, figures.median(),
                figures.median() / against.median(), figures.instructions);
}

}  // namespace
}  // namespace jolly::test

int main()
{
    using namespace jolly;
    using namespace jolly::test;
    const int watch = inotify_init1(IN_CLOEXEC);
    if (inotify_add_watch(watch, "/dev/null", IN_CLOSE_WRITE) < 0) return 1;
    StandIn stick("Bench Stick", "usb-bench", kAxes, {BTN_TRIGGER, BTN_THUMB});
    const std::vector<Stage> three = {
        {DeadZone{0, 0, 0, 0}}, {Curve{.points = {{0, 0}, {0.5, 0.4}, {1, 1}}}}, {Invert{}}};
    const auto none = writeTangle("none", {}, 0);
    const auto staged = writeTangle("three", three, 0);
    const auto crowded = writeTangle("crowded", three, kOthers);
    const auto button = writeShape("button", leadButton);
    const auto toEight = writeShape("eight", leadToEight);
    const auto sixteen = writeShape("sixteen", addFifteenDevices);
    Figures loop{"epoll loop"};
    Figures first{"epoll loop, realtime"};
    Figures plain{"Jolly Tangle, no stage"};
    Figures plainFirst{"the same, realtime"};
    Figures shaped{"three stages, realtime"};
    Figures many{"and 2,000 other strands, realtime"};
    Figures pressed{"a button, realtime", true};
    Figures spread{"one axis to eight, realtime"};
    Figures fleet{"one of sixteen devices, realtime"};
    for (int round = 0; round < kRounds; ++round) {
        measureLoop(stick, false, loop);
        measureLoop(stick, true, first);
        measureTangle(stick, none, false, plain);
        measureTangle(stick, none, true, plainFirst);
        measureTangle(stick, staged, true, shaped);
        measureTangle(stick, crowded, true, many);
        measureTangle(stick, button, true, pressed);
        measureTangle(stick, toEight, true, spread);
        measureTangle(stick, sixteen, true, fleet);
    }
    std::printf("round trip in the guest, %d events each, by turns\n", kRounds * kEventsARound);
    std::printf("%-42s %10s %8s %14s\n", "", "median us", "ratio", "instructions");
    for (const auto* figures : {&loop, &plain}) print(*figures, loop);
    for (const auto* figures : {&first, &plainFirst, &shaped, &many, &pressed, &spread, &fleet})
        print(*figures, first);
    std::printf("instructions: of the program alone, for one event; see docs/testing.md\n");
}
