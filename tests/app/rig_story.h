// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "window_story.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>

namespace jolly::test
{

using namespace app;
using testing::HasSubstr;

/// The Rig page, with the stick's X selected and woven to axis 1.
class RigStory : public WindowStory
{
 protected:
    RigStory()
    {
        studio.feed().setClock([this] { return local.world.now(); });
        document.edit("weave", [](Tangle& tangle) {
            ASSERT_TRUE(connect(tangle, tangle.rig[0], kX, {"jolly", axis(1)}));
        });
        studio.selection().setFollowing(false);
        window.showPage(Rail::Rig);
        studio.selection().select(Source{"stick", kX});
        wait(0.1);
    }

    void moveX(std::int32_t raw, double forSeconds = 0.1)
    {
        move(kX, raw);
        wait(forSeconds);
    }
    void throwAndLetGo(std::int32_t rest)
    {
        moveX(900);
        moveX(rest, 1.0);
    }
    /// Through all steps up to the verdict; no notches.
    void walk()
    {
        click("calibrate");
        for (const int raw : {-950, -400, 0, 500, 980, 0}) moveX(raw);
        click("calibration next");
        for (const int rest : {12, -6, 4}) throwAndLetGo(rest);
        click("calibration next");
        click("calibration next");
    }
    std::string wordsOf(const char* name) { return textOf(name).toStdString(); }
    const RigControl& x() const { return *findControl(document.tangle().rig[0], kX); }
};

}  // namespace jolly::test
