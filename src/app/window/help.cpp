// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/help.h"

#include "app/page_info/page_info.h"
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

void openAboutPage(Rail::Page page, QWidget* window)
{
    auto* panel = makePanel(QObject::tr("What is this page?"), window);
    const auto infos = pageInfos();
    for (const auto& sentence : infos[page].about) panel->addWords(sentence);
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
