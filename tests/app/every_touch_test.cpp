// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_list.h"
#include "hands_story.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QPointer>
#include <QSpinBox>
#include <QToolButton>
#include <set>

/// Everything that can be chosen is chosen once: commands, menus, stages, settings.
namespace jolly::test
{
namespace
{

class EveryTouch : public HandsTest
{
 protected:
    /// Every entry of the menus once; those that end the window are left out.
    void giveEveryCommand()
    {
        const Closer closer;
        for (int menu = 0; menu < app::Commands::kMenus; ++menu) {
            for (auto* action : window.commands().actions(static_cast<app::Commands::Menu>(menu))) {
                if (action->objectName() == QLatin1String("close window")) continue;
                SCOPED_TRACE(action->objectName().toStdString());
                action->trigger();
                settle();
                if (action->isCheckable()) action->trigger();
                settle();
            }
        }
    }

    /// The menu that a widget opens, if it has one.
    static QMenu* menuOf(QWidget& widget)
    {
        const auto* push = qobject_cast<QPushButton*>(&widget);
        const auto* tool = qobject_cast<QToolButton*>(&widget);
        if (auto* menu = push ? push->menu() : tool ? tool->menu() : nullptr) {
            Q_EMIT menu->aboutToShow();
            return menu;
        }
        const auto middle = widget.rect().center();
        QContextMenuEvent event(QContextMenuEvent::Mouse, middle, widget.mapToGlobal(middle));
        QCoreApplication::sendEvent(&widget, &event);
        return qobject_cast<QMenu*>(QApplication::activePopupWidget());
    }

    static std::vector<QAction*> entriesOf(const QMenu& menu)
    {
        std::vector<QAction*> entries;
        for (auto* action : menu.actions()) {
            if (action->isSeparator()) continue;
            if (action->objectName() == QLatin1String("close window")) continue;
            if (!action->menu()) {
                entries.push_back(action);
                continue;
            }
            const auto inside = entriesOf(*action->menu());
            entries.insert(entries.end(), inside.begin(), inside.end());
        }
        return entries;
    }

    static QString wordsOf(const QMenu& menu)
    {
        QString words;
        for (const auto* entry : entriesOf(menu)) words += entry->text() + QLatin1Char('|');
        return words;
    }

    void undoAll()
    {
        while (document.history().canUndo()) document.history().undo();
        settle();
    }

    /// Chooses every entry of a widget's menu once, if it is another one than all before. The
    /// widget may go with each of them. @return whether it was.
    bool chooseEveryEntry(const QPointer<QWidget>& widget, app::Rail::Page page)
    {
        const Closer closer;  // of what an entry asks, and of Qt's own menus, which wait for a hand
        for (std::size_t i = 0; widget && widget->isVisible(); ++i) {
            const QPointer<QMenu> menu(menuOf(*widget));
            if (!menu) return false;
            const auto entries = entriesOf(*menu);
            if (i == 0 && !chosen.insert(wordsOf(*menu)).second) {
                menu->close();
                return false;
            }
            if (i >= entries.size()) {
                menu->close();
                break;
            }
            SCOPED_TRACE(entries[i]->text().toStdString());
            if (entries[i]->isEnabled()) entries[i]->trigger();
            if (menu) menu->close();
            settle();
            ++count;
            undoAll();
            stand(page);
        }
        return true;
    }

    void stand(app::Rail::Page page)
    {
        window.showPage(page);
        studio.selection().select(Source{"stick", kTrigger});
        settle();
    }

    /// Whether a menu on this page was not chosen from before; then it is now.
    bool chooseNextMenu(app::Rail::Page page)
    {
        stand(page);
        std::vector<QPointer<QWidget>> all;
        for (auto* widget : window.findChildren<QWidget*>()) {
            if (widget->isVisible()) all.emplace_back(widget);
        }
        return std::ranges::any_of(
            all, [&](const auto& widget) { return chooseEveryEntry(widget, page); });
    }

    void chooseEveryMenu()
    {
        for (int page = 0; page < 5; ++page) {
            while (chooseNextMenu(static_cast<app::Rail::Page>(page))) continue;
        }
    }

    /// Changes every field, choice and tick box within a widget.
    void changeEveryField(const QWidget& within)
    {
        std::vector<QPointer<QWidget>> all;
        for (auto* widget : within.findChildren<QWidget*>()) all.emplace_back(widget);
        for (const auto& field : all) {
            if (!field || !field->isVisible() || !field->isEnabled()) continue;
            SCOPED_TRACE(field->objectName().toStdString());
            if (auto* number = qobject_cast<QAbstractSpinBox*>(field)) {
                number->stepUp();
                ++count;
            } else if (auto* choice = qobject_cast<QComboBox*>(field)) {
                const auto next = (choice->currentIndex() + 1) % std::max(1, choice->count());
                choice->setCurrentIndex(next);
                Q_EMIT choice->activated(next);
                ++count;
            } else if (auto* box = qobject_cast<QAbstractButton*>(field);
                       box && box->isCheckable()) {
                box->click();
                ++count;
            }
            settle();
        }
    }

    std::set<QString> chosen;  ///< menus, by what they say
    int count = 0;             ///< of touches
};

TEST_F(EveryTouch, EveryCommandCanBeGivenInAnEmptyTangle)
{
    giveEveryCommand();
    EXPECT_TRUE(window.isVisible());
}

TEST_F(EveryTouch, EveryCommandCanBeGivenInAFullTangleIdleAndLive)
{
    fill();
    move(kX, 500);
    giveEveryCommand();
    fill();
    move(kX, 600);
    EXPECT_TRUE(goLive());
    giveEveryCommand();
    EXPECT_TRUE(window.isVisible());
}

TEST_F(EveryTouch, EveryEntryOfEveryContextMenuIdleAndLive)
{
    fill();
    move(kTrigger, 1);
    move(kX, 500);
    chooseEveryMenu();
    EXPECT_GT(count, 60);
    chosen.clear();
    count = 0;
    fill();
    move(kX, 600);
    EXPECT_TRUE(goLive());
    chooseEveryMenu();
    EXPECT_GT(count, 60);
    EXPECT_TRUE(window.isVisible());
}

TEST_F(EveryTouch, EveryStageIsPutInOpenedAndChanged)
{
    struct Way {
        ControlCode from;
        VirtualControl to;
    };
    const Way kWays[] = {{kX, axis(1)},        {kThrottle, axis(3)}, {kTrigger, button(1)},
                         {kToggle, button(2)}, {kHat, hat(1)},       {kDial, button(3)}};
    std::set<std::string> seen;
    for (const auto& way : kWays) {
        StageList::forEach([&](auto kind) {
            auto tangle = smallTangle();
            const auto strand = addStrand(tangle, way.from, way.to).id;
            if (!infoOf(StageParameters(kind))
                     .takes.has(findControl(tangle.rig[0], way.from)->kind))
                return;
            SCOPED_TRACE(kind.kInfo.name);
            jolly::addStage(tangle, strand, kind);
            document.begin(tangle, {});
            studio.selection().select(Source{"stick", way.from});
            const bool isAxis = way.from.type == EventType::Abs && way.from != kHat;
            for (const auto page : {app::Rail::Weave, app::Rail::Shape}) {
                if (page == app::Rail::Shape && !isAxis) continue;
                window.showPage(page);
                settle();
                const auto stages = document.tangle().strands[0].stages.size();
                for (std::size_t i = 0; i < stages; ++i) {
                    const auto name = QStringLiteral("stage %1").arg(i);
                    for (auto* box : window.findChildren<QWidget*>(name)) {
                        if (!box->isVisible()) continue;
                        QTest::mouseClick(box, Qt::LeftButton);
                        settle();
                        break;
                    }
                    for (auto* editor : window.findChildren<QWidget*>("stage editor"))
                        if (editor->isVisible()) changeEveryField(*editor);
                }
            }
            seen.emplace(kind.kInfo.name);
            undoAll();
        });
    }
    std::size_t all = 0;
    StageList::forEach([&](auto) { ++all; });
    EXPECT_EQ(seen.size(), all);
    EXPECT_GT(count, 100);
}

TEST_F(EveryTouch, EverySettingIsChangedAndChangedBack)
{
    fill();
    window.findChild<QAction*>("open settings")->trigger();
    settle();
    auto* page = find<QWidget>("settings");
    ASSERT_TRUE(page);
    const Closer closer;
    for (int again = 0; again < 2; ++again) changeEveryField(*page);
    EXPECT_GT(count, 8);
    EXPECT_TRUE(window.isVisible());
}

}  // namespace
}  // namespace jolly::test
