// SPDX-License-Identifier: GPL-3.0-or-later
#include "window_story.h"

#include <QLineEdit>
#include <QListWidget>
#include <QMenu>

/// What stays where it is on Weave, and what the footer and the finder make of what is selected.
namespace jolly
{
namespace
{

using namespace test;

using PlaceKept = WindowStory;

/// The first strand of a controller takes it into the rig; it is the same one on the desk.
TEST_F(PlaceKept, ControllersKeepTheirPlaceWhenTheFirstStrandIsWoven)
{
    for (const auto* id : {"first", "second"}) {
        auto described = describe(smallStick(id));
        described.identity.name = id;
        described.identity.phys = id;
        local.world.plug(described);
        step();
        settle();
    }
    const auto order = [this] {
        std::vector<std::string> ids;
        for (const auto& controller : studio.feed().desk().controllers)
            ids.push_back(controller.rig.id);
        return ids;
    };
    const auto before = order();
    ASSERT_EQ(before.size(), 3U);
    const Source last{before.back(), kX};
    studio.selection().select(last);
    settle();
    click("axis 1");
    EXPECT_EQ(order(), before);
    EXPECT_EQ(studio.selection().selected(), last);
    document.history().undo();
    settle();
    EXPECT_EQ(order(), before);
}

/// A lever that the tangle does not know yet is where the hand is.
TEST_F(PlaceKept, ALeverMovesAllTheWayBeforeItsFirstStrand)
{
    auto described = describe(smallStick("fresh"));
    described.identity.name = described.identity.phys = "fresh";
    const auto fresh = local.world.plug(described, std::vector<Counts>(described.controls.size()));
    step();
    settle();
    const auto shown = [&](int raw) {
        local.world.move(fresh, {{2, false, raw}});
        step();
        settle();
        const auto& desk = studio.feed().desk();
        const auto& controller = desk.controllers.back();
        EXPECT_EQ(controller.rig.controls[2].sides, Sides::One);
        return desk.valueOf(controller, 2, studio.feed().values()).x;
    };
    EXPECT_NEAR(shown(0), 0.0, 0.01);
    EXPECT_NEAR(shown(250), 0.25, 0.01);
    EXPECT_NEAR(shown(520), 0.52, 0.01);
    EXPECT_NEAR(shown(1000), 1.0, 0.01);
}

TEST_F(PlaceKept, TheFooterTellsWhatIsSelectedOfWhatItIsAndFollowsEdits)
{
    move(kX, 600);
    EXPECT_EQ(textOf("touched"), "●  axis X of Small stick");
    EXPECT_EQ(textOf("went"), "leads nowhere yet");
    click("axis 1");
    EXPECT_EQ(textOf("went"), "→ Jolly, X");
    click("ABS_THROTTLE");
    EXPECT_EQ(textOf("touched"), "●  axis THROTTLE of Small stick") << "the mouse counts, too";
    document.edit("blend", [](Tangle& tangle) {
        tangle.strands[0].stages = {{Blend{.other = Source{"stick", kThrottle}}}};
    });
    settle();
    EXPECT_EQ(textOf("went"), "a part of axis X");
}

TEST_F(PlaceKept, AClickOnADrawnControlFillsTheFieldThatListens)
{
    move(kX, 600);
    click("axis 1");
    const auto id = strands()[0].id;
    auto* card = window.weavePage().cardOf(id);
    for (auto* action : card->findChild<QMenu*>("strand menu")->actions()) {
        if (action->text().startsWith("Begin")) action->trigger();
    }
    settle();
    click("ABS_THROTTLE");
    EXPECT_EQ(strands()[0].source.control, kThrottle);
}

TEST_F(PlaceKept, TheFinderPutsAStageIntoWhatIsSelectedByTheTradesWords)
{
    move(kX, 600);
    click("axis 1");
    keys(&window, Qt::Key_K, Qt::ControlModifier);
    auto* typed = window.findChild<QLineEdit*>("find");
    ASSERT_NE(typed, nullptr);
    typed->setText("reverse");
    auto* list = window.findChild<QListWidget*>("found");
    ASSERT_GT(list->count(), 0);
    EXPECT_EQ(list->item(0)->text(), "invert");
    QTest::keyClick(typed, Qt::Key_Return);
    settle();
    ASSERT_EQ(strands()[0].stages.size(), 1U);
    EXPECT_TRUE(std::holds_alternative<Invert>(strands()[0].stages[0].parameters));
}

}  // namespace
}  // namespace jolly
