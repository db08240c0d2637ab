// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/status_json.h"

#include "control/preflight.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using testing::HasSubstr;

EngineStatus busy()
{
    EngineStatus status{.generation = 12,
                        .edition = 31,
                        .isLive = true,
                        .liveSince = Time(99),
                        .tangle = "Ünï \xff"};
    status.tangle = "Marrowmere";
    status.controllers.push_back({test::describe(test::smallStick()), 0, Hold::Waiting, true, 14});
    status.controllers[0].description.driver = "hid-generic";
    status.controllers[0].description.nodes = {"/dev/input/event7", "/dev/input/event8"};
    status.devices.push_back({"jolly", true, 3});
    status.doubts.push_back({1, {0, 1}});
    status.troubles.push_back({Severity::Warning, "/x", words("Sentence."), words("Cure."), 4, 5,
                               words("Meaning."), "grow", "sudo tangle permit"});
    return status;
}

TEST(StatusJson, IsReadBackAsItself)
{
    const auto text = statusToJson(busy());
    const auto read = statusFromJson(text);
    ASSERT_TRUE(read);
    EXPECT_EQ(statusToJson(*read), text);
    EXPECT_EQ(*statusFromJson(statusToJson(*read)), *read);
    EXPECT_EQ(read->edition, 31U);
    EXPECT_EQ(read->controllers[0].description.controls,
              busy().controllers[0].description.controls);
    EXPECT_EQ(read->controllers[0].description.driver, "hid-generic");
    EXPECT_EQ(read->controllers[0].description.nodes.size(), 2U);
}

TEST(StatusJson, NonsenseIsRefused)
{
    for (const auto* text : {"", "{}", "[]", "{\"generation\": \"x\"}"})
        EXPECT_FALSE(statusFromJson(text)) << text;
    EXPECT_TRUE(problemsFromJson("nonsense").empty());
    EXPECT_EQ(problemsFromJson(problemsToJson(busy().troubles)), busy().troubles);
}

std::string sentences(const Problems& problems)
{
    std::string text;
    for (const auto& problem : problems)
        text += oneAfterOther(problem.sentence, problem.cure).english() + "\n";
    return text;
}

TEST(Preflight, NamesAwayDoubtfulAndWaitingControllers)
{
    auto tangle = test::smallTangle();
    tangle.rig.push_back(test::smallStick("left"));
    tangle.rig.push_back(test::smallStick("right"));
    const auto text = sentences(preflight(tangle, busy()));
    EXPECT_THAT(text, HasSubstr("Small stick is not held yet"));
    EXPECT_THAT(
        text,
        HasSubstr(
            "It is not clear which controller is Small left: alike ones are at usb-1/stick."));
    EXPECT_THAT(text, HasSubstr("Small right is away. Plug it in; its 0 strands wait for it."));
    EXPECT_THAT(text, HasSubstr("Sentence. Cure."));
}

}  // namespace
}  // namespace jolly
