// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "core/weave/weave.h"
#include "support/allocation_guard.h"
#include "support/small_tangle.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <functional>
#include <random>

/// What layers and craft cost: 40 craft of eight families, 2,000 strands, 12 layers, on four
/// controllers of 72 controls each. Times are of this machine; the aims are docs/testing.md's.
namespace jolly::test
{
namespace
{

constexpr int kControllers = 4;
constexpr std::uint16_t kButtons = 64;
constexpr std::uint16_t kAxes = 8;
constexpr int kCraft = 40;
constexpr int kLayers = 12;
constexpr int kStrands = 2000;

Tangle crowded()
{
    auto tangle = smallTangle();
    tangle.rig.clear();
    for (int c = 0; c < kControllers; ++c) {
        RigController controller{.id = "box-" + std::to_string(c), .alias = "Box"};
        controller.alias += std::to_string(c);
        for (std::uint16_t b = 0; b < kButtons; ++b)
            controller.controls.push_back(
                {.code = {EventType::Key, static_cast<std::uint16_t>(0x120 + b)},
                 .kind = ControlKind::Button});
        for (std::uint16_t a = 0; a < kAxes; ++a)
            controller.controls.push_back({.code = {EventType::Abs, a},
                                           .kind = ControlKind::Axis,
                                           .calibration = Calibration::ofRange(-1000, 1000)});
        tangle.rig.push_back(controller);
    }
    tangle.devices[0].axes = 8;
    tangle.devices[0].buttons = 64;
    for (int l = 1; l < kLayers; ++l)
        tangle.layers.push_back({.id = "layer-" + std::to_string(l), .name = std::to_string(l)});
    for (int c = 1; c < kCraft; ++c) {
        const auto parent =
            c % 5 == 1 ? std::string(kEverywhere) : "craft-" + std::to_string(c - (c - 1) % 5);
        tangle.craft.push_back(
            {"craft-" + std::to_string(c), "Craft " + std::to_string(c), parent});
    }
    std::mt19937 random(7);
    const auto any = [&](std::size_t size) { return random() % size; };
    for (int s = 0; s < kStrands; ++s) {
        const auto& controller = tangle.rig[any(tangle.rig.size())];
        const auto& control = controller.controls[any(controller.controls.size())];
        const bool isAxis = control.kind == ControlKind::Axis;
        auto& strand =
            addStrand(tangle, control.code,
                      isAxis ? axis(static_cast<std::uint16_t>(1 + any(8)))
                             : button(static_cast<std::uint16_t>(1 + any(64))),
                      isAxis ? std::vector<Stage>{{DeadZone{}}, {Curve{}}} : std::vector<Stage>{});
        strand.source.controller = controller.id;
        strand.layer = tangle.layers[any(kLayers)].id;
        strand.craft = tangle.craft[any(kCraft)].id;
    }
    return tangle;
}

struct Spread {
    double middle = 0.0;
    double worst = 0.0;
    std::size_t allocations = 0;
};

/// Microseconds of many turns of something.
Spread measure(int turns, const std::function<void(int)>& deed)
{
    std::vector<double> times;
    std::size_t allocations = 0;
    for (int i = 0; i < turns; ++i) {
        const AllocationGuard guard;
        const auto start = std::chrono::steady_clock::now();
        deed(i);
        allocations += guard.count();
        const std::chrono::duration<double, std::micro> time =
            std::chrono::steady_clock::now() - start;
        times.push_back(time.count());
    }
    std::ranges::sort(times);
    return {times[times.size() / 2], times[times.size() * 99 / 100], allocations};
}

void print(const char* what, const Spread& spread, const char* aim)
{
    std::printf("%-24s %10.1f %10.1f %8s %12zu\n", what, spread.middle, spread.worst, aim,
                spread.allocations);
}

void run()
{
    const auto tangle = crowded();
    std::printf("%d craft, %d layers, %d strands\n", kCraft, kLayers, kStrands);
    std::printf("%-24s %10s %10s %8s %12s\n", "", "middle us", "99 % us", "aim", "allocations");
    print("compile", measure(25, [&](int) { static_cast<void>(compile(tangle)); }), "20,000");
    Machine machine(compile(tangle));
    Time now{};
    const auto frame = [&] { machine.takeChanges(now, [](const Change&) {}); };
    for (std::uint32_t input = 0; input < machine.plan().inputs.size(); ++input)
        machine.prime(input, {0, 0});
    machine.begin(now);
    frame();
    for (std::uint32_t input = 0; input < machine.plan().inputs.size(); ++input)
        machine.move(input, false, 1, ++now);
    frame();
    print("flip of a layer",
          measure(4000,
                  [&](int i) {
                      machine.flipLayer(1 + static_cast<std::uint32_t>(i / 2 % (kLayers - 1)));
                      frame();
                  }),
          "20");
    print("switch of craft",
          measure(4000,
                  [&](int i) {
                      machine.chooseCraft(static_cast<std::uint32_t>(i * 7 % kCraft));
                      frame();
                  }),
          "200");
}

}  // namespace
}  // namespace jolly::test

int main()
{
    jolly::test::run();
    return 0;
}
