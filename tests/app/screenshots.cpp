// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/language.h"
#include "app/shape/shape_plot.h"
#include "app/strands/strand_card.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "demo_scene.h"
#include "support/golden.h"

#include <linux/input-event-codes.h>

#include <QApplication>
#include <QDir>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QTest>

/// Renders the main views from the demo data, as they stand at one moment of the pretend rig: the
/// same picture each time. Usage: screenshots FOLDER [NAME]
namespace jolly::test
{
namespace
{

using namespace app;

struct Shot {
    const char* name;
    bool isLight;
    bool isEmpty;
    std::function<void(Scene&)> arrange;
};

const Shot kShots[] = {
    {"weave", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("twinlever-q2", "ABS_X");
     }},
    {"weave-switch", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.list("Jolly 2");
         s.select("bodger-box-24", "BTN_TRIGGER_HAPPY3");
         s.chooseRow("row right");
     }},
    {"weave-keys", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("bodger-box-24", "BTN_TRIGGER_HAPPY7");
         s.hold(4, "BTN_TRIGGER_HAPPY7", std::chrono::milliseconds(600));
     }},
    {"weave-narrow", false, false,
     [](Scene& s) {
         s.window.resize(960, 600);
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("twinlever-q2", "ABS_X");
         s.click("add invert");
     }},
    {"find", true, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("twinlever-q2", "ABS_X");
         s.window.findChild<QAction*>("find all")->trigger();
         s.showPopup();
         QTest::keyClicks(s.popup->findChild<QLineEdit*>("find"), "levre");
         s.settle();
     }},
    {"layers", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Layers);
         s.goLive();
         s.fly("gannet-12");
         s.studio.stance().chooseLayer("trim-held");
         s.select("skerry-stick", "BTN_THUMB");
     }},
    {"craft-library", false, false,
     [](Scene& s) {
         s.goLive();
         s.fly("gannet-12");
         s.window.showCraftLibrary();
         s.settle();
     }},
    {"strip", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.fly("gannet-12", {"trim-held"});
         s.studio.stance().chooseLayer("on-water");
         s.select("skerry-stick", "BTN_TRIGGER");
         s.hold(0, "BTN_TRIGGER", std::chrono::milliseconds(100));
         s.window.strip().move(s.window.mapToGlobal(QPoint(420, 560)));
         s.window.findChild<QAction*>("strip shown")->setChecked(true);
         s.settle();
         s.popup = &s.window.strip();
     }},
    {"layers-light", true, false,
     [](Scene& s) {
         s.window.showPage(Rail::Layers);
         s.goLive();
         s.fly("gannet-12", {"trim-held"});
         s.studio.stance().chooseLayer("water-trim");
         s.select("skerry-stick", "BTN_TRIGGER");
     }},
    {"bench", false, false,
     [](Scene& s) {
         s.openBench();
         s.window.benchPage().game().setPinned({"jolly-1", {ControlKind::Button, 9}}, true);
         s.showBench();
     }},
    {"bench-learn", true, false,
     [](Scene& s) {
         s.openBench();
         auto& learning = s.window.benchPage().learning();
         for (const std::size_t lesson : {0U, 1U, 2U}) learning.setLearned(lesson, true);
         learning.choose(3);
         learning.sweep();
         s.local.world.setNow(s.local.world.now() + std::chrono::milliseconds(700));
         s.settle();
         Q_EMIT learning.ticked();
         s.showBench();
     }},
    {"bench-recorder", false, false,
     [](Scene& s) {
         s.openBench();
         auto& log = s.window.benchPage().log();
         s.document.edit("another curve", [](Tangle& tangle) {
             for (auto& strand : tangle.strands) {
                 if (strand.function == "mail-hatch") strand.isOn = false;
             }
         });
         log.compareWithPresent();
         log.showMoment(log.differenceAt());
         s.showBench();
     }},
    {"shape", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Shape);
         s.weaveRoll("puffling-3", -0.3);
         s.weaveRoll("saltback", 0.8);
         s.goLive();
         s.select("skerry-stick", "ABS_X");
         s.play(std::chrono::seconds(24));
         s.choose("compare", {"Roll · Puffling 3", "Roll · Saltback"});
         s.nudge({Qt::Key_PageUp, Qt::Key_PageUp, Qt::Key_PageUp, Qt::Key_PageUp, Qt::Key_PageUp,
                  Qt::Key_Down, Qt::Key_Down, Qt::Key_Down, Qt::Key_Down, Qt::Key_Down});
     }},
    {"shape-wheel", true, false,
     [](Scene& s) {
         s.window.showPage(Rail::Shape);
         s.goLive();
         s.select("orrin-wheel-900", "ABS_X");
         s.play(std::chrono::seconds(12));
         s.choose("compare", {"Roll", "Rudder"});
     }},
    {"preflight", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.document.edit("trouble", [](Tangle& tangle) {
             tangle.devices[1].hats = 2;
             targetOf(tangle.strands[3].ends[0])->control.number = 40;
             tangle.rig[2].hiding = Hiding::None;
         });
         s.goLive();
         s.click("preflight");
         s.showPopup();
     }},
    {"rig", false, false,
     [](Scene& s) {
         s.goLive();
         s.select("skerry-stick", "ABS_X");
         s.play(std::chrono::seconds(24));
     }},
    {"calibrate", false, false,
     [](Scene& s) {
         s.select("skerry-stick", "ABS_X");
         s.click("calibrate");
         s.sweep(20, 1000);
     }},
    {"arrange", false, false,
     [](Scene& s) {
         s.select("bodger-box-24", "BTN_THUMB");
         s.click("arrange");
         auto* overlay = s.window.findChild<QWidget*>("arrange overlay");
         for (int i = 0; i < 7; ++i) QTest::keyClick(overlay, Qt::Key_Tab);
         s.settle();
     }},
    {"rig-empty", false, true, [](Scene&) {}},
};

}  // namespace
}  // namespace jolly::test

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    static_cast<void>(jolly::app::speak(application, QStringLiteral("en")));
    const auto folder = application.arguments().value(1);
    const auto only = application.arguments().value(2);
    for (const auto& shot : jolly::test::kShots) {
        if (!only.isEmpty() && only != QLatin1String(shot.name)) continue;
        jolly::app::useLight(shot.isLight);
        jolly::app::applyTheme(application);
        jolly::test::Scene scene(shot.isEmpty);
        shot.arrange(scene);
        scene.settle();
        if (!scene.grab().save(QDir(folder).filePath(QLatin1String(shot.name) + ".png"))) return 1;
    }
    return 0;
}
