// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/pages/shape_page.h"
#include "app/shape/axis_list.h"
#include "app/shape/shape_plot.h"
#include "core/tangle/lookup.h"
#include "window_story.h"

#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>

namespace jolly::test
{

using testing::HasSubstr;

/// The Shape page with X, Y and the throttle woven.
class ShapeStory : public WindowStory
{
 protected:
    ShapeStory()
    {
        studio.feed().setClock([this] { return local.world.now(); });
        document.edit("weave", [](Tangle& tangle) {
            addStrand(tangle, kX, axis(1)).name = "Roll";
            addStrand(tangle, kY, axis(2)).name = "Pitch";
            addStrand(tangle, kThrottle, axis(3)).name = "Power";
        });
        step();
        window.showPage(app::Rail::Shape);
        settle();
    }

    void shape(std::vector<Stage> stages, std::size_t strand = 0)
    {
        document.edit("shape", [&](Tangle& tangle) { tangle.strands[strand].stages = stages; });
        step();
        settle();
    }

    template <class Kind>
    const Kind& stage(std::size_t place, std::size_t strand = 0)
    {
        return std::get<Kind>(strands()[strand].stages[place].parameters);
    }

    /// Clicks on a strand of the list.
    void chooseAxis(const char* strand)
    {
        auto* list = find<app::AxisList>("axes");
        const auto place = list->placeOf(strand);
        ASSERT_TRUE(place.isValid()) << "the list has no " << strand;
        list->scrollTo(place);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(place).center());
        settle();
    }

    app::ShapePlot& plot() { return *find<app::ShapePlot>("shape plot"); }

    int handle(const QString& name)
    {
        for (int i = 0; i < plot().handleCount(); ++i)
            if (plot().handleName(i) == name) return i;
        ADD_FAILURE() << "no handle is called " << name.toStdString();
        return 0;
    }

    /// Drags a handle by so many pixels.
    void drag(const QString& name, QPoint by)
    {
        const auto at = plot().placeOfHandle(handle(name)).toPoint();
        QTest::mousePress(&plot(), Qt::LeftButton, {}, at);
        QTest::mouseMove(&plot(), at + by / 2);
        QTest::mouseMove(&plot(), at + by);
        QTest::mouseRelease(&plot(), Qt::LeftButton, {}, at + by);
        step();
        settle();
    }

    /// What the game gets on virtual axis 1, -1 to 1.
    double sent()
    {
        step();
        return local.live.block().slots[0].raw / 32767.0;
    }

    void clickAt(const QPointF& place)
    {
        QTest::mouseClick(&plot(), Qt::LeftButton, {}, place.toPoint());
        settle();
    }

    /// Takes an entry of a button's menu.
    void choose(const char* button, const QString& words)
    {
        if (auto* action = entry(button, words)) action->trigger();
        settle();
    }

    QAction* entry(const char* button, const QString& words)
    {
        auto* menu = find<QPushButton>(button)->menu();
        Q_EMIT menu->aboutToShow();
        for (auto* action : menu->actions())
            if (action->text() == words) return action;
        ADD_FAILURE() << "no entry says " << words.toStdString();
        return nullptr;
    }
};

}  // namespace jolly::test
