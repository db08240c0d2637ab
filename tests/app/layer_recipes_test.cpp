// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "recipe_story.h"

#include <QLineEdit>
#include <QPlainTextEdit>

/// Plays the recipes of layers and craft of docs/recipes.md, and looks at what a game gets.
namespace jolly
{
namespace
{

using namespace test;

class LayerRecipe : public Recipe
{
 protected:
    LayerRecipe()
    {
        window.showPage(app::Rail::Layers);
        settle();
    }

    void touchFor(const char* field, ControlCode code)
    {
        listen(field);
        push(code);
    }
    void push(ControlCode code)
    {
        move(code, 1);
        move(code, 0);
    }
    /// What the game sees while a control is pressed.
    std::string during(ControlCode code)
    {
        move(code, 1);
        const auto seen = pressed();
        move(code, 0);
        return seen;
    }
    void type(const char* field, const char* words)
    {
        auto* line = find<QLineEdit>(field);
        ASSERT_NE(line, nullptr);
        line->selectAll();
        QTest::keyClicks(line, QLatin1String(words));
        QTest::keyClick(line, Qt::Key_Return);
        settle();
    }
    void fly(const char* craft)
    {
        auto* menu = window.findChild<QMenu*>("craft menu");
        Q_EMIT menu->aboutToShow();
        auto* entry = menu->findChild<QAction*>(QStringLiteral("fly ") + QLatin1String(craft));
        ASSERT_NE(entry, nullptr);
        entry->trigger();
        step();
        settle();
    }
};

TEST_F(LayerRecipe, FourMeaningsForOneButton)
{
    touchFor("new layer", kThumb);
    const auto first = document.tangle().layers.back().name;
    touchFor("new layer", kToggle);
    move(kToggle, 0);
    const auto second = document.tangle().layers.back().name;
    click("new chord");
    push(kTrigger);
    for (const auto& layer : {std::string("Base"), first, second, first + " + " + second}) {
        click(("across " + layer).c_str());
        click("next free");
    }
    EXPECT_EQ(during(kTrigger), "1");
    move(kThumb, 1);
    EXPECT_EQ(during(kTrigger), "2");
    move(kToggle, 1);
    EXPECT_EQ(during(kTrigger), "4");
    move(kThumb, 0);
    EXPECT_EQ(during(kTrigger), "3");
}

TEST_F(LayerRecipe, ASwitchThatChangesTheWholeDeskBetweenTwoSeats)
{
    push(kTrigger);
    click("next free");
    push(kThumb);
    click("next free");
    touchFor("new layer", kToggle);
    type("layer name", "Observer");
    push(kTrigger);
    click("next free");
    push(kThumb);
    click("next free");
    EXPECT_EQ(during(kTrigger) + during(kThumb), "12");
    move(kToggle, 1);
    EXPECT_EQ(during(kTrigger) + during(kThumb), "34");
    EXPECT_TRUE(session.isLive());
    session.standDown();
    settle();
    EXPECT_TRUE(goLive());
    settle();
    EXPECT_EQ(during(kTrigger), "3") << "the switch is on already";
}

TEST_F(LayerRecipe, ALeverThatMeansSomethingElseWhileHeld)
{
    const auto at = [&](std::uint16_t number) {
        const auto& device = *local.world.device("Jolly");
        for (std::size_t slot = 0; slot < device.spec.slots.size(); ++slot) {
            if (device.spec.slots[slot].control == axis(number)) return device.spec.values[slot].x;
        }
        return -1;
    };
    move(kThrottle, 500);
    click("next free");
    touchFor("new layer", kThumb);
    move(kThrottle, 300);
    click("next free");
    choose(window, "crossing", 1);
    const auto first = targetOf(strands()[0].ends[0])->control.number;
    const auto second = targetOf(strands().back().ends[0])->control.number;
    ASSERT_NE(first, second);
    const auto low = at(second);
    move(kThumb, 1);
    EXPECT_EQ(at(first), low) << "it rests";
    move(kThrottle, 800);
    EXPECT_EQ(at(second), low) << "the hand has not met it";
    move(kThrottle, 0);
    move(kThrottle, 700);
    EXPECT_GT(at(second), low);
    const auto there = at(second);
    move(kThumb, 0);
    move(kThrottle, 750);
    EXPECT_EQ(at(second), low);
    EXPECT_EQ(at(first), low) << "nor here";
    move(kThrottle, 0);
    move(kThrottle, 700);
    EXPECT_EQ(at(first), there);
}

TEST_F(LayerRecipe, OneTangleForFiveCraft)
{
    push(kTrigger);
    click("next free");
    push(kThumb);
    click("next free");
    for (const auto* name :
         {"Gannet 12", "Puffling 3", "Bramble Rally 4", "Saltback", "Winch Nine"}) {
        window.showCraftLibrary();
        settle();
        click("craft Everywhere");
        click("new craft");
        type("craft name", name);
    }
    EXPECT_EQ(document.tangle().craft.size(), 6U);
    fly("Puffling 3");
    window.showPage(app::Rail::Weave);
    push(kTrigger);
    click("row ");
    click("button 5");
    EXPECT_EQ(during(kTrigger), "5");
    EXPECT_EQ(during(kThumb), "2") << "what it did not change";
    for (const auto* other : {"Gannet 12", "Everywhere", "Winch Nine"}) {
        fly(other);
        EXPECT_EQ(during(kTrigger), "1") << other;
    }
    push(kThumb);
    fly("Everywhere");
    push(kThumb);
    click("row ");
    click("button 6");
    fly("Saltback");
    EXPECT_EQ(during(kThumb), "6") << "one change in Everywhere reaches them all";
}

TEST_F(LayerRecipe, GiveAFunctionAnotherName)
{
    document.edit("a function", [](Tangle& tangle) {
        setFunctions(tangle, "everywhere", {"mail hatch", "anchor"});
        setFunction(tangle, {"jolly", button(1)}, "mail hatch");
    });
    settle();
    window.showCraftLibrary();
    settle();
    click("craft Everywhere");
    auto* lines = find<QPlainTextEdit>("craft functions");
    lines->setFocus();
    lines->moveCursor(QTextCursor::Start);
    lines->moveCursor(QTextCursor::EndOfLine, QTextCursor::KeepAnchor);
    QTest::keyClicks(lines, "post door");
    find("craft note")->setFocus();
    settle();
    EXPECT_EQ(functionAt(document.tangle(), {"jolly", button(1)}), "post door");
    EXPECT_EQ(find<QPlainTextEdit>("craft functions")->toPlainText(), "post door\nanchor");
    document.history().undo();
    settle();
    EXPECT_EQ(functionAt(document.tangle(), {"jolly", button(1)}), "mail hatch");
    EXPECT_EQ(find<QPlainTextEdit>("craft functions")->toPlainText(), "mail hatch\nanchor");
}

TEST_F(LayerRecipe, AModifierThatTaps)
{
    push(kThumb);
    click("next free");
    push(kTrigger);
    click("next free");
    touchFor("new layer", kThumb);
    click("tap only");
    push(kTrigger);
    click("next free");
    move(kThumb, 1);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(during(kTrigger), "3");
    move(kThumb, 0);
    EXPECT_EQ(pressed(), "") << "it was used as a modifier";
    pass(500);
    move(kThumb, 1);
    pass(100);
    move(kThumb, 0);
    EXPECT_EQ(pressed(), "1") << "a short tap alone";
    pass(500);
    EXPECT_EQ(pressed(), "");
}

}  // namespace
}  // namespace jolly
