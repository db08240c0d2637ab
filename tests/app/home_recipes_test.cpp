// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/save.h"
#include "format/tangle_text.h"
#include "support/golden.h"
#include "window_story.h"

#include <linux/input-event-codes.h>

#include <QLineEdit>

/// The recipes of docs/recipes.md about the window itself, step by step.
namespace jolly
{
namespace
{

using namespace test;
using namespace app;

class HomeRecipe : public WindowStory
{
 protected:
    void choose(Commands::Menu menu, const char* id)
    {
        for (auto* action : window.commands().actions(menu)) {
            if (action->objectName() == QLatin1String(id)) return action->trigger(), settle();
        }
        ADD_FAILURE() << "no command is called " << id;
    }
};

TEST_F(HomeRecipe, FromTheFirstTouchToTheFlight)
{
    choose(Commands::Help, "first steps");
    move(kY, 600);
    EXPECT_TRUE(find("weave")->isVisible());
    click("axis 2");
    click("Go live");
    EXPECT_TRUE(local.engine.isLive());
    settle();
    click("Well done");
    EXPECT_TRUE(studio.messages().notices().empty());
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kY);
}

TEST_F(HomeRecipe, AnAxisLedByKeysAlone)
{
    int touches = 1;
    keys(&window, Qt::Key_K, Qt::ControlModifier);
    auto* typed = find<QLineEdit>("find");
    for (const auto letter : QStringLiteral("thr sma")) {
        QTest::keyClicks(typed, letter);
        ++touches;
    }
    keys(typed, Qt::Key_Return);
    keys(&window, Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(touches + 2, 10);
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kThrottle);
    keys(&window, Qt::Key_Z, Qt::ControlModifier);
    window.setFocus();
    for (int i = 0; i < 8 && !find("weave right")->isAncestorOf(QApplication::focusWidget()); ++i)
        keys(&window, Qt::Key_F6);
    while (QApplication::focusWidget()->objectName() != "axis 1") {  // the plate's one stop
        ASSERT_TRUE(find("weave right")->isAncestorOf(QApplication::focusWidget()));
        keys(QApplication::focusWidget(), Qt::Key_Tab);
    }
    for (const auto letter : QStringLiteral("axis 4"))
        QTest::keyClicks(QApplication::focusWidget(), letter);
    keys(QApplication::focusWidget(), Qt::Key_Return);
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, axis(4));
}

TEST_F(HomeRecipe, KeysThatNoKeyboardOfYoursHas)
{
    for (auto* kind : window.findChild<QMenu*>("device kinds")->actions())
        if (kind->text() == "Keyboard") kind->trigger();
    settle();
    move(kThumb, 1);
    for (auto* button : window.findChildren<QPushButton*>("plate other"))
        if (button->isVisible() && button->text() == "+ keys…") button->click();
    settle();
    click("draw keys");
    click(("key " + std::to_string(KEY_F13)).c_str());
    click("take keys");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(KEY_F13));
}

TEST_F(HomeRecipe, BackToWhatATanglesFileWasBefore)
{
    const auto path = home.filePath("a.tangle");
    const auto file = std::filesystem::path(path.toStdString());
    ASSERT_TRUE(format::saveText(file, format::writeTangle(smallTangle())));
    settings.rememberTangle(path);
    ASSERT_TRUE(format::saveText(file, "{ broken"));
    auto* recent = window.findChild<QMenu*>("recent tangles");
    Q_EMIT recent->aboutToShow();
    dialogs.copy = 0;
    recent->actions().front()->trigger();
    EXPECT_THAT(dialogs.told.toStdString(), testing::StartsWith("Line 1: "));
    keys(&window, Qt::Key_S, Qt::ControlModifier);
    EXPECT_TRUE(document.isSaved());
    EXPECT_EQ(test::textOf(format::earlierVersion(file, 1)), "{ broken");
    EXPECT_TRUE(format::readTangle(test::textOf(file)).isReadable);
}

}  // namespace
}  // namespace jolly
