// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/tangle_text.h"
#include "window_story.h"

#include <QApplication>
#include <QTimer>

namespace jolly::test
{

/// Closes whatever opens over the window, so that nothing waits for a hand.
class Closer
{
 public:
    Closer()
    {
        m_timer.setInterval(1);
        QObject::connect(&m_timer, &QTimer::timeout, [] {
            if (auto* popup = QApplication::activePopupWidget()) popup->close();
            if (auto* panel = QApplication::activeModalWidget()) panel->close();
        });
        m_timer.start();
    }

 private:
    QTimer m_timer;
};

class HandsTest : public WindowStory
{
 protected:
    void fill()
    {
        auto tangle = smallTangle();
        addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}});
        addStrand(tangle, kTrigger, button(1));
        addStrand(tangle, kThumb, button(2)).ends[0].goal = LayerGoal{"water", Engage::Hold};
        tangle.layers.push_back({.id = "water", .name = "On water"});
        tangle.craft.push_back({.id = "gannet", .name = "Gannet", .parent = "everywhere"});
        addStrand(tangle, kTrigger, button(3)).layer = "water";
        document.begin(tangle, {});
        settle();
    }

    std::string bytes() const { return format::writeTangle(document.tangle()); }
};

}  // namespace jolly::test
