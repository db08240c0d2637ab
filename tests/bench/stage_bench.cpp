// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "support/allocation_guard.h"
#include "support/small_tangle.h"

#include <chrono>
#include <cstdio>
#include <random>

/// Nanoseconds and allocations of one event through each kind of stage, and through a strand of
/// eight, all in one run: the ratio to "invert", the simplest, is what can be compared.
namespace jolly
{
namespace
{

using namespace test;
using Clock = std::chrono::steady_clock;

constexpr int kEvents = 20'000;
constexpr int kRounds = 9;
constexpr Time kSpacing = std::chrono::milliseconds(1);

struct Figures {
    double nanoseconds = 1e9;
    double allocations = 0.0;
};

/// A hand that never rests: the same values for all.
std::vector<double> hand()
{
    std::mt19937 random(7);
    std::uniform_real_distribution<double> step(-0.05, 0.05);
    std::vector<double> values;
    double at = 0.0;
    for (int i = 0; i < kEvents; ++i) {
        at = std::clamp(at + step(random), -1.0, 1.0);
        values.push_back(at);
    }
    return values;
}

/// @param event  one event: its value and its time. The best of several rounds counts.
template <class Event>
Figures measure(const std::vector<double>& values, Event&& event)
{
    Figures best;
    Time now{};
    for (int round = 0; round < kRounds; ++round) {
        const AllocationGuard guard;
        const auto start = Clock::now();
        for (const double value : values) event(value, now += kSpacing);
        const std::chrono::duration<double, std::nano> length = Clock::now() - start;
        best.nanoseconds = std::min(best.nanoseconds, length.count() / kEvents);
        best.allocations += static_cast<double>(guard.count()) / (kEvents * kRounds);
    }
    return best;
}

/// Keeps a result from being optimised away.
volatile double g_sink;  // NOLINT: that is what it is for

Figures ofStage(const StageParameters& stage, const std::vector<double>& values)
{
    const StageInput input{ControlKind::Axis, Sides::Two, [](const Source&) {
                               return std::optional(SeenControl{0, ControlKind::Axis, Sides::Two});
                           }};
    auto runner = prepare(stage, input);
    const std::array<Value, 1> others{Value{0.3, 0.0}};
    return measure(values, [&](double value, Time now) {
        g_sink = apply(runner, {value, 0.0}, {now, others}).x;
    });
}

/// A whole event: from the counts of a controller to those of a virtual axis.
Figures ofStrand(std::vector<Stage> stages, const std::vector<double>& values)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1), std::move(stages));
    Machine machine(compile(tangle));
    const auto input = *machine.plan().inputOf(0, kX);
    machine.prime(input, {});
    machine.begin(Time{});
    return measure(values, [&](double value, Time now) {
        machine.move(input, false, static_cast<std::int32_t>(value * 1000.0), now);
        machine.dropChanges(now);
    });
}

void print(const char* name, const Figures& figures, double one)
{
    std::printf("%-18s %10.1f %10.2f %12.4f\n", name, figures.nanoseconds,
                figures.nanoseconds / one, figures.allocations);
}

void printAll()
{
    const auto values = hand();
    const double one = ofStage(Invert{}, values).nanoseconds;
    std::printf("%-18s %10s %10s %12s\n", "stage", "ns/event", "ratio", "allocations");
    StageList::forEach([&](const auto& kind) {
        print(std::string(kind.kInfo.name).c_str(), ofStage(kind, values), one);
    });
    CurvePoints points;
    for (int i = 0; i < 32; ++i) points.push_back({i / 31.0, (i / 31.0) * (i / 31.0)});
    print("softness, quick", ofStage(Softness{-0.3}, values), one);
    print("curve, 32 points", ofStage(Curve{.points = points}, values), one);
    print("counter-c., 32", ofStage(CounterCurve{.points = points}, values), one);
    std::printf("%-18s %10s %10s %12s\n", "a whole event", "ns/event", "ratio", "allocations");
    const auto none = ofStrand({}, values);
    const double bare = none.nanoseconds;
    print("no stage", none, bare);
    print("eight stages",
          ofStrand({{DeadZone{}},
                    {LeadIn{}},
                    {Reach{0.05, 0.95}},
                    {Curve{}},
                    {Softness{}},
                    {Scale{}},
                    {Steady{}},
                    {Invert{}}},
                   values),
          bare);
}

}  // namespace
}  // namespace jolly

int main()
{
    jolly::printAll();
    return 0;
}
