// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "engine/engine.h"
#include "linux/kernel_world.h"
#include "support/small_tangle.h"

#include <sched.h>

#include <atomic>
#include <cstdio>
#include <thread>

/// How late what is timed comes: eight buttons that repeat, run by the engine with the kernel's own
/// clock and wait, with a processor that has nothing else to do and with one that is busy.
namespace jolly
{
namespace
{

using namespace test;

constexpr std::size_t kMoments = 4000;

/// The kernel's world, but for its devices: a stick that is plugged in and held, and virtual ones
/// that note when they are written to.
class TimedWorld : public World
{
 public:
    explicit TimedWorld(const ControllerDescription& stick) : m_stick(stick) {}

    [[nodiscard]] Time now() const noexcept override { return m_kernel.now(); }
    void wait(Time deadline, WorldListener& listener) override
    {
        if (!m_isPlugged) {
            m_isPlugged = true;
            const std::vector<Counts> state(m_stick.controls.size());
            listener.controllerArrived(1, m_stick, state);
            return;
        }
        if (m_hasMove) {
            m_hasMove = false;
            m_due = Time::max();
            listener.frame(1, {&m_move, 1}, now());
            return;
        }
        m_due = deadline;
        m_kernel.wait(deadline, m_silent);
    }
    void press(const RawMove& move)
    {
        m_move = move;
        m_hasMove = true;
    }
    void wake() noexcept override {}
    [[nodiscard]] Fallible hold(Handle) override { return {}; }
    void letGo(Handle) override {}
    void keepAlone(std::span<const Handle>) override {}
    void setStraight(Handle, bool) override {}
    [[nodiscard]] Result<Handle> create(const VirtualSpec&) override { return 2; }
    [[nodiscard]] WriteStatus write(Handle, std::span<const VirtualMove>) noexcept override
    {
        if (m_due != Time::max() && late.size() < late.capacity()) late.push_back(now() - m_due);
        return WriteStatus::Written;
    }
    [[nodiscard]] Result<std::unique_ptr<GameReader>> openAsGame(Handle) override
    {
        return fail(Failure::Code::NotThere, words("Nothing is there."), {});
    }
    void destroy(Handle) override {}

    std::vector<Time> late;

 private:
    class Silent : public WorldListener
    {
        void controllerArrived(Handle, const ControllerDescription&,
                               std::span<const Counts>) override
        {
        }
        void controllerGone(Handle) override {}
        void frame(Handle, std::span<const RawMove>, Time) noexcept override {}
        void keptAlone(std::span<const Handle>, const Fallible&) override {}
        void trouble(const Problem&) override {}
    };

    KernelWorld m_kernel{true};
    Silent m_silent;
    ControllerDescription m_stick;
    RawMove m_move{};
    Time m_due = Time::max();  ///< when what is waited for should come
    bool m_isPlugged = false;
    bool m_hasMove = false;
};

/// Keeps as many processors busy as there are, and one more.
class BusyWork
{
 public:
    explicit BusyWork(bool isBusy)
    {
        for (unsigned i = 0; isBusy && i <= std::thread::hardware_concurrency(); ++i)
            m_threads.emplace_back([this] {
                while (!m_isOver) m_count = m_count + 1;
            });
    }
    ~BusyWork()
    {
        m_isOver = true;
        for (auto& thread : m_threads) thread.join();
    }

 private:
    std::atomic<bool> m_isOver = false;
    std::atomic<unsigned long> m_count = 0;
    std::vector<std::thread> m_threads;
};

void measure(const char* words, bool isBusy, bool isRealtime)
{
    auto tangle = smallTangle();
    for (std::uint16_t n = 1; n <= 8; ++n)
        addStrand(tangle, kTrigger, button(n), {{Repeat{20.0 + 3.0 * n, 20.0 + 3.0 * n}}});
    TimedWorld world(describe(tangle.rig[0]));
    world.late.reserve(kMoments);
    auto live = std::move(*LiveMemory::make());
    StatusBoard board;
    Engine engine(world, live.block(), board);
    engine.take(std::make_unique<WovenTangle>(tangle));
    engine.step(world.now());
    if (!engine.goLive()) return;
    const BusyWork busy(isBusy);
    const sched_param wish{.sched_priority = isRealtime ? 1 : 0};
    if (sched_setscheduler(0, isRealtime ? SCHED_FIFO : SCHED_OTHER, &wish) != 0) {
        std::printf("%-34s not permitted here\n", words);
        return;
    }
    const auto place = std::ranges::find(tangle.rig[0].controls, kTrigger, &RigControl::code);
    world.press({static_cast<std::uint16_t>(place - tangle.rig[0].controls.begin()), false, 1});
    while (world.late.size() < kMoments) engine.step(Time::max());
    const sched_param usual{};
    sched_setscheduler(0, SCHED_OTHER, &usual);
    std::ranges::sort(world.late);
    const auto at = [&](double part) {
        const auto index = static_cast<std::size_t>(part * static_cast<double>(kMoments - 1));
        return std::chrono::duration<double, std::milli>(world.late[index]).count();
    };
    std::printf("%-34s middle %7.3f ms, 99 %% %7.3f ms, worst %7.3f ms\n", words, at(0.5), at(0.99),
                at(1.0));
}

}  // namespace
}  // namespace jolly

int main()
{
    std::printf("How late %zu timed moments came\n", jolly::kMoments);
    jolly::measure("nothing else to do", false, false);
    jolly::measure("busy processor", true, false);
    jolly::measure("busy, with realtime priority", true, true);
}
