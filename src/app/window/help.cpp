// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/help.h"

#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/window/panel.h"

#include <QGridLayout>
#include <QLabel>

namespace jolly::app
{

namespace
{

Panel* makePanel(const QString& title, QWidget* window)
{
    auto* panel = new Panel(title, window);
    panel->setAttribute(Qt::WA_DeleteOnClose);
    return panel;
}

/// Keys that are no commands: they work on what has the keyboard.
std::vector<std::pair<QString, QString>> otherKeys()
{
    return {{QObject::tr("Tab, Shift+Tab"), QObject::tr("the next faceplate, card or field")},
            {QObject::tr("Arrows"), QObject::tr("from control to control on a faceplate")},
            {QObject::tr("Enter"), QObject::tr("choose the control: on the left it is selected, "
                                               "on the right the strand leads there")},
            {QObject::tr("Letters"), QObject::tr("the control that begins with them")},
            {QObject::tr("Menu, Shift+F10"), QObject::tr("what can be done with it")},
            {QObject::tr("Alt"), QObject::tr("the menus")},
            {QObject::tr("Esc"), QObject::tr("give up, let go, close")}};
}

QLabel* makeHead(const QString& words)
{
    auto* head = new QLabel(words);
    head->setFont(textFont(TextSize::Normal, true));
    setTone(*head, "title");
    return head;
}

void addKey(QGridLayout& grid, const QString& keys, const QString& words)
{
    const int row = grid.rowCount();
    auto* left = new QLabel(keys);
    setTone(*left, "straw");
    auto* right = new QLabel(words);
    right->setWordWrap(true);
    grid.addWidget(left, row, 0, Qt::AlignTop);
    grid.addWidget(right, row, 1);
}

}  // namespace

QStringList aboutPage(Rail::Page page)
{
    switch (page) {
        case Rail::Rig:
            return {
                QObject::tr(
                    "The rig is every controller on your desk, each drawn as its faceplate."),
                QObject::tr("Move a lever or press a button: it lights up and is selected."),
                QObject::tr("On the right you see what it really does: its range, rest, noise "
                            "and spikes."),
                QObject::tr("Give it a name and a role there, or calibrate the whole controller "
                            "in one walk."),
                QObject::tr("A controller that is away stays here, dashed, until it is back.")};
        case Rail::Weave:
            return {QObject::tr("Here controls are led to the virtual devices that games see."),
                    QObject::tr("Touch a control, then click a virtual control on the right: a "
                                "strand leads there."),
                    QObject::tr("The selected control's strands stand in the middle, with their "
                                "stages."),
                    QObject::tr("Edits go to the craft and layer that the middle names."),
                    QObject::tr("A click on a taken virtual control shows what feeds it.")};
        case Rail::Shape:
            return {QObject::tr("Here one axis is large, so that its feel can be set."),
                    QObject::tr("Drag the points of the curve and the edges of the dead zone; the "
                                "dot is your hand."),
                    QObject::tr("Exact numbers stand beside, a stage each."),
                    QObject::tr("Hold \"try the old one\" to compare with what was saved."),
                    QObject::tr("A feel that you like can be copied to other axes.")};
        case Rail::Layers:
            return {QObject::tr("A layer gives controls other meanings while it is engaged."),
                    QObject::tr("The stack on the left shows which are; the highest one that has a "
                                "strand counts."),
                    QObject::tr("The faceplate shows what each control does right now, and which "
                                "layer says so."),
                    QObject::tr("A rule engages a layer: while a control is held, or flipped by a "
                                "press."),
                    QObject::tr("Below the rules you see what each craft has of its own.")};
        case Rail::Bench:
            return {
                QObject::tr("The Bench shows the truth from the hand to the game."),
                QObject::tr("The virtual device is read back as a game reads it; any difference "
                            "is a fault."),
                QObject::tr("Move a virtual control by hand, or sweep it alone while a sim "
                            "listens."),
                QObject::tr("The flight recorder keeps the last minutes; drag on its line to "
                            "look at a moment."),
                QObject::tr("Delay and events a second are measured all the time.")};
    }
    return {};
}

void openAboutPage(Rail::Page page, QWidget* window)
{
    auto* panel = makePanel(QObject::tr("What is this page?"), window);
    for (const auto& sentence : aboutPage(page)) panel->addWords(sentence);
    panel->addWay(QObject::tr("Go on"), 0);
    panel->open();
}

void openKeySheet(const Commands& commands, QWidget* window)
{
    auto* panel = makePanel(QObject::tr("Keys"), window);
    auto* scroll = new ScrollColumn("key sheet", 10);
    scroll->setMinimumSize(560, 380);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(24);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(1, 1);
    for (int menu = 0; menu < Commands::kMenus; ++menu) {
        grid->addWidget(makeHead(Commands::nameOf(static_cast<Commands::Menu>(menu))),
                        grid->rowCount(), 0, 1, 2);
        for (const auto* action : commands.actions(static_cast<Commands::Menu>(menu))) {
            if (action->shortcut().isEmpty()) continue;
            addKey(*grid, action->shortcut().toString(QKeySequence::NativeText),
                   action->text().remove(QLatin1Char('&')));
        }
    }
    grid->addWidget(makeHead(QObject::tr("On what has the keyboard")), grid->rowCount(), 0, 1, 2);
    for (const auto& [keys, words] : otherKeys()) addKey(*grid, keys, words);
    scroll->column().addLayout(grid);
    scroll->column().addStretch();
    panel->column().addWidget(scroll, 1);
    panel->addWay(QObject::tr("Close the sheet"), 0);
    panel->open();
}

void openAbout(QWidget* window)
{
    auto* panel =
        makePanel(QObject::tr("Jolly Tangle %1").arg(QStringLiteral(JOLLY_VERSION)), window);
    panel->addWords(
        QObject::tr("Merges the sticks, throttles, pedals, wheels and button boxes on a "
                    "desk into virtual joysticks that games see."));
    panel->addWords(
        QObject::tr("Free software under the GNU General Public License, version 3 or "
                    "later. It comes without any warranty."));
    panel->addWords(QObject::tr("Your tangles are plain text files and belong to you."));
    panel->addWay(QObject::tr("Close"), 0);
    panel->open();
}

}  // namespace jolly::app
