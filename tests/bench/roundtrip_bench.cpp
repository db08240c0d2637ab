// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "format/tangle_text.h"
#include "linux/event_node.h"
#include "stand_in.h"
#include "support/program.h"

#include <fcntl.h>
#include <linux/uinput.h>
#include <poll.h>
#include <sys/epoll.h>
#include <sys/ioctl.h>
#include <sys/wait.h>

#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <fstream>
#include <thread>

/// The way of one event from a controller through a virtual joystick to a reader, in a real kernel:
/// Jolly Tangle against the smallest loop that reads, writes and does nothing else, and against the
/// smallest one that could serve more than one controller, since it waits with epoll. All in one
/// run, by turns; only their ratios mean anything.
namespace jolly::test
{
namespace
{

using Clock = std::chrono::steady_clock;
constexpr int kRounds = 5;
/// A device that was just opened is nudged within three seconds (linux/open_watch.h): not the
/// steady state.
constexpr auto kSettle = std::chrono::milliseconds(3500);
constexpr int kEventsARound = 1500;
const std::vector<StandIn::Axis> kAxes = {{ABS_X, -32768, 32767}, {ABS_Y, -32768, 32767}};

/// Reads the stand-in and writes to a virtual device of its own, forever.
[[noreturn]] void passThrough(const std::string& from, bool waitsForMany)
{
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
        if (waitsForMany) epoll_wait(epoll, &event, 1, -1);
        const auto size = ::read(in, events, sizeof events);
        if (size <= 0 || ::write(out, events, static_cast<std::size_t>(size)) != size) _exit(1);
    }
}

/// Processor time of a process so far, in nanoseconds (/proc/PID/schedstat).
double cpuOf(pid_t pid)
{
    double nanoseconds = 0;
    std::ifstream("/proc/" + std::to_string(pid) + "/schedstat") >> nanoseconds;
    return nanoseconds;
}

struct Figures {
    std::vector<double> micros;
    double cpuNs = 0;
};

/// Sends events one by one and waits for each at the virtual device.
void measure(StandIn& stick, const std::string& node, pid_t pid, Figures& figures)
{
    const int game = ::open(node.c_str(), O_RDONLY | O_NONBLOCK);
    std::this_thread::sleep_for(kSettle);
    pollfd ready{game, POLLIN, 0};
    input_event events[64];
    while (::read(game, events, sizeof events) > 0) {
    }
    const double cpu = cpuOf(pid);
    for (int i = 0; i < kEventsARound; ++i) {
        const auto start = Clock::now();
        stick.move(ABS_X, (i % 2 == 0 ? 1 : -1) * (1000 + i));
        while (::read(game, events, sizeof events) <= 0) {
            if (poll(&ready, 1, 2000) <= 0) break;
        }
        figures.micros.push_back(
            std::chrono::duration<double, std::micro>(Clock::now() - start).count());
    }
    figures.cpuNs += (cpuOf(pid) - cpu) / kEventsARound / kRounds;
    ::close(game);
}

double median(std::vector<double> values)
{
    std::ranges::nth_element(values,
                             values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2));
    return values[values.size() / 2];
}

std::string writeTangle()
{
    auto tangle = newTangle();
    const auto node = EventNode::open(nodeOf("Bench Stick"), ControllerKind::Stick);
    const auto rig = adopt({(*node)->identity(), (*node)->kind(), (*node)->controls(0)}, tangle);
    const auto id =
        connect(tangle, rig, {EventType::Abs, ABS_X}, {"jolly-1", {ControlKind::Axis, 1}});
    tangle.strands[0].stages = {
        {DeadZone{0, 0, 0, 0}}, {Curve{.points = {{0, 0}, {0.5, 0.4}, {1, 1}}}}, {Invert{}}};
    const std::string file = "/tmp/bench.tangle";
    std::ofstream(file) << format::writeTangle(tangle);
    return file;
}

void measureLoop(StandIn& stick, bool waitsForMany, Figures& figures)
{
    const auto from = nodeOf("Bench Stick");
    const pid_t pid = fork();
    if (pid == 0) passThrough(from, waitsForMany);
    measure(stick, nodeOf("Plain loop"), pid, figures);
    kill(pid, SIGKILL);
    waitpid(pid, nullptr, 0);
}

void measureTangle(StandIn& stick, const std::string& file, Figures& figures)
{
    Program engine({std::string(JOLLY_BUILD_DIR) + "/bin/tangle", "run", file});
    if (!engine.prints("Live.", 20)) std::printf("%s\n", engine.text().c_str());
    const auto node = nodeOf("Jolly 1", 20);
    measure(stick, node, engine.pid(), figures);
    engine.signal(SIGTERM);
    engine.end();
}

}  // namespace
}  // namespace jolly::test

int main()
{
    using namespace jolly::test;
    StandIn stick("Bench Stick", "usb-bench", kAxes, {BTN_TRIGGER, BTN_THUMB});
    const auto file = writeTangle();
    Figures loop;
    Figures many;
    Figures tangle;
    for (int round = 0; round < kRounds; ++round) {
        measureLoop(stick, false, loop);
        measureLoop(stick, true, many);
        measureTangle(stick, file, tangle);
    }
    std::printf("round trip in the guest, %d events each, by turns\n", kRounds * kEventsARound);
    std::printf("%-28s %10s %10s %16s\n", "", "median us", "ratio", "processor us/ev");
    const auto print = [&](const char* name, const Figures& figures) {
        const double micros = median(figures.micros);
        std::printf("%-28s %10.1f %10.2f %16.1f\n", name, micros, micros / median(loop.micros),
                    figures.cpuNs / 1000);
    };
    print("read-write loop", loop);
    print("the same, waiting with epoll", many);
    print("Jolly Tangle, three stages", tangle);
}
