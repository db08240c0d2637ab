// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/thread_overlay.h"
#include "app/pages/thread_route.h"
#include "app/window/toast.h"
#include "window_story.h"

#include <QAccessible>

/// The way of a thread, and what ends its drag.
namespace jolly::test
{
namespace
{

/// Three buttons side by side; the gutter is to their right.
app::ThreadPlace buttonInARow(int place)
{
    app::ThreadPlace thread{.control = {}, .anchor = {}, .others = {}, .gutter = 100.0};
    for (int i = 0; i < 3; ++i) {
        const QRectF button(20.0 * i, 40.0, 20.0, 20.0);
        if (i == place) {
            thread.control = button;
        } else {
            thread.others.push_back(button);
        }
    }
    thread.anchor = thread.control.center();
    return thread;
}

TEST(ThreadRoute, LeadsStraightOutWhereNothingIsInTheWay)
{
    const auto way = app::routeToGutter(buttonInARow(2));
    ASSERT_EQ(way.size(), 2);
    EXPECT_EQ(way.front(), QPointF(60.0, 50.0)) << "beside its number, not over it";
    EXPECT_EQ(way.back(), QPointF(100.0, 50.0));
}

TEST(ThreadRoute, LeadsPastItsNeighboursNotOverThem)
{
    const auto way = app::routeToGutter(buttonInARow(0));
    EXPECT_EQ(way.back().x(), 100.0);
    const auto y = way.back().y();
    EXPECT_TRUE(y == 40.0 || y == 60.0) << y;
    EXPECT_EQ(way.front(), QPointF(10.0, y)) << "from the edge of its own";
}

TEST(ThreadRoute, FindsTheChannelBetweenTwoRows)
{
    auto thread = buttonInARow(0);
    thread.others.push_back({20.0, 20.0, 40.0, 24.0});  // a label that reaches into the row
    const auto way = app::routeToGutter(thread);
    EXPECT_EQ(way.back().y(), 60.0);
}

class ThreadTest : public WindowStory
{
};

TEST_F(ThreadTest, EscapeLetsGoOfItAndNothingIsWoven)
{
    move(kX, 600);
    const auto* overlay = window.findChild<app::ThreadOverlay*>("threads");
    ASSERT_TRUE(overlay);
    auto* view = find<app::ControlView>("ABS_X");
    ASSERT_TRUE(view);
    const auto before = overlay->threads().size();
    QTest::mousePress(view, Qt::LeftButton, {}, view->rect().center());
    QTest::mouseMove(view, view->rect().center() + QPoint(60, 10));
    QTest::mouseMove(view, view->rect().center() + QPoint(300, 40));
    EXPECT_EQ(overlay->threads().size(), before + 1);
    keys(view, Qt::Key_Escape);
    EXPECT_EQ(overlay->threads().size(), before);
    EXPECT_TRUE(studio.selection().selected()) << "only the drag ends";
    QTest::mouseMove(view, view->rect().center() + QPoint(320, 60));
    EXPECT_EQ(overlay->threads().size(), before);
    auto* target = find<app::ControlView>("axis 1");
    QTest::mouseRelease(view, Qt::LeftButton, {},
                        view->mapFromGlobal(target->mapToGlobal(target->rect().center())));
    settle();
    EXPECT_TRUE(document.tangle().strands.empty());
}

TEST_F(ThreadTest, WhatIsSaidIsShownToScreenReadersAsANotification)
{
    studio.messages().say("It is led on.");
    settle();
    auto* toast = find<app::Toast>("toast");
    ASSERT_TRUE(toast);
    auto* inWords = QAccessible::queryAccessibleInterface(toast);
    ASSERT_TRUE(inWords);
    EXPECT_EQ(inWords->role(), QAccessible::Notification);
    EXPECT_EQ(inWords->text(QAccessible::Name), "It is led on.");
}

TEST_F(ThreadTest, ALayersNameIsOfTheLayerItWasTypedFor)
{
    document.edit("layers", [](Tangle& tangle) {
        tangle.layers.push_back({.id = "one", .name = "One"});
        tangle.layers.push_back({.id = "two", .name = "Two"});
    });
    studio.stance().chooseLayer("one");
    window.showPage(app::Rail::Layers);
    settle();
    auto* name = find<QLineEdit>("layer name");
    ASSERT_TRUE(name);
    name->selectAll();
    QTest::keyClicks(name, "Taxi");
    studio.stance().chooseLayer("two");
    settle();
    EXPECT_EQ(document.tangle().layers[1].name, "Taxi");
    EXPECT_EQ(document.tangle().layers[2].name, "Two");
}

}  // namespace
}  // namespace jolly::test
