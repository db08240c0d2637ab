// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/faceplate.h"
#include "app/listen/listen_field.h"
#include "rig_story.h"

#include <QPointer>

namespace jolly
{
namespace
{

using namespace app;
using namespace test;
using testing::AllOf;

/// What the controls of the small stick are: their roles, kinds and switches.
class NatureTest : public RigStory
{
 protected:
    void choose(ControlCode code)
    {
        studio.selection().select(Source{"stick", code});
        settle();
    }
    void at(int milliseconds)
    {
        local.world.setNow(m_begin + std::chrono::milliseconds(milliseconds));
    }
    void press(ControlCode code, int from, int to)
    {
        at(from);
        move(code, 1);
        at(to);
        move(code, 0);
    }
    const RigController& rig() const { return document.tangle().rig[0]; }
    const RigControl& control(ControlCode code) const { return *findControl(rig(), code); }
    void choosePart(const char* box, const char* words)
    {
        auto* combo = find<QComboBox>(box);
        combo->setCurrentText(QString::fromUtf8(words));
        Q_EMIT combo->textActivated(QString::fromUtf8(words));
        settle();
    }

 private:
    Time m_begin = local.world.now();
};

TEST_F(NatureTest, ARoleNamesTheControlAndTellsTheHandsWay)
{
    choose(kX);
    choosePart("role", "roll");
    EXPECT_EQ(control(kX).role, "roll");
    EXPECT_EQ(control(kX).more, "right") << "the usual way comes with a known role";
    EXPECT_EQ(studio.feed().nameOf({"stick", kX}), "roll");
    moveX(-500);
    EXPECT_EQ(valueOf("value"), "50.0 % left");
    choosePart("more", "left");
    EXPECT_EQ(valueOf("value"), "50.0 % right");
    choosePart("role", "pitch");
    EXPECT_EQ(control(kX).more, "left") << "what the pilot said stays";
    choosePart("role", "wind vane");
    EXPECT_EQ(studio.feed().nameOf({"stick", kX}), "wind vane") << "any other role may be written";
}

TEST_F(NatureTest, AButtonThatStaysPressedIsTakenForASwitchWithOneClick)
{
    choose(kTrigger);
    EXPECT_FALSE(window.findChild<QPushButton*>("guess")->isVisible());
    at(1000);
    move(kTrigger, 1);
    at(9000);
    settle();
    move(kY, 3);
    EXPECT_EQ(wordsOf("guess words"), "Stayed pressed for 8 s: a switch.");
    click("guess");
    EXPECT_EQ(control(kTrigger).buttonKind, ButtonKind::Switch);
    EXPECT_FALSE(window.findChild<QPushButton*>("guess")->isVisible()) << "it is what it is now";
    document.history().undo();
    EXPECT_EQ(control(kTrigger).buttonKind, ButtonKind::Push);
}

TEST_F(NatureTest, PulsesAreTakenForAnEndlessDial)
{
    choose(kTrigger);
    for (const int from : {100, 300, 500}) press(kTrigger, from, from + 12);
    EXPECT_THAT(wordsOf("guess words"), HasSubstr("an endless dial"));
    click("guess");
    EXPECT_EQ(control(kTrigger).buttonKind, ButtonKind::EncoderPulse);
}

TEST_F(NatureTest, ButtonsThatHandOverBecomeOneSelector)
{
    choose(kTrigger);
    at(500);
    move(kTrigger, 1);
    move(kToggle, 0);
    at(2000);
    move(kTrigger, 0);
    at(2010);
    move(kToggle, 1);
    at(4000);
    move(kToggle, 0);
    at(4010);
    move(kTrigger, 1);
    at(4300);
    move(kY, 3);
    EXPECT_THAT(wordsOf("guess words"), HasSubstr("One of 2 buttons of which one is always"));
    click("guess");
    ASSERT_EQ(rig().switches.size(), 1U);
    EXPECT_EQ(studio.feed().nameOf({"stick", kToggle}), "selector: 2");
    EXPECT_EQ(control(kToggle).buttonKind, ButtonKind::Selector);
}

TEST_F(NatureTest, ASwitchThatReportsOneSideHasTwoNamedPositions)
{
    choose(kToggle);
    click("two positions");
    auto* name = find<QLineEdit>("switch name");
    name->setText("Gear");
    keys(name, Qt::Key_Return);
    auto* up = find<QLineEdit>("name of position 1");
    up->setText("down");
    keys(up, Qt::Key_Return);
    EXPECT_EQ(studio.feed().nameOf({"stick", kToggle}), "Gear: down");
    click("take apart");
    EXPECT_TRUE(rig().switches.empty());
    document.history().undo();
    EXPECT_EQ(rig().switches[0].name, "Gear");
}

TEST_F(NatureTest, ThreePositionsOfTwoButtonsAreChosenByTouchOrFromTheList)
{
    choose(kTrigger);
    click("three positions");
    ASSERT_EQ(rig().switches.size(), 1U);
    EXPECT_EQ(rig().switches[0].positions[2].button, kThumb) << "the next button is proposed";
    const QPointer<ListenField> field = static_cast<ListenField*>(find("button of position 3"));
    field->listen();
    EXPECT_THAT(field->findChild<QPushButton*>("listen")->text().toStdString(),
                HasSubstr("Touch it… 8 s"));
    at(500);
    move(kToggle, 1);
    EXPECT_FALSE(field && field->isListening());
    EXPECT_EQ(rig().switches[0].positions[2].button, kToggle);
    EXPECT_EQ(studio.selection().selected(), (Source{"stick", kTrigger}))
        << "a touch for a field selects "
           "nothing";
    click("no button in position 3");
    EXPECT_THAT(wordsOf("said"), HasSubstr("they look alike"));
    EXPECT_EQ(rig().switches[0].positions[2].button, kToggle) << "refused";
}

TEST_F(NatureTest, AListeningFieldGivesUpByEscapeAndIgnoresWhatDoesNotFit)
{
    choose(kTrigger);
    click("three positions");
    const QPointer<ListenField> field = static_cast<ListenField*>(find("button of position 3"));
    field->listen();
    at(500);
    move(kY, 900);
    EXPECT_THAT(wordsOf("said"), HasSubstr("does not fit here; touch another one."));
    EXPECT_TRUE(field->isListening());
    keys(field, Qt::Key_Escape);
    EXPECT_FALSE(field->isListening());
    at(900);
    move(kToggle, 1);
    EXPECT_EQ(rig().switches[0].positions[2].button, kThumb) << "nobody listens any more";
}

TEST_F(NatureTest, OnlyOneFieldListensAtATime)
{
    choose(kTrigger);
    click("three positions");
    auto* one = static_cast<ListenField*>(find("button of position 1"));
    auto* other = static_cast<ListenField*>(find("button of position 3"));
    one->listen();
    other->listen();
    EXPECT_FALSE(one->isListening());
    EXPECT_TRUE(other->isListening());
    at(500);
    move(kToggle, 1);
    EXPECT_EQ(rig().switches[0].positions[0].button, kTrigger);
    EXPECT_EQ(rig().switches[0].positions[2].button, kToggle);
}

TEST_F(NatureTest, TheKernelsOwnBendIsToldAndSetStraight)
{
    local.world.unplug(stick);
    auto bent = describe(smallStick());
    bent.controls[0].fuzz = 7;
    bent.controls[0].flat = 125;
    stick = local.world.plug(bent, std::vector<Counts>(bent.controls.size()));
    step();
    settle();
    choose(kX);
    EXPECT_THAT(wordsOf("straight words"),
                AllOf(HasSubstr("swallows changes of less than 7 counts"),
                      HasSubstr("ignore 6.3 % around the middle"), HasSubstr("a second time")));
    click("straight");
    EXPECT_TRUE(rig().isStraight);
    EXPECT_TRUE(local.world.isStraight(stick));
    EXPECT_THAT(wordsOf("straight words"), HasSubstr("switched off while Jolly Tangle runs"));
    document.history().undo();
    settle();
    step();
    EXPECT_FALSE(local.world.isStraight(stick));
    choose(kY);
    EXPECT_FALSE(window.findChild<QPushButton*>("straight")->isVisible()) << "that one is straight";
}

TEST_F(NatureTest, ThreeHundredButtonsAndNoControlAtAllAreShown)
{
    ControllerDescription panel;
    panel.identity.name = "Giant Panel";
    for (int i = 0; i < 300; ++i)
        panel.controls.push_back(
            {{EventType::Key, static_cast<std::uint16_t>(0x120 + i), 0}, ControlKind::Button});
    local.world.plug(panel, std::vector<Counts>(300));
    ControllerDescription bare;
    bare.identity.name = "Bare Board";
    local.world.plug(bare, {});
    step();
    settle();
    auto* plate = find<Faceplate>("Giant Panel");
    ASSERT_NE(plate, nullptr);
    EXPECT_EQ(plate->plate().controls.size(), 300U);
    EXPECT_LT(plate->height(), 1000);
    EXPECT_NE(find<Faceplate>("Bare Board"), nullptr);
    studio.selection().select(Source{"giant-panel", {EventType::Key, 0x120 + 299, 0}});
    settle();
    EXPECT_EQ(wordsOf("has"), "300 buttons");
}

}  // namespace
}  // namespace jolly
