// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "core/tangle/lookup.h"
#include "local_engine.h"
#include "no_dialogs.h"
#include "pretend/motion.h"
#include "pretend/world_file.h"
#include "support/golden.h"

#include <QAbstractButton>
#include <QApplication>
#include <QPainter>
#include <QTemporaryDir>
#include <QTest>

namespace jolly::test
{

using namespace app;

inline constexpr Time kBefore = std::chrono::milliseconds(5200);
inline constexpr Time kMoment = std::chrono::milliseconds(5600);

/// The window on the demo tangle, in a world that stands still.
class Scene
{
 public:
    explicit Scene(bool isEmpty)
        : session({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
              return std::make_unique<LocalLink>(local);
          }}),
          studio(document, session),
          settings(folder.filePath("window.conf")),
          window(studio, dialogs, settings)
    {
        studio.feed().setClock([this] { return local.world.now(); });
        window.topBar().setClock([] { return QTime(14, 2, 30); });
        studio.selection().setFollowing(false);
        if (!isEmpty) {
            static_cast<void>(document.open(
                QString::fromStdString((shippedData() / "demo" / "marrowmere.tangle").string())));
            plugIn();
        }
        window.resize(1280, 800);
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
        studio.selection().select(Source{controller, *parseControlCode(control)});
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
            .cardOf(studio.stance().strandsFrom(*studio.selection().selected()).back()->id)
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
    QTemporaryDir folder;
    Settings settings;
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

}  // namespace jolly::test
