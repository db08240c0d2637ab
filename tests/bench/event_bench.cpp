// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine.h"
#include "pretend/memory_world.h"
#include "support/allocation_guard.h"
#include "support/small_tangle.h"

#include <cstdio>
#include <cstdlib>
#include <cstring>

/// Nanoseconds and allocations of one event through the engine, with more and more strands on other
/// controls. With an argument: runs that many events with that many strands and says nothing, for
/// callgrind. Usage: event_bench [STRANDS EVENTS]
namespace jolly
{
namespace
{

using namespace test;

/// The measured strand on X, and `others` on the buttons of a second controller.
Tangle tangleWith(std::size_t others)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}, {Invert{}}});
    auto crowd = smallStick("crowd");
    crowd.controls.clear();
    for (std::uint16_t code = 0; code < 0x100; ++code) {
        crowd.controls.push_back(
            {.code = {EventType::Key, static_cast<std::uint16_t>(0x100 + code)},
             .kind = ControlKind::Button});
    }
    tangle.rig.push_back(crowd);
    for (std::size_t i = 0; i < others; ++i) {
        auto& strand = addStrand(tangle, kTrigger, button(static_cast<std::uint16_t>(i % 8 + 1)));
        strand.sources = {{"crowd", crowd.controls[i % crowd.controls.size()].code}};
    }
    return tangle;
}

/// An engine that is live, in a world that only counts.
class Bench
{
 public:
    explicit Bench(std::size_t others)
        : m_live(std::move(*LiveMemory::make())), m_engine(m_world, m_live.block(), m_board)
    {
        const auto tangle = tangleWith(others);
        m_engine.take(std::make_unique<WovenTangle>(tangle));
        m_stick = m_world.plug(describe(tangle.rig[0]));
        m_engine.step(m_world.now());
        if (!m_engine.goLive()) std::abort();
        m_world.record(false);
    }

    void queue(int events)
    {
        for (int i = 0; i < events; ++i) m_world.move(m_stick, {{0, false, (i * 37) % 1000}});
    }
    void run() { m_engine.step(m_world.now()); }

 private:
    MemoryWorld m_world;
    LiveMemory m_live;
    StatusBoard m_board;
    Engine m_engine;
    Handle m_stick = 0;
};

constexpr int kEvents = 50'000;

struct Figures {
    double nanoseconds;
    double allocations;
};

Figures measure(std::size_t others)
{
    Bench bench(others);
    Figures best{1e9, 0};
    for (int round = 0; round < 7; ++round) {
        bench.queue(kEvents);
        const AllocationGuard guard;
        const auto start = std::chrono::steady_clock::now();
        bench.run();
        const auto length = std::chrono::steady_clock::now() - start;
        best.allocations = static_cast<double>(guard.count()) / kEvents;
        best.nanoseconds = std::min(
            best.nanoseconds, std::chrono::duration<double, std::nano>(length).count() / kEvents);
    }
    return best;
}

void printAll()
{
    std::printf(
        "one event through one strand with three stages, engine and all, without a kernel\n");
    std::printf("%10s %12s %10s %12s\n", "strands", "ns/event", "ratio", "allocations");
    double first = 0;
    for (const std::size_t strands : {1U, 10U, 1'000U, 10'000U}) {
        const auto figures = measure(strands - 1);
        if (first == 0) first = figures.nanoseconds;
        std::printf("%10zu %12.1f %10.2f %12.4f\n", strands, figures.nanoseconds,
                    figures.nanoseconds / first, figures.allocations);
    }
}

}  // namespace
}  // namespace jolly

int main(int argc, char** argv)
{
    if (argc == 3) {
        jolly::Bench bench(static_cast<std::size_t>(std::atoi(argv[1])));
        bench.queue(std::atoi(argv[2]));
        bench.run();
        return 0;
    }
    jolly::printAll();
    return 0;
}
