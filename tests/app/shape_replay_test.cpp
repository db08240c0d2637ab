// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/axis_trace.h"
#include "format/tangle_text.h"
#include "support/small_tangle.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include <array>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <set>
#include <sstream>

namespace jolly
{
namespace
{

using namespace test;
using app::Rehearsal;

constexpr std::array<std::int32_t, 9> kPath = {-1000, -700, -340, -20, 15, 260, 500, 810, 1000};
constexpr Time kBetween = std::chrono::seconds(3);  ///< enough for all that settles

/// A tangle with one stage of a kind between X and axis 1; other controls that it wants are Y and
/// the trigger.
Tangle tangleWith(StageParameters stage)
{
    std::visit(
        [](auto& p) {
            p.fields(p, [](const auto& spec, auto& value) {
                if constexpr (std::is_same_v<std::decay_t<decltype(value)>, std::optional<Source>>)
                    value = Source{"stick", spec.kind == ControlKind::Axis ? kY : kTrigger};
            });
        },
        stage);
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1), {{std::move(stage)}});
    return tangle;
}

/// The counts that `tangle replay` prints for axis 1 by time in milliseconds, the last ones at each
/// time. What changes by less than a count is not printed.
std::map<long, std::int32_t> replayed(const Tangle& tangle)
{
    const auto folder = std::filesystem::temp_directory_path();
    const auto stem = folder / ("replay-" + std::to_string(getpid()));
    const auto file = stem.string() + ".tangle";
    const auto moves = stem.string() + ".jsonl";
    std::ofstream(file) << format::writeTangle(tangle);
    std::ofstream out(moves);
    for (std::size_t i = 0; i < kPath.size(); ++i)
        out << R"({"t": )" << 3 * (i + 1)
            << R"(, "controller": "stick", "control": "ABS_X", "raw": )" << kPath[i] << "}\n";
    out.close();
    const auto command =
        std::string(JOLLY_BUILD_DIR) + "/bin/tangle replay " + file + " --moves " + moves;
    std::map<long, std::int32_t> values;
    auto* pipe = popen(command.c_str(), "r");
    std::array<char, 512> line{};
    while (fgets(line.data(), line.size(), pipe)) {
        const auto json = nlohmann::json::parse(line.data());
        values[std::lround(json["t"].get<double>() * 1000.0)] = json["raw"].get<std::int32_t>();
    }
    EXPECT_EQ(pclose(pipe), 0);
    std::filesystem::remove(file);
    std::filesystem::remove(moves);
    return values;
}

/// The stages whose output depends on more than where the axis is in the end.
bool isPathless(std::string_view name)
{
    return std::set<std::string_view>{"drive", "spring back", "stillness"}.contains(name);
}

TEST(ShapeReplay, ReplayGivesThePagesNumbersForEveryStage)
{
    StageList::forEach([](const auto& kind) {
        const auto name = kind.kInfo.name.english();
        const bool takesAxes = kind.kInfo.takes.has(ControlKind::Axis);
        if (!takesAxes || signalAfter(kind, {}).kind != ControlKind::Axis) return;
        const auto tangle = tangleWith(kind);
        const auto values = replayed(tangle);
        ASSERT_FALSE(values.empty()) << name;
        Rehearsal page(app::rehearsed(tangle, "strand-1"), "strand-1");
        ASSERT_TRUE(page.isThere()) << name;
        const auto input = *page.machine().plan().inputOf(0, kX);
        for (std::size_t i = 0; i < kPath.size(); ++i) {
            std::deque<app::TraceSample> samples;
            const auto time = kBetween * static_cast<int>(i + 1);
            page.runUntil(time, samples);
            page.machine().move(input, false, kPath[i], time);
            page.runUntil(time + kBetween - std::chrono::milliseconds(1), samples);
            const auto until = static_cast<long>(3000 * (i + 2) - 1);
            const auto after = values.upper_bound(until);
            if (after == values.begin()) continue;  // nothing came out yet: it is at rest
            const double shown = page.now(time).out;
            const double there = convertSides(shown, page.outSides(), Sides::Two);
            EXPECT_EQ(Calibration::ofRange(-32768, 32767).rawOf(there, Sides::Two),
                      std::prev(after)->second)
                << name << " at " << kPath[i];
            if (isPathless(name)) continue;
            EXPECT_NEAR(page.chain().through(kPath[i] / 1000.0), shown, 1e-9)
                << name << " drawn at " << kPath[i];
        }
    });
}

}  // namespace
}  // namespace jolly
