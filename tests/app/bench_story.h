// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "window_story.h"

#include <QListView>

namespace jolly::test
{

/// The Bench, live, with the small stick: X moves axis 1, the throttle axis 3, the trigger
/// button 1.
class BenchStory : public WindowStory
{
 protected:
    void SetUp() override
    {
        studio.feed().setClock([this] { return local.world.now(); });
        document.edit("strands", [](Tangle& tangle) {
            tangle.rig[0].alias = "Skerry Stick";
            addStrand(tangle, kX, axis(1)).name = "Roll";
            addStrand(tangle, kThrottle, axis(3)).name = "Power";
            addStrand(tangle, kTrigger, button(1)).name = "Hatch";
            addStrand(tangle, kHat, hat(1)).name = "Look";
        });
        settle();
        ASSERT_TRUE(goLive());
        window.showPage(app::Rail::Bench);
        settle();
    }

    /// Lets the engine go on for a while, as it would by itself.
    void pass(Time length)
    {
        constexpr Time kStep = std::chrono::milliseconds(4);
        for (Time passed{}; passed < length; passed += kStep) {
            local.world.setNow(local.world.now() + kStep);
            local.engine.keepHand();
            step();
        }
        look();
    }

    /// What the timers do: reads back, draws, and goes on with what is to be learned.
    void look()
    {
        static_cast<void>(local.lookAsGame());
        session.poll();
        Q_EMIT studio.feed().moved();
        window.benchPage().learning().tick();
        window.benchPage().showValues();
        settle();
    }

    std::int32_t gameSees(VirtualControl control) const
    {
        const auto* device = local.world.device("Jolly");
        for (std::size_t i = 0; i < device->spec.slots.size(); ++i) {
            if (device->spec.slots[i].control == control) return device->spec.values[i].x;
        }
        return -99999;
    }

    std::size_t framesSent() const { return local.world.device("Jolly")->frames.size(); }

    /// What the story lists, the newest first.
    QStringList storyLines()
    {
        QStringList lines;
        const auto* model = find<QListView>("story")->model();
        for (int i = 0; i < model->rowCount(); ++i) lines += model->index(i, 0).data().toString();
        return lines;
    }

    /// A click of the mouse in the middle of a place.
    void clickAt(QWidget& widget, QPoint place, Qt::MouseButton button = Qt::LeftButton)
    {
        QTest::mouseClick(&widget, button, {}, place);
        look();
    }
};

}  // namespace jolly::test
