// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/shape_plot.h"
#include "app/strands/strand_card.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "local_engine.h"
#include "no_dialogs.h"
#include "pretend/motion.h"
#include "pretend/world_file.h"
#include "support/golden.h"

#include <linux/input-event-codes.h>

#include <QApplication>
#include <QDir>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QTest>

/// Renders the main views from the demo data, as they stand at one moment of the pretend rig: the
/// same picture each time. Usage: screenshots FOLDER [NAME]
namespace jolly::test
{
namespace
{

using namespace app;

constexpr Time kBefore = std::chrono::milliseconds(5200);
constexpr Time kMoment = std::chrono::milliseconds(5600);

/// The window on the demo tangle, in a world that stands still.
class Scene
{
 public:
    explicit Scene(bool isEmpty)
        : session({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
              return std::make_unique<LocalLink>(local);
          }}),
          studio(document, session),
          window(studio, dialogs)
    {
        studio.setClock([this] { return local.world.now(); });
        window.topBar().setClock([] { return QTime(14, 2, 30); });
        studio.setFollowing(false);
        if (!isEmpty) {
            static_cast<void>(document.open(
                QString::fromStdString((shippedData() / "demo" / "marrowmere.tangle").string())));
            plugIn();
        }
        window.show();
        session.begin();
        settle();
    }

    void goLive()
    {
        session.goLive();
        settle();
        move(kBefore, kMoment);
        m_played = kMoment;
    }

    /// Lets the whole rig move for a while, as it does in the pretend world.
    void play(Time length)
    {
        constexpr Time kTick = std::chrono::milliseconds(16);
        for (const auto end = m_played + length; m_played < end; m_played += kTick)
            move(m_played, m_played + kTick);
    }

    void click(const char* name)
    {
        for (auto* button : window.findChildren<QAbstractButton*>(QLatin1String(name)))
            if (button->isVisible()) button->click();
        settle();
    }

    /// Draws the list that is open over the window: an offscreen grab takes one of them only.
    void showPopup()
    {
        settle();
        popup = QApplication::activePopupWidget();
    }

    QPixmap grab()
    {
        auto picture = window.grab();
        if (!popup) return picture;
        QPainter painter(&picture);
        painter.drawPixmap(window.mapFromGlobal(popup->pos()), popup->grab());
        return picture;
    }

    /// Moves the axes of the first controller there and back.
    void sweep(std::int32_t low, std::int32_t high)
    {
        const auto& controls = m_script.controllers[0].controls;
        for (const int part : {0, 25, 50, 75, 100, 60, 50}) {
            std::vector<RawMove> moves;
            for (std::size_t i = 0; i < controls.size(); ++i) {
                if (controls[i].code.type != EventType::Abs || isHatCode(controls[i].code))
                    continue;
                const auto scale = (controls[i].high - controls[i].low) / 1023.0;
                const auto raw = (low + (high - low) * part / 100.0) * scale;
                moves.push_back({static_cast<std::uint16_t>(i), false,
                                 static_cast<std::int32_t>(raw + (i == 1 ? 3 : 0))});
            }
            local.world.setNow(local.world.now() + std::chrono::milliseconds(120));
            local.world.move(m_handles[0], moves);
            settle();
        }
        local.world.setNow(local.world.now() + std::chrono::seconds(1));
        settle();
    }

    void select(const char* controller, const char* control)
    {
        studio.select(ControlRef{controller, *parseControlCode(control)});
        settle();
    }

    void nudge(std::initializer_list<Qt::Key> keys)
    {
        auto* plot = window.findChild<ShapePlot*>("shape plot");
        for (const auto key : keys) QTest::keyClick(plot, key);
        settle();
    }

    /// Takes entries of a button's menu.
    void choose(const char* button, const QStringList& entries)
    {
        auto* menu = window.findChild<QPushButton*>(QLatin1String(button))->menu();
        for (const auto& words : entries) {
            Q_EMIT menu->aboutToShow();
            for (auto* entry : menu->actions())
                if (entry->text() == words) entry->trigger();
        }
        settle();
    }

    /// Weaves what another craft wants of the stick's roll.
    void weaveRoll(const char* craft, double softness)
    {
        document.edit("another craft", [&](Tangle& tangle) {
            auto strand = *findStrand(tangle, "strand-1");
            strand.id += craft;
            strand.craft = craft;
            strand.stages = {{DeadZone{}}, {Softness{softness}}};
            tangle.strands.push_back(strand);
        });
    }

    /// Lets a virtual device show its buttons as a list.
    void list(const char* device)
    {
        auto* plate = window.weavePage().findChild<Faceplate*>(QLatin1String(device));
        plate->findChild<QPushButton*>(QStringLiteral("plate other"))->click();
        settle();
    }

    /// Flies a craft, with some of its layers engaged.
    void fly(const char* craft, std::initializer_list<const char*> layers = {})
    {
        studio.stance().chooseCraft(craft);
        settle();
        for (const auto* layer : layers) {
            studio.stance().flip(layer);
            settle();
        }
    }

    /// The Bench after half a minute of flight. In a world that stands still nothing takes any
    /// time, so the delays are made up.
    void openBench()
    {
        window.benchPage().game().setClock([] { return QTime(14, 1, 58); });
        goLive();
        fly("gannet-12");
        select("twinlever-q2", "ABS_X");
        play(std::chrono::seconds(24));
        fly("gannet-12", {"on-water"});
        play(std::chrono::seconds(6));
        window.showPage(Rail::Bench);
        showBench();
        LiveWriter writer(local.live.block());
        for (int i = 0; i < 900; ++i)
            writer.noteDelay(
                std::chrono::microseconds(24 + i % 23 + i % 17 + i % 41 * (i % 7 == 0)));
        window.benchPage().log().fetch();
        showBench();
    }

    void showBench()
    {
        settle();
        static_cast<void>(local.lookAsGame());
        window.benchPage().showValues();
        settle();
    }

    void chooseRow(const char* row)
    {
        QTest::mouseClick(window.findChild<QWidget*>(QLatin1String(row)), Qt::LeftButton);
        settle();
    }

    /// Holds a button of a controller for so long.
    void hold(std::size_t controller, const char* control, Time length)
    {
        const auto& controls = m_script.controllers[controller].controls;
        const auto code = *parseControlCode(control);
        for (std::size_t i = 0; i < controls.size(); ++i) {
            if (controls[i].code != code) continue;
            const auto place = static_cast<std::uint16_t>(i);
            local.world.move(m_handles[controller], {{place, false, 0}});
            settle();
            local.world.move(m_handles[controller], {{place, false, 1}});
            settle();
        }
        for (Time passed{}; passed < length; passed += std::chrono::milliseconds(20)) {
            local.world.setNow(local.world.now() + std::chrono::milliseconds(20));
            settle();
        }
    }

    /// Of the last strand that begins at the selected control.
    void openStage(int stage)
    {
        window.weavePage()
            .cardOf(studio.strandsFrom(*studio.selected()).back()->id)
            ->openEditor(stage);
        settle();
    }

    void settle()
    {
        local.engine.step(local.world.now());
        session.poll();
        for (int i = 0; i < 5; ++i) {
            QCoreApplication::processEvents();
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        }
    }

    LocalEngine local;
    NoDialogs dialogs;
    Document document;
    EngineSession session;
    Studio studio;
    MainWindow window;
    QWidget* popup = nullptr;

 private:
    Counts at(std::size_t controller, std::size_t control, Time time) const
    {
        const auto& script = m_script.controllers[controller].controls[control];
        return script.code.type == EventType::Rel
                   ? Counts{}
                   : positionAt(script, time, controller * 100 + control,
                                static_cast<std::uint64_t>(time / std::chrono::milliseconds(8)));
    }

    void plugIn()
    {
        m_script = readWorld(textOf(shippedData() / "demo" / "marrowmere-world.json")).script;
        for (std::size_t c = 0; c < m_script.controllers.size(); ++c) {
            std::vector<Counts> state;
            for (std::size_t i = 0; i < m_script.controllers[c].controls.size(); ++i)
                state.push_back(at(c, i, kBefore));
            m_handles.push_back(local.world.plug(m_script.controllers[c].description(), state));
        }
    }

    /// Lets the rig move on, so that presses are real presses.
    void move(Time from, Time to)
    {
        local.world.setNow(local.world.now() + (to - from));
        for (std::size_t c = 0; c < m_handles.size(); ++c) {
            std::vector<RawMove> moves;
            for (std::size_t i = 0; i < m_script.controllers[c].controls.size(); ++i) {
                const auto before = at(c, i, from);
                const auto now = at(c, i, to);
                const auto place = static_cast<std::uint16_t>(i);
                if (now.x != before.x) moves.push_back({place, false, now.x});
                if (now.y != before.y) moves.push_back({place, true, now.y});
            }
            local.world.move(m_handles[c], moves);
        }
        settle();
    }

    PretendScript m_script;
    std::vector<Handle> m_handles;
    Time m_played = kBefore;
};

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
    {"weave-trigger", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.list("Jolly 2");
         s.select("pebble-pad", "ABS_RZ");
         s.openStage(0);
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
                 if (strand.function == "mail hatch") strand.isOn = false;
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
    {"permission", false, true,
     [](Scene& s) {
         s.local.world.say({.severity = Severity::Error,
                            .path = "/system/uinput",
                            .sentence = "You may not write to /dev/uinput.",
                            .cure = "Give the person at the screen that permission, once.",
                            .meaning = "No virtual device can be made, so no game gets anything."});
         s.settle();
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
