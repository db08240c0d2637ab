// SPDX-License-Identifier: GPL-3.0-or-later
#include "crowd.h"
#include "engine/engine.h"
#include "engine/live_memory.h"
#include "quiet_world.h"
#include "support/allocation_guard.h"
#include "support/small_tangle.h"

#include <array>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <string>

/// Nanoseconds and allocations of one event through the engine in a world that costs next to
/// nothing, for tangles of several kinds. With arguments: tells the kinds by name, or runs so many
/// events of one of them and says nothing, for callgrind. Usage: event_bench [cases | CASE EVENTS]
namespace jolly
{
namespace
{

using namespace test;

constexpr int kEvents = 50'000;

/// A virtual device like the small tangle's.
std::string addDevice(Tangle& tangle)
{
    auto device = tangle.devices.front();
    device.id = "jolly-" + std::to_string(tangle.devices.size() + 1);
    device.name = "Jolly " + std::to_string(tangle.devices.size() + 1);
    tangle.devices.push_back(device);
    return device.id;
}

Tangle oneButton()
{
    auto tangle = smallTangle();
    addStrand(tangle, kTrigger, button(1));
    return tangle;
}

Tangle oneAxis()
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1));
    return tangle;
}

/// One strand with three stages on X, and `others` on the buttons of a second controller.
Tangle threeStages(std::size_t others)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}, {Invert{}}});
    addCrowd(tangle, others);
    return tangle;
}

/// The same with other meanings of X in eleven more layers, for 39 more craft.
Tangle threeStagesInLayers()
{
    auto tangle = threeStages(0);
    for (int l = 1; l < 12; ++l) {
        tangle.layers.push_back({.id = "layer-" + std::to_string(l), .name = std::to_string(l)});
        addStrand(tangle, kX, axis(2)).layer = tangle.layers.back().id;
    }
    for (int c = 1; c < 40; ++c) {
        const auto id = "craft-" + std::to_string(c);
        tangle.craft.push_back({id, id, std::string(kEverywhere)});
        addStrand(tangle, kX, axis(2)).craft = id;
    }
    return tangle;
}

/// One axis that moves eight of one device.
Tangle oneToEight()
{
    auto tangle = smallTangle();
    tangle.devices.front().axes = 8;
    auto& strand = addStrand(tangle, kX, axis(1));
    for (std::uint16_t n = 2; n <= 8; ++n) strand.ends.push_back({{}, Target{"jolly", axis(n)}});
    return tangle;
}

/// One axis that moves one of sixteen devices.
Tangle sixteenDevices()
{
    auto tangle = oneAxis();
    for (int i = 1; i < 16; ++i) addDevice(tangle);
    return tangle;
}

struct Case {
    const char* name;
    Tangle (*make)();
    bool isButton = false;
};

constexpr std::array kCases = {
    Case{"one button", oneButton, true},
    Case{"one axis", oneAxis},
    Case{"three stages", [] { return threeStages(0); }},
    Case{"and 10,000 other strands", [] { return threeStages(9'999); }},
    Case{"in 12 layers for 40 craft", threeStagesInLayers},
    Case{"one axis to eight", oneToEight},
    Case{"one of sixteen devices", sixteenDevices},
};

/// An engine that is live.
class Bench
{
 public:
    explicit Bench(const Case& which)
        : m_live(std::move(*LiveMemory::make())), m_engine(m_world, m_live.block(), m_board)
    {
        const auto tangle = which.make();
        m_engine.take(std::make_unique<WovenTangle>(tangle));
        m_world.plug(describe(tangle.rig[0]));
        m_engine.step(m_world.now());
        if (!m_engine.goLive()) std::abort();
        const auto& controls = tangle.rig[0].controls;
        const auto moved = which.isButton ? kTrigger : kX;
        for (std::uint16_t i = 0; i < controls.size(); ++i) {
            if (controls[i].code == moved) m_control = i;
        }
        m_isButton = which.isButton;
    }

    void run(int events)
    {
        for (int i = 0; i < events; ++i) {
            m_world.move({m_control, false, m_isButton ? i % 2 : (i * 37) % 1000 + 1});
            m_engine.step(Time::max());
        }
    }

    [[nodiscard]] bool hasWritten() const { return m_world.writes() > 0; }

 private:
    QuietWorld m_world;
    LiveMemory m_live;
    StatusBoard m_board;
    Engine m_engine;
    std::uint16_t m_control = 0;
    bool m_isButton = false;
};

struct Figures {
    double nanoseconds = 1e9;
    double allocations = 0;
};

Figures measure(const Case& which)
{
    Bench bench(which);
    Figures best;
    for (int round = 0; round < 7; ++round) {
        const AllocationGuard guard;
        const auto start = std::chrono::steady_clock::now();
        bench.run(kEvents);
        const std::chrono::duration<double, std::nano> length =
            std::chrono::steady_clock::now() - start;
        best.allocations = static_cast<double>(guard.count()) / kEvents;
        best.nanoseconds = std::min(best.nanoseconds, length.count() / kEvents);
    }
    if (!bench.hasWritten()) std::abort();
    return best;
}

void printAll()
{
    std::printf("one event through the engine, without a kernel\n");
    std::printf("%-26s %10s %8s %12s\n", "", "ns/event", "ratio", "allocations");
    double first = 0;
    for (const auto& each : kCases) {
        const auto figures = measure(each);
        if (first == 0) first = figures.nanoseconds;
        std::printf("%-26s %10.1f %8.2f %12.4f\n", each.name, figures.nanoseconds,
                    figures.nanoseconds / first, figures.allocations);
    }
}

}  // namespace
}  // namespace jolly

int main(int argc, char** argv)
{
    if (argc == 2) {
        for (const auto& each : jolly::kCases) std::printf("%s\n", each.name);
        return 0;
    }
    if (argc != 3) {
        jolly::printAll();
        return 0;
    }
    const auto place = static_cast<std::size_t>(std::atoi(argv[1]));
    if (place >= jolly::kCases.size()) return 1;
    jolly::Bench bench(jolly::kCases[place]);
    bench.run(std::atoi(argv[2]));
    return 0;
}
