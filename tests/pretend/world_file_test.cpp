// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/world_file.h"

#include "format/place.h"
#include "pretend/pretend_world.h"
#include "support/golden.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using testing::HasSubstr;

std::string firstProblem(const std::string& text)
{
    const auto problems = readWorld(text).problems;
    return problems.empty() ? "none" : format::toText(problems.front(), "w");
}

TEST(WorldFile, TheDemoDeskIsSound)
{
    const auto read =
        readWorld(test::textOf(test::shippedData() / "demo" / "marrowmere-world.json"));
    EXPECT_TRUE(read.problems.empty());
    EXPECT_EQ(read.script.controllers.size(), 6U);
    EXPECT_EQ(read.script.controllers[4].description().controls.size(), 24U);
}

TEST(WorldFile, SaysWhatIsWrongAndWhere)
{
    EXPECT_THAT(firstProblem(""), HasSubstr("w:1:1"));
    EXPECT_THAT(firstProblem("{}"), HasSubstr("no world file"));
    EXPECT_THAT(firstProblem(R"({"world": 1, "name": "A"})"),
                HasSubstr("\"controllers\" is missing"));
    const std::string head =
        R"({"world": 1, "name": "A", "controllers": [{"bus": 3, "vendor": 1, "product": 1,
        "version": 1, "name": "S", "controls": [)";
    EXPECT_THAT(firstProblem(head + R"({"code": "ABS_X", "low": 5, "high": 5}]}]})"),
                HasSubstr("ABS_X has no travel"));
    EXPECT_THAT(
        firstProblem(head + R"({"code": "ABS_X", "loop": 9, "motion": [[2, 1], [1, 1]]}]}]})"),
        HasSubstr("w:2:97: /controllers/0/controls/0/motion/1: This entry is out of order."));
    EXPECT_THAT(firstProblem(head + R"({"code": "ABS_X", "motoin": []}]}]})"), HasSubstr("motoin"));
}

/// Notes what a world tells.
class Notes : public WorldListener
{
 public:
    void controllerArrived(Handle, const ControllerDescription& d,
                           std::span<const Counts> state) override
    {
        log.push_back(d.identity.name + " arrived at " + std::to_string(state[0].x));
    }
    void controllerGone(Handle) override { log.push_back("gone"); }
    void frame(Handle, std::span<const RawMove> moves, Time) noexcept override
    {
        moved += moves.size();
    }
    void keptAlone(std::span<const Handle>, const Fallible&) override {}
    void trouble(const Problem&) override {}

    std::vector<std::string> log;
    std::size_t moved = 0;
};

TEST(PretendWorld, ControllersComeMoveAndGoByThemselves)
{
    auto read =
        readWorld(R"({"world": 1, "name": "A", "controllers": [{"bus": 3, "vendor": 1, "product": 1,
        "version": 1, "name": "Stick", "rate": 500, "away": [[0.1, 0.9]],
        "controls": [{"code": "ABS_X", "low": 0, "high": 9, "rest": 4, "jitter": 4}]}]})");
    ASSERT_TRUE(read.problems.empty());
    PretendWorld world(std::move(read.script));
    Notes notes;
    const auto end = world.now() + std::chrono::seconds(10);
    while (world.now() < end && (notes.log.size() < 3 || notes.moved <= 20)) world.wait(end, notes);
    ASSERT_EQ(notes.log.size(), 3U);
    EXPECT_THAT(notes.log[0], HasSubstr("Stick arrived at"));
    EXPECT_EQ(notes.log[1], "gone");
    EXPECT_GT(notes.moved, 20U);
}

}  // namespace
}  // namespace jolly
