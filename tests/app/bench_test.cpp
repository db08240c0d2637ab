// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench_story.h"
#include "format/save.h"

#include <QTemporaryDir>

namespace jolly::test
{
namespace
{

using namespace app;
using testing::HasSubstr;

class BenchTest : public BenchStory
{
 protected:
    GameButtons& buttons() { return *find<GameButtons>("game buttons"); }
    HandSlider& handOf(const char* name) { return *find<HandSlider>(name); }
    Learning& learning() { return window.benchPage().learning(); }
    FlightLog& log() { return window.benchPage().log(); }
    std::string text(const char* name) { return textOf(name).toStdString(); }
};

TEST_F(BenchTest, ShowsWhatAGameReadsBesideTheHand)
{
    move(kX, 500);
    look();
    auto* row = find<GameRow>("game row axis 1");
    EXPECT_EQ(row->valueText(), "+50.0 %");
    EXPECT_THAT(row->accessibleName().toStdString(), HasSubstr("a game reads +50.0 %"));
    EXPECT_EQ(text("game state"), "read back, no difference");
}

TEST_F(BenchTest, SaysWhenAGameReadsSomethingElse)
{
    move(kX, 500);
    look();
    local.live.block().eyes[0].raw = 1;  // axis 1
    local.live.block().eyes[0].sight = static_cast<std::uint32_t>(LiveSight::Differs);
    window.benchPage().showValues();
    EXPECT_THAT(text("difference"), HasSubstr("A game reads 1 control"));
    EXPECT_THAT(find<GameRow>("game row axis 1")->accessibleName().toStdString(),
                HasSubstr("not what was sent"));
}

TEST_F(BenchTest, IdleItShowsInOutlineWhatWouldBe)
{
    session.standDown();
    settle();
    pass(std::chrono::milliseconds(200));
    move(kX, -1000);
    for (auto& eye : local.live.block().eyes)
        eye.sight = static_cast<std::uint32_t>(LiveSight::Unseen);
    window.benchPage().showValues();
    EXPECT_EQ(find<GameRow>("game row axis 1")->valueText(), QStringLiteral("−100.0 %"));
    EXPECT_THAT(text("difference"), HasSubstr("Idle"));
}

TEST_F(BenchTest, AnAxisIsDraggedByHandAndGivenBackWithEscape)
{
    auto& hand = handOf("hand axis 1");
    QTest::mousePress(&hand, Qt::LeftButton, {}, QPoint(hand.width() - 2, 11));
    look();
    EXPECT_EQ(gameSees(axis(1)), 32767);
    move(kX, -400);
    EXPECT_EQ(gameSees(axis(1)), 32767) << "the stick waits";
    EXPECT_THAT(find("notice by hand")->findChild<QLabel*>()->text().toStdString(),
                HasSubstr("by hand"));
    QTest::mouseRelease(&hand, Qt::LeftButton);
    keys(&hand, Qt::Key_Escape);
    EXPECT_EQ(gameSees(axis(1)), -13107);
}

TEST_F(BenchTest, ArrowKeysMoveAHandle)
{
    auto& hand = handOf("hand axis 3");
    hand.setFocus();
    keys(&hand, Qt::Key_End);
    EXPECT_EQ(gameSees(axis(3)), 32767);
    keys(&hand, Qt::Key_Left);
    EXPECT_LT(gameSees(axis(3)), 32767);
    keys(&hand, Qt::Key_Home);
    EXPECT_EQ(gameSees(axis(3)), -32768);
}

TEST_F(BenchTest, AButtonIsPressedForAsLongAsTheMouseIs)
{
    const auto place = buttons().placeOf(4).center();
    QTest::mousePress(&buttons(), Qt::LeftButton, {}, place);
    look();
    EXPECT_EQ(gameSees(button(5)), 1);
    QTest::mouseRelease(&buttons(), Qt::LeftButton, {}, place);
    look();
    EXPECT_EQ(gameSees(button(5)), 0);
}

TEST_F(BenchTest, TheSpaceBarPressesTheFocusedButton)
{
    buttons().setFocus();
    keys(&buttons(), Qt::Key_Right);
    QTest::keyPress(&buttons(), Qt::Key_Space);
    look();
    EXPECT_EQ(gameSees(button(2)), 1);
    QTest::keyRelease(&buttons(), Qt::Key_Space);
    look();
    EXPECT_EQ(gameSees(button(2)), 0);
}

TEST_F(BenchTest, AHatIsMovedByHand)
{
    auto* rose = find<HatHandle>("hat handle hat 1");
    QTest::mousePress(rose, Qt::LeftButton, {}, rose->dot({1, 0}).toPoint());
    look();
    EXPECT_EQ(gameSees(hat(1)), 1);
    EXPECT_EQ(rose->words(), "right");
    QTest::mouseRelease(rose, Qt::LeftButton);
    look();
    EXPECT_EQ(gameSees(hat(1)), 0);
}

TEST_F(BenchTest, WhatIsPinnedMustStayDarkAndSaysWhenItWasNot)
{
    window.benchPage().game().setClock([] { return QTime(14, 19, 3); });
    clickAt(buttons(), buttons().placeOf(0).center(), Qt::RightButton);
    EXPECT_THAT(text("pin words"), HasSubstr("Button 1 is pinned: it must stay dark"));
    EXPECT_THAT(text("pin words"), HasSubstr("since 14:19:03"));
    window.benchPage().game().setClock([] { return QTime(14, 20, 5); });
    window.showPage(Rail::Weave);  // also while nobody looks
    move(kTrigger, 1);
    move(kTrigger, 0);
    window.showPage(Rail::Bench);
    look();
    EXPECT_THAT(text("pin words"), HasSubstr("was lit at 14:20:05"));
    clickAt(buttons(), buttons().placeOf(0).center(), Qt::RightButton);
    EXPECT_FALSE(window.findChild<QLabel*>("pin words")->isVisible());
}

TEST_F(BenchTest, ASimLearnsOneControlWhileAllElseKeepsStill)
{
    learning().choose(1);  // axis 3, power
    click("sweep");
    const auto before = framesSent();
    move(kX, 900);
    move(kTrigger, 1);
    EXPECT_EQ(framesSent(), before);
    EXPECT_EQ(learning().state(), Learning::State::Sweeping);
    pass(std::chrono::seconds(4));
    EXPECT_EQ(learning().state(), Learning::State::Ready);
    EXPECT_TRUE(learning().lessons()[1].isLearned);
    EXPECT_EQ(text("lesson count"), "1 of 4 learned");
    std::int32_t most = -32768;
    for (const auto& frame : local.world.device("Jolly")->frames) {
        for (const auto& change : frame) {
            if (change.slot == 2) most = std::max(most, change.raw.x);
        }
    }
    EXPECT_EQ(most, 32767);
    EXPECT_EQ(gameSees(axis(3)), -32768) << "it is at rest again";
    EXPECT_EQ(gameSees(axis(1)), 0) << "and the stick still waits";
    click("sweep end");
    EXPECT_EQ(gameSees(axis(1)), 29490);
}

TEST_F(BenchTest, ACountdownLeavesTimeToGoToTheSim)
{
    click("sweep later");
    EXPECT_EQ(learning().state(), Learning::State::Counting);
    EXPECT_EQ(learning().secondsLeft(), 5);
    pass(std::chrono::seconds(3));
    EXPECT_EQ(learning().state(), Learning::State::Counting);
    EXPECT_EQ(learning().secondsLeft(), 2);
    pass(std::chrono::milliseconds(2100));
    EXPECT_EQ(learning().state(), Learning::State::Sweeping);
}

TEST_F(BenchTest, AButtonOfTheRigSweepsWhileTheSimHasTheFocus)
{
    learning().setTrigger(Source{"stick", kThumb});
    learning().choose(2);  // button 1
    click("sweep");
    pass(std::chrono::seconds(2));
    EXPECT_EQ(learning().state(), Learning::State::Ready);
    move(kThumb, 1);
    EXPECT_EQ(learning().state(), Learning::State::Sweeping);
    pass(std::chrono::milliseconds(500));
    EXPECT_EQ(gameSees(button(1)), 1);
    pass(std::chrono::seconds(2));
    EXPECT_EQ(gameSees(button(1)), 0);
}

TEST_F(BenchTest, NextGoesToWhatIsNotLearnedYet)
{
    learning().setLearned(1, true);
    click("sweep next");
    EXPECT_EQ(learning().current(), 2U);
    pass(std::chrono::seconds(3));
    click("sweep next");
    EXPECT_EQ(learning().current(), 3U) << "the hat";
    pass(std::chrono::milliseconds(500));
    const auto& values = local.world.device("Jolly")->spec.values;
    EXPECT_THAT(values, testing::Contains(Counts{0, -1}));
}

TEST_F(BenchTest, AnEditEndsTheLearningAndSaysSo)
{
    click("sweep");
    pass(std::chrono::seconds(4));
    document.edit("edit", [](Tangle& tangle) { tangle.strands[0].stages = {{Invert{}}}; });
    settle();
    step();
    session.poll();
    settle();
    EXPECT_FALSE(learning().isOn());
    move(kX, 300);
    EXPECT_LT(gameSees(axis(1)), 0);
}

TEST_F(BenchTest, IdleASimCannotLearn)
{
    session.standDown();
    settle();
    pass(std::chrono::milliseconds(200));
    EXPECT_FALSE(find<QPushButton>("sweep")->isEnabled());
}

TEST_F(BenchTest, TheStoryIsQuietAndNewestFirst)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    for (int i = 0; i < 200; ++i) move(kX, i % 3);  // it only shakes
    log().fetch();
    settle();
    const auto lines = storyLines();
    ASSERT_GE(lines.size(), 3);
    const auto all = lines.join(QLatin1Char('|')).toStdString();
    EXPECT_THAT(all, HasSubstr("Button 1 let go|Button 1 pressed"));
    EXPECT_THAT(all, HasSubstr("One went live"));
    EXPECT_LE(lines.filter("Axis X").size(), 1);
}

TEST_F(BenchTest, ScrubbingShowsAllPagesAsTheyWereAndEscapeGoesBack)
{
    move(kX, 800);
    const auto then = local.world.now();
    pass(std::chrono::seconds(2));
    move(kX, -800);
    log().fetch();
    settle();
    log().showMoment(then);
    look();
    EXPECT_EQ(find<GameRow>("game row axis 1")->valueText(), "+80.0 %");
    EXPECT_NEAR(studio.feed().values().slots[0].value, 0.8, 0.001) << "on every page";
    EXPECT_THAT(text("recorder verdict"), HasSubstr("All pages show"));
    keys(find("time line"), Qt::Key_Escape);
    look();
    EXPECT_EQ(find<GameRow>("game row axis 1")->valueText(), QStringLiteral("−80.0 %"));
}

TEST_F(BenchTest, TheFlightIsReplayedAgainstTheTangleAsItIsNow)
{
    move(kX, 800);
    pass(std::chrono::seconds(1));
    log().fetch();
    click("recorder compare");
    EXPECT_EQ(text("recorder verdict"), "The tangle as it is now does the same with all of it.");
    // The engine does not have the edit yet: the recording is of what flew.
    studio.flown().setTrial(document.tangle());
    document.edit("edit", [](Tangle& tangle) { tangle.strands[0].stages = {{Invert{}}}; });
    settle();
    click("recorder compare");
    EXPECT_THAT(text("recorder verdict"), HasSubstr("First difference at"));
    EXPECT_THAT(text("recorder verdict"), HasSubstr("-80.0 % instead of 80.0 %"));
    click("recorder show");
    EXPECT_TRUE(log().moment());
}

TEST_F(BenchTest, ARecordingIsOpenedFromAFileAndClosedAgain)
{
    move(kX, 600);
    const QTemporaryDir folder;
    const auto path = folder.filePath(QStringLiteral("a.flight"));
    const auto bytes = format::writeRecording(local.recorder.recording());
    ASSERT_TRUE(format::replaceText(path.toStdString(), *bytes));
    dialogs.file = path;
    click("recorder open");
    EXPECT_TRUE(log().isOfFile());
    EXPECT_THAT(text("recorder what"), HasSubstr("a.flight"));
    EXPECT_GT(log().story().rowCount(), 0) << "what happened in it is told";
    click("recorder open");
    EXPECT_FALSE(log().isOfFile());
}

TEST_F(BenchTest, AFileThatIsNoRecordingIsSaidAndNothingElseChanges)
{
    QString said;
    QObject::connect(&studio.messages(), &Messages::said,
                     [&](const app::Saying& saying) { said = saying.sentence; });
    log().fetch();
    const auto chunks = log().recording().chunks.size();
    const QTemporaryDir folder;
    const auto path = folder.filePath(QStringLiteral("b.flight"));
    ASSERT_TRUE(format::replaceText(path.toStdString(), "no flight"));
    log().open(path);
    EXPECT_THAT(said.toStdString(), HasSubstr("is no recording"));
    EXPECT_FALSE(log().isOfFile());
    EXPECT_EQ(log().recording().chunks.size(), chunks);
    const auto bytes = *format::writeRecording(local.recorder.recording());
    ASSERT_TRUE(format::replaceText(path.toStdString(), bytes.substr(0, bytes.size() - 30)));
    log().open(path);
    EXPECT_THAT(said.toStdString(), HasSubstr("cut off"));
}

TEST_F(BenchTest, TheChartFollowsTheSelectionUntilOneIsKept)
{
    studio.selection().select(Source{"stick", kX});
    settle();
    for (int i = 0; i < 50; ++i) move(kX, i * 10);
    EXPECT_GT(window.benchPage().chart().sampleCount(), 40U);
    click("chart add");
    studio.selection().select(Source{"stick", kThrottle});
    settle();
    EXPECT_GT(window.benchPage().chart().sampleCount(), 40U) << "it stays";
    const auto before = window.benchPage().chart().length();
    click("chart zoom");
    EXPECT_GT(window.benchPage().chart().length(), before);
}

TEST_F(BenchTest, EmptyItSaysWhatToDo)
{
    document.edit("no device", [](Tangle& tangle) {
        tangle.devices.clear();
        tangle.strands.clear();
    });
    settle();
    look();
    EXPECT_EQ(text("game title"), "No virtual device yet");
    EXPECT_THAT(text("lesson name"), HasSubstr("No strand leads"));
}

}  // namespace
}  // namespace jolly::test
