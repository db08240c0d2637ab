// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench_story.h"

#include <QFile>
#include <QListWidget>
#include <QTemporaryDir>

/// Plays the recipes of the Bench of docs/recipes.md, and looks at what a game gets.
namespace jolly::test
{
namespace
{

using namespace app;
using testing::HasSubstr;

class BenchRecipe : public BenchStory
{
 protected:
    /// Chooses from the list beside a listening field, as one who does not touch.
    void chooseControl(const char* field, ControlCode code)
    {
        auto* listening = find<ListenField>(field);
        ASSERT_NE(listening, nullptr);
        Q_EMIT listening->chosen({"stick", code});
        settle();
    }

    /// What a game saw of a slot since a frame, one after the other.
    std::vector<std::int32_t> seenOf(std::size_t slot, std::size_t since) const
    {
        std::vector<std::int32_t> seen;
        const auto& frames = local.world.device("Jolly")->frames;
        for (auto f = since; f < frames.size(); ++f) {
            for (const auto& change : frames[f]) {
                if (change.slot == slot) seen.push_back(change.raw.x);
            }
        }
        return seen;
    }
};

TEST_F(BenchRecipe, BindAnAxisInASimThatMustBeMovedAlone)
{
    click("game chip jolly");
    chooseControl("sweep trigger", kThumb);
    auto* lessons = find<LessonList>("lessons");
    clickAt(*lessons, lessons->placeOf(0).center() + QPoint(0, 12));
    click("sweep");
    pass(std::chrono::seconds(5));
    const auto since = framesSent();
    // In the sim: a noisy lever is faster than any hand, and does not get through.
    move(kThrottle, 700);
    move(kThumb, 1);
    move(kThumb, 0);
    for (int i = 0; i < 30; ++i) {
        move(kThrottle, 700 + i % 5);
        pass(std::chrono::milliseconds(150));
    }
    const auto swept = seenOf(0, since);
    ASSERT_FALSE(swept.empty());
    EXPECT_EQ(*std::ranges::max_element(swept), 32767);
    EXPECT_EQ(*std::ranges::min_element(swept), -32768);
    EXPECT_EQ(swept.back(), 0);
    EXPECT_TRUE(seenOf(2, since).empty()) << "the throttle kept still";
    click("sweep next");
    pass(std::chrono::seconds(4));
    EXPECT_FALSE(seenOf(2, since).empty()) << "now it is its turn";
    click("sweep end");
    EXPECT_EQ(textOf("lesson count").toStdString(), "2 of 4 learned");
}

TEST_F(BenchRecipe, FindAGlitchOfTheLastMinute)
{
    move(kX, 300);
    pass(std::chrono::seconds(1));
    move(kTrigger, 1);  // the glitch
    pass(std::chrono::milliseconds(100));
    move(kTrigger, 0);
    pass(std::chrono::seconds(2));
    move(kX, -500);
    window.benchPage().log().fetch();
    settle();
    auto* story = find<QListView>("story");
    const auto glitch =
        story->model()->index(static_cast<int>(storyLines().indexOf("Button 1 pressed")), 0);
    ASSERT_TRUE(glitch.isValid());
    clickAt(*story->viewport(), story->visualRect(glitch).center());
    EXPECT_EQ(find<GameRow>("game row axis 1")->valueText(), "+30.0 %") << "as it stood then";
    keys(find("time line"), Qt::Key_Left);
    keys(find("time line"), Qt::Key_Right);
    window.benchPage().game().mark({"jolly", button(1)});
    click("why");
    const auto why = textOf("why lines").toStdString();
    EXPECT_THAT(why, HasSubstr("Jolly, button 1"));
    EXPECT_THAT(why, HasSubstr("stands at pressed"));
    EXPECT_THAT(why, HasSubstr("strand \"Hatch\""));
    EXPECT_THAT(why, HasSubstr("button 1 of Skerry Stick was pressed"));
    keys(&window.benchPage(), Qt::Key_Escape);
    look();
    EXPECT_EQ(find<GameRow>("game row axis 1")->valueText(), QStringLiteral("−50.0 %"));
    studio.flown().setTrial(document.tangle());  // what flew stays what is compared with
    document.edit("mend it", [](Tangle& tangle) { tangle.strands[2].isOn = false; });
    settle();
    click("recorder compare");
    EXPECT_THAT(textOf("recorder verdict").toStdString(),
                HasSubstr("button 1 not pressed instead of pressed"));
}

TEST_F(BenchRecipe, WalkTheDeskBeforeAFlight)
{
    click("walk");
    auto* list = find<QListWidget>("walk list");
    EXPECT_EQ(textOf("walk count").toStdString(), "0 of 8");
    const std::vector<ControlCode> axes = {kX, kY, kThrottle};
    for (const auto code : axes) {
        move(code, 1000);
        move(code, code == kThrottle ? 0 : -1000);
    }
    for (const auto code : {kTrigger, kThumb, kToggle}) {
        move(code, 1);
        move(code, 0);
    }
    for (const int way : {-1, 1, 0}) move(kHat, way);
    look();
    EXPECT_EQ(textOf("walk count").toStdString(), "6 of 8");
    EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("hat 1")) << "begun, and not done";
    move(kX, 0);
    pass(std::chrono::seconds(2));
    move(kY, 900);
    pass(std::chrono::seconds(2));
    EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("rests at 90.0 %"));
    const QTemporaryDir folder;
    dialogs.file = folder.filePath(QStringLiteral("walk.html"));
    click("walk save");
    QFile page(dialogs.file);
    ASSERT_TRUE(page.open(QFile::ReadOnly));
    EXPECT_THAT(page.readAll().toStdString(), HasSubstr("6 of 8 controls walked, 1 odd."));
    dialogs.file = folder.filePath(QStringLiteral("walk.txt"));
    click("walk save");
    QFile words(dialogs.file);
    ASSERT_TRUE(words.open(QFile::ReadOnly));
    EXPECT_THAT(words.readAll().toStdString(), HasSubstr("Walk test of the desk"));
    click("walk end");
    EXPECT_TRUE(find("learn card")->isVisible());
}

}  // namespace
}  // namespace jolly::test
