// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_field.h"
#include "core/layers/layer_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "window_story.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPlainTextEdit>
#include <QSignalSpy>
#include <QToolButton>

/// Layers and craft, driven in the real window.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::Not;

class LayersInWindow : public WindowStory
{
 protected:
    LayersInWindow()
    {
        document.edit("a small tangle with layers", [](Tangle& tangle) {
            const auto hatch = functionCalled(tangle, "mail hatch", FunctionKind::Press);
            addStrand(tangle, kTrigger, button(1)).function = hatch;
            const auto roll = functionCalled(tangle, "roll", FunctionKind::Axis);
            addStrand(tangle, kX, axis(1)).function = roll;
            tangle.layers.push_back({.id = "water", .name = "On water"});
            tangle.layers.push_back({.id = "trim", .name = "Trim held"});
            const auto named = functionCalled(tangle, "anchor", FunctionKind::Press);
            auto& anchor = addStrand(tangle, kTrigger, button(2));
            anchor.function = named;
            anchor.layer = "water";
            addStrand(tangle, kThumb, button(1)).ends[0].goal = LayerGoal{"water", Engage::Hold};
            tangle.craft.push_back({.id = "boats", .name = "Floatplanes", .parent = "everywhere"});
            tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "boats"});
        });
        EXPECT_TRUE(goLive());
        window.showPage(app::Rail::Layers);
        settle();
    }

    QString nameOf(const char* widget)
    {
        auto* found = find(widget);
        return found ? found->accessibleName() : QString();
    }
    void trigger(const char* action)
    {
        for (const auto* name : {"craft menu", "footing menu"}) {
            for (auto* menu : window.findChildren<QMenu*>(QLatin1String(name)))
                Q_EMIT menu->aboutToShow();
        }
        auto* found = window.findChild<QAction*>(QLatin1String(action));
        ASSERT_NE(found, nullptr) << action;
        found->trigger();
        settle();
    }
    /// Touches a control while a field listens.
    void touchFor(const char* field, ControlCode code)
    {
        auto* found = find<app::ListenField>(field);
        ASSERT_NE(found, nullptr);
        found->listen();
        move(code, 1);
        move(code, 0);
    }
    int pressed(std::uint16_t number)
    {
        const auto& device = *local.world.device("Jolly");
        for (std::size_t slot = 0; slot < device.spec.slots.size(); ++slot) {
            if (device.spec.slots[slot].control == button(number))
                return device.spec.values[slot].x;
        }
        return -1;
    }
    void fly(const char* craft)
    {
        trigger((std::string("fly ") + craft).c_str());
        step();
        settle();
    }
    std::vector<std::string> order() const
    {
        std::vector<std::string> names;
        for (const auto& layer : document.tangle().layers) names.push_back(layer.name);
        return names;
    }
};

TEST_F(LayersInWindow, LampsAreTrue)
{
    EXPECT_THAT(nameOf("lamp On water").toStdString(), HasSubstr("asleep"));
    move(kThumb, 1);
    EXPECT_THAT(nameOf("lamp On water").toStdString(), HasSubstr(", engaged"));
    EXPECT_THAT(nameOf("layer On water").toStdString(), HasSubstr("engaged"));
    move(kThumb, 0);
    EXPECT_THAT(nameOf("lamp On water").toStdString(), HasSubstr("asleep"));
}

TEST_F(LayersInWindow, AClickOnALampHoldsItsLayerByHandAndSaysSo)
{
    click("lamp On water");
    EXPECT_THAT(nameOf("lamp On water").toStdString(), HasSubstr("by hand"));
    move(kTrigger, 1);
    EXPECT_EQ(pressed(2), 1);
    move(kTrigger, 0);
    click("lamp On water");
    EXPECT_THAT(nameOf("lamp On water").toStdString(), HasSubstr("asleep"));
    click("lamp Base");
    EXPECT_EQ(studio.stance().engaged(), 1U);
}

TEST_F(LayersInWindow, WhatControlsDoNowIsShownWithTheLayerThatGivesIt)
{
    EXPECT_EQ(nameOf("callout BTN_TRIGGER"), "mail hatch, 1 · Base");
    move(kThumb, 1);
    EXPECT_EQ(nameOf("callout BTN_TRIGGER"), "anchor, 1 · On water replaces Base");
    EXPECT_EQ(nameOf("callout ABS_X"), "roll, axis X · Base shows through");
    move(kThumb, 0);
    EXPECT_EQ(nameOf("callout BTN_TRIGGER"), "mail hatch, 1 · Base");
}

TEST_F(LayersInWindow, APeekShowsALayerWithoutEngagingIt)
{
    auto* card = find("layer On water");
    QTest::keyPress(card, Qt::Key_Space);
    settle();
    EXPECT_EQ(nameOf("callout BTN_TRIGGER"), "anchor, 1 · On water replaces Base");
    EXPECT_THAT(textOf("acting layers").toStdString(), HasSubstr("peeked at"));
    move(kTrigger, 1);
    EXPECT_EQ(pressed(1), 1) << "it is not engaged";
    move(kTrigger, 0);
    QTest::keyRelease(find("layer On water"), Qt::Key_Space);
    settle();
    EXPECT_EQ(nameOf("callout BTN_TRIGGER"), "mail hatch, 1 · Base");
    EXPECT_FALSE(studio.stance().isEngaged(1));
}

TEST_F(LayersInWindow, AHeldPointerPeeksToo)
{
    auto* card = find("layer On water");
    QTest::mousePress(card, Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return studio.stance().peeked() == "water"; }, 10'000));
    QTest::mouseRelease(card, Qt::LeftButton);
    EXPECT_EQ(studio.stance().peeked(), "");
    EXPECT_EQ(studio.stance().footing().layer, "base") << "it was no click";
}

TEST_F(LayersInWindow, ALayerAndItsRuleByOneTouch)
{
    touchFor("new layer", kToggle);
    EXPECT_EQ(order().size(), 4U);
    EXPECT_EQ(order().back(), "button 3 held");
    const auto layer = document.tangle().layers.back().id;
    EXPECT_EQ(studio.stance().footing().layer, layer) << "it is worked in";
    EXPECT_EQ(strands().back().ends[0].goal, Goal(LayerGoal{layer, Engage::Hold}));
    move(kToggle, 1);
    EXPECT_TRUE(studio.stance().isEngaged(3));
    document.history().undo();
    settle();
    EXPECT_EQ(order().size(), 3U) << "one step";
}

TEST_F(LayersInWindow, TheStackIsReorderedByKeysAndByDragging)
{
    keys(find("layer On water"), Qt::Key_Up, Qt::ControlModifier);
    EXPECT_THAT(order(), ElementsAre("Base", "Trim held", "On water"));
    keys(find("layer On water"), Qt::Key_Down, Qt::ControlModifier);
    EXPECT_THAT(order(), ElementsAre("Base", "On water", "Trim held"));
    keys(find("layer On water"), Qt::Key_Down, Qt::ControlModifier);
    EXPECT_THAT(order(), ElementsAre("Base", "On water", "Trim held")) << "Base stays";
    auto* card = find("layer On water");
    QTest::mousePress(card, Qt::LeftButton, {}, {20, 20});
    QTest::mouseMove(card, {20, -70});
    const QPoint to = card->mapToGlobal(QPoint(20, -70));
    QMouseEvent move(QEvent::MouseMove, QPoint(20, -70), to, Qt::NoButton, Qt::LeftButton, {});
    QCoreApplication::sendEvent(card, &move);
    QTest::mouseRelease(card, Qt::LeftButton, {}, {20, -70});
    settle();
    EXPECT_THAT(order(), ElementsAre("Base", "Trim held", "On water"));
    keys(find("layer Trim held"), Qt::Key_Delete);
    EXPECT_THAT(order(), ElementsAre("Base", "On water"));
}

TEST_F(LayersInWindow, TheChosenControlIsEditedInPlaceAcrossTheStack)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    EXPECT_EQ(nameOf("across Base"), "Base: mail hatch, runs now");
    EXPECT_EQ(nameOf("across On water"), "On water: anchor");
    EXPECT_EQ(nameOf("across Trim held"), "Trim held: shows through");
    click("across Trim held");
    EXPECT_EQ(studio.stance().footing().layer, "trim");
    click("next free");
    EXPECT_EQ(strands().back().layer, "trim");
    EXPECT_EQ(strands().back().ends[0].goal, Goal(Target{"jolly", button(3)}));
    EXPECT_EQ(nameOf("across Trim held"), "Trim held: Jolly, button 3");
    click("across On water");
    EXPECT_EQ(window.layersPage().findChildren<app::StrandCard*>().size(), 1);
    move(kThumb, 1);
    move(kThumb, 0);
    click("across Trim held");
    click("silence");
    EXPECT_EQ(strands().back().ends[0].goal, Goal(Nothing{}));
    EXPECT_EQ(strands().back().source.control, kThumb);
}

TEST_F(LayersInWindow, TheRuleIsChangedOnTheRight)
{
    click("layer On water");
    auto* way = find<QComboBox>("engages");
    EXPECT_EQ(way->currentText(), "while the control is held");
    way->setCurrentIndex(1);
    Q_EMIT way->activated(1);
    settle();
    EXPECT_EQ(strands()[3].ends[0].goal, Goal(LayerGoal{"water", Engage::Flip}));
    EXPECT_THAT(nameOf("layer On water").toStdString(), HasSubstr("flips with"));
    touchFor("another rule", kToggle);
    EXPECT_EQ(strands().back().source.control, kToggle);
    auto* name = find<QLineEdit>("layer name");
    name->setText("Afloat");
    Q_EMIT name->editingFinished();
    settle();
    EXPECT_EQ(order()[1], "Afloat");
    find<QCheckBox>("needs Trim held")->click();
    settle();
    EXPECT_THAT(document.tangle().layers[1].needs, ElementsAre("trim"));
    auto* crossing = find<QComboBox>("crossing");
    Q_EMIT crossing->activated(1);
    settle();
    EXPECT_EQ(document.tangle().layers[1].crossing, Crossing::PickUp);
    find<QCheckBox>("tells switches")->click();
    settle();
    find<QCheckBox>("remembers")->click();
    settle();
    EXPECT_FALSE(document.tangle().layers[1].tellsSwitches);
    EXPECT_FALSE(document.tangle().layers[1].remembers);
    click("remove rule");
    EXPECT_EQ(std::ranges::count_if(strands(),
                                    [](const Strand& s) { return s.source.control == kThumb; }),
              0);
}

TEST_F(LayersInWindow, AnEditForOneCraftAndForEveryone)
{
    fly("Gannet 12");
    window.showPage(app::Rail::Weave);
    move(kTrigger, 1);
    move(kTrigger, 0);
    auto* card = window.weavePage().cardOf("strand-1");
    ASSERT_NE(card, nullptr);
    EXPECT_THAT(card->findChild<QLabel*>("origin")->text().toStdString(),
                HasSubstr("Inherited from Everywhere"));
    click("button 5");  // a click on the right, with no row chosen, leads one more there
    EXPECT_EQ(strands().back().craft, "gannet");
    const auto added = strands().size();
    document.history().undo();
    studio.edits().apply({"mine"}, [](Tangle& t) { findStrand(t, "strand-1")->note = "mine"; });
    settle();
    EXPECT_EQ(strands().size(), added) << "its own beside the inherited one";
    const auto own = studio.stance().ownOf("strand-1");
    EXPECT_NE(own, "strand-1");
    EXPECT_EQ(findStrand(document.tangle(), "strand-1")->note, "");
    card = window.weavePage().cardOf(own);
    ASSERT_NE(card, nullptr);
    auto* everyone = card->findChild<QPushButton*>("for everyone");
    EXPECT_TRUE(everyone->isVisible());
    everyone->click();
    settle();
    EXPECT_EQ(findStrand(document.tangle(), "strand-1")->note, "mine");
    EXPECT_EQ(findStrand(document.tangle(), own), nullptr);
    document.history().undo();
    settle();
    window.weavePage().cardOf(own)->findChild<QPushButton*>("set back")->click();
    settle();
    EXPECT_EQ(findStrand(document.tangle(), "strand-1")->note, "");
    EXPECT_NE(window.weavePage().cardOf("strand-1"), nullptr);
}

TEST_F(LayersInWindow, ACardSaysWhetherItsStrandCountsNow)
{
    window.showPage(app::Rail::Weave);
    move(kTrigger, 1);
    move(kTrigger, 0);
    const auto sleeps = [&](const char* strand) {
        bool is = false;
        for (auto* label : window.weavePage().cardOf(strand)->findChildren<QWidget*>("out"))
            is = is || static_cast<app::ValueLabel*>(label)->text() == "asleep";
        return is;
    };
    EXPECT_FALSE(sleeps("strand-1"));
    EXPECT_TRUE(sleeps("strand-3"));
    move(kThumb, 1);
    studio.selection().select(Source{"stick", kTrigger});
    settle();
    EXPECT_TRUE(sleeps("strand-1"));
    EXPECT_FALSE(sleeps("strand-3"));
}

TEST_F(LayersInWindow, AStrandIsTakenForOneCraftAlone)
{
    fly("Gannet 12");
    window.showPage(app::Rail::Weave);
    studio.selection().select(Source{"stick", kTrigger});
    settle();
    auto* menu = window.weavePage().cardOf("strand-1")->findChild<QMenu*>("strand menu");
    Q_EMIT menu->aboutToShow();
    auto* alone = menu->findChild<QAction*>("for this craft alone");
    EXPECT_TRUE(alone->isVisible());
    alone->trigger();
    settle();
    EXPECT_EQ(findStrand(document.tangle(), "strand-1")->craft, "gannet");
    fly("Everywhere");
    EXPECT_EQ(window.weavePage().cardOf("strand-1"), nullptr);
}

TEST_F(LayersInWindow, ACardGoesOnWithTheStrandThatBecameTheCraftsOwn)
{
    fly("Gannet 12");
    window.showPage(app::Rail::Weave);
    studio.selection().select(Source{"stick", kTrigger});
    settle();
    auto* card = window.weavePage().cardOf("strand-1");
    studio.edits().apply({"mine"}, [](Tangle& t) { findStrand(t, "strand-1")->note = "mine"; });
    settle();
    EXPECT_EQ(card->strand(), studio.stance().ownOf("strand-1"));
    EXPECT_EQ(window.weavePage().cardOf(card->strand()), card) << "no drag is cut off";
}

TEST_F(LayersInWindow, WeaveSaysWhereEditsGoAndLeadsInThatLayer)
{
    window.showPage(app::Rail::Weave);
    EXPECT_EQ(nameOf("footing"), "edits go to Base · Everywhere");
    trigger("work in Trim held");
    fly("Gannet 12");
    EXPECT_EQ(nameOf("footing"), "edits go to Trim held · Gannet 12");
    studio.selection().select(Source{"stick", kTrigger});
    settle();
    click("next free");
    EXPECT_EQ(strands().back().layer, "trim");
    EXPECT_EQ(strands().back().craft, "gannet");
    fly("Everywhere");
    EXPECT_EQ(studio.stance().strandsFrom({"stick", kTrigger}).size(), 2U) << "not its own";
}

TEST_F(LayersInWindow, ALayerIsAGoalOnWeave)
{
    window.showPage(app::Rail::Weave);
    studio.selection().select(Source{"stick", kToggle});
    settle();
    QTest::mouseClick(window.weavePage().findChild<QWidget*>("goal layer Trim held"),
                      Qt::LeftButton);
    settle();
    EXPECT_EQ(strands().back().ends[0].goal, Goal(LayerGoal{"trim", Engage::Hold}));
    EXPECT_EQ(strands().back().source.control, kToggle);
    move(kToggle, 1);
    EXPECT_TRUE(studio.stance().isEngaged(2));
}

TEST_F(LayersInWindow, TheCraftThatFliesIsTheOneThatIsWorkedIn)
{
    fly("Gannet 12");
    EXPECT_EQ(session.values().craft, 2U);
    EXPECT_EQ(nameOf("craft"), "Craft: Gannet 12");
    EXPECT_TRUE(local.engine.chooseCraft("boats"));
    settle();
    EXPECT_EQ(studio.stance().footing().craft, "boats") << "as by a control or from outside";
    document.edit("gone", [](Tangle& t) { t.craft.resize(1); });
    settle();
    EXPECT_EQ(studio.stance().footing().craft, "everywhere");
}

TEST_F(LayersInWindow, TheCraftLibraryMakesCopiesComparesAndTakesOver)
{
    trigger("craft library");
    click("craft Gannet 12");
    click("new craft");
    EXPECT_EQ(document.tangle().craft.back().parent, "gannet");
    auto* name = find<QLineEdit>("craft name");
    name->setText("Saltback");
    Q_EMIT name->editingFinished();
    settle();
    EXPECT_EQ(document.tangle().craft.back().name, "Saltback");
    name = find<QLineEdit>("craft name");
    name->setText("Gannet 12");
    Q_EMIT name->editingFinished();
    settle();
    EXPECT_EQ(document.tangle().craft.back().name, "Saltback") << "one of that name is there";
    click("fly it");
    EXPECT_EQ(studio.stance().craftName(), "Saltback");
    EXPECT_THAT(textOf("differences").toStdString(), HasSubstr("Both do the same"));
    studio.edits().apply({"fog horn"},
                         [](Tangle& t) { findStrand(t, "strand-1")->function = "fog horn"; });
    settle();
    EXPECT_THAT(textOf("differences").toStdString(), HasSubstr("1 of 4 meanings differ"));
    click("take right BTN_TRIGGER");
    EXPECT_THAT(textOf("differences").toStdString(), HasSubstr("Both do the same"));
    EXPECT_EQ(strands().back().craft, "boats") << "beside which it was";
    click("copy craft");
    EXPECT_EQ(document.tangle().craft.back().name, "Saltback 2");
    click("remove craft");
    EXPECT_EQ(document.tangle().craft.back().name, "Saltback");
}

TEST_F(LayersInWindow, FunctionsAreATodoList)
{
    trigger("craft library");
    click("craft Gannet 12");
    auto* field = find<QPlainTextEdit>("craft functions");
    field->setFocus();
    field->setPlainText("mail hatch\n\n  cabin heat \n");
    find("craft note")->setFocus();
    settle();
    EXPECT_THAT(findBy(document.tangle().craft, &Craft::id, std::string("gannet"))->functions,
                ElementsAre("mail-hatch", "cabin-heat"));
    fly("Gannet 12");
    window.showPage(app::Rail::Layers);
    settle();
    EXPECT_THAT(textOf("gaps").toStdString(), HasSubstr("yet: cabin heat"));
    EXPECT_THAT(textOf("gaps").toStdString(), Not(HasSubstr("mail hatch")));
    dialogs.file = "/nowhere/picture.png";
    trigger("craft library");
    click("choose picture");
    EXPECT_THAT(textOf("craft picture").toStdString(), HasSubstr("No picture can be read from"));
}

TEST_F(LayersInWindow, TheStripTellsWhatIsSoAndLetsClicksThrough)
{
    auto& strip = window.strip();
    EXPECT_FALSE(strip.isVisible()) << "off at first";
    trigger("strip shown");
    ASSERT_TRUE(strip.isVisible());
    EXPECT_TRUE(strip.windowFlags().testFlag(Qt::WindowStaysOnTopHint));
    EXPECT_TRUE(strip.windowFlags().testFlag(Qt::WindowTransparentForInput));
    move(kThumb, 1);
    move(kTrigger, 1);
    EXPECT_EQ(strip.words(), "Everywhere: Base, On water; button 1: anchor");
    trigger("strip placing");
    EXPECT_FALSE(strip.windowFlags().testFlag(Qt::WindowTransparentForInput));
    QSignalSpy placed(&strip, &app::LayerStrip::placed);
    QTest::mouseClick(&strip, Qt::LeftButton);
    EXPECT_EQ(placed.count(), 1);
    EXPECT_TRUE(strip.windowFlags().testFlag(Qt::WindowTransparentForInput));
    trigger("strip shown");
    EXPECT_FALSE(strip.isVisible());
}

TEST_F(LayersInWindow, MoreLayersThanFitAreInAMenu)
{
    document.edit("many", [](Tangle& tangle) {
        while (tangle.layers.size() < 64) static_cast<void>(addLayer(tangle, "A long name of it"));
    });
    settle();
    auto* more = find<QToolButton>("more layers");
    ASSERT_NE(more, nullptr);
    EXPECT_GT(more->menu()->actions().size(), 50);
    more->menu()->actions().back()->trigger();
    settle();
    EXPECT_TRUE(studio.stance().isEngaged(63));
    touchFor("new layer", kToggle);
    EXPECT_EQ(order().size(), 64U);
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("that is the most"));
}

TEST(SpokenLayers, AreSpokenOnlyWhenWantedAndThere)
{
    QStringList spoken;
    bool works = true;
    app::Speaker speaker([&](const QString& words) {
        spoken << words;
        return works;
    });
    speaker.speak("On water");
    EXPECT_TRUE(spoken.isEmpty()) << "off at first";
    speaker.setOn(true);
    speaker.speak("On water");
    EXPECT_EQ(spoken, QStringList{"On water"});
    QSignalSpy failed(&speaker, &app::Speaker::failed);
    works = false;
    speaker.speak("Trim held");
    EXPECT_EQ(failed.count(), 1);
    EXPECT_FALSE(speaker.isOn());
    app::Speaker mute({});
    mute.setOn(true);
    EXPECT_FALSE(mute.isOn());
    mute.speak("nobody hears it");
}

}  // namespace
}  // namespace jolly
