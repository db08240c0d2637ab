// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/listen/chord_field.h"
#include "app/style/value_text.h"
#include "app/window/main_window.h"
#include "local_engine.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <QAction>
#include <QMenu>
#include <QTemporaryDir>
#include <QTest>

namespace jolly::test
{

/// Answers what the window asks.
class ScriptedDialogs : public app::Dialogs
{
 public:
    QString openFile(QWidget*, FileKind) override { return file; }
    QString saveFile(QWidget*, FileKind, const QString&) override { return file; }
    Answer unsaved(QWidget*, const QString&) override
    {
        ++asked;
        return answer;
    }
    Conflict conflict(QWidget*, const QString&, const QStringList& words) override
    {
        difference = words;
        return conflictAnswer;
    }
    std::optional<Leave> leaving(QWidget*, const Parting& what) override
    {
        ++asked;
        parting = what;
        return leave;
    }
    std::optional<std::size_t> broken(QWidget*, const QString&, const QStringList& why,
                                      const std::vector<app::EarlierCopy>& kept) override
    {
        told = why.join('\n');
        copies = kept;
        return copy;
    }
    std::optional<Ends> removing(QWidget*, const QString&, std::size_t strands) override
    {
        strandsAsked = strands;
        return ends;
    }
    void permit(QWidget*, const std::function<void(const QString&)>& tellOutcome) override
    {
        tellOutcome("Nothing was permitted; try again, or use the command.");
    }
    void tell(QWidget*, const QString&, const QString& sentence) override { told = sentence; }

    QString file;
    Answer answer = Answer::Discard;
    Conflict conflictAnswer = Conflict::Cancel;
    QStringList difference;
    std::optional<Leave> leave = Leave{.keepsFlying = true};
    Parting parting;
    std::vector<app::EarlierCopy> copies;
    std::optional<std::size_t> copy;
    std::optional<Ends> ends = Ends::Cut;
    std::size_t strandsAsked = 0;
    int asked = 0;
    QString told;
};

/// The real window with a small stick on the desk, as a vocabulary.
class WindowStory : public testing::Test
{
 protected:
    WindowStory()
        : session({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
              return std::make_unique<LocalLink>(local);
          }}),
          studio(document, session),
          settings(home.filePath("window.conf")),
          window(studio, dialogs, settings)
    {
        document.begin(smallTangle(), {});
        stick = local.world.plug(describe(smallStick()),
                                 std::vector<Counts>(smallStick().controls.size()));
        step();
        window.showPage(app::Rail::Weave);
        window.show();
        session.begin();
        settle();
    }

    /// What came of going live.
    Fallible goLive()
    {
        Fallible outcome;
        session.goLive([&](const Fallible& done) { outcome = done; });
        return outcome;
    }

    void step() { local.engine.step(local.world.now()); }
    void settle()
    {
        session.poll();
        QCoreApplication::processEvents();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QCoreApplication::processEvents();
    }

    void move(ControlCode code, std::int32_t raw)
    {
        const auto controls = smallStick().controls;
        const auto place = std::ranges::find(controls, code, &RigControl::code) - controls.begin();
        local.world.move(stick, {{static_cast<std::uint16_t>(place), false, raw}});
        step();
        settle();
    }

    /// Lets time pass; a button is pressed, so that it is seen.
    void wait(double seconds)
    {
        local.world.setNow(local.world.now() + std::chrono::duration_cast<Time>(
                                                   std::chrono::duration<double>(seconds)));
        move(kThumb, 1);
        move(kThumb, 0);
    }

    template <class T = QWidget>
    T* find(const char* name)
    {
        for (auto* each : window.findChildren<T*>(QLatin1String(name))) {
            if (each->isVisible()) return each;
        }
        ADD_FAILURE() << "nothing visible is called " << name;
        return nullptr;
    }

    /// Puts a stage into the strand of a card, by its own button or from the list of all.
    void addStage(const QString& name, QWidget& card)
    {
        auto* chip = card.findChild<QPushButton*>(QStringLiteral("add ") + name);
        auto* list = card.findChild<QPushButton*>(QStringLiteral("add stage"));
        if (chip) QTest::mouseClick(chip, Qt::LeftButton);
        if (!chip && list) QTest::mouseClick(list, Qt::LeftButton);
        settle();
        auto* typed = window.findChild<QLineEdit*>(QStringLiteral("find"));
        if (!chip && typed) {
            typed->setText(name);
            QTest::keyClick(typed, Qt::Key_Return);
        }
        EXPECT_TRUE(chip || typed) << "no stage " << name.toStdString() << " is offered";
        settle();
    }

    void click(const char* name)
    {
        if (auto* widget = find(name)) QTest::mouseClick(widget, Qt::LeftButton);
        settle();
    }

    void keys(QWidget* widget, Qt::Key key, Qt::KeyboardModifiers modifiers = {})
    {
        QTest::keyClick(widget, key, modifiers);
        settle();
    }

    QString textOf(const char* name)
    {
        auto* label = find<QLabel>(name);
        return label ? label->text() : QString();
    }

    /// What a label for a moving number shows.
    std::string valueOf(const char* name)
    {
        auto* label = find(name);
        return label ? static_cast<app::ValueLabel*>(label)->text().toStdString() : "";
    }

    /// Chooses from the menu of a row's goal.
    void chooseGoal(const char* row, const QString& words)
    {
        click(row);
        auto* menu = window.findChild<QMenu*>("goal menu");
        ASSERT_NE(menu, nullptr);
        for (auto* action : menu->findChildren<QAction*>()) {
            if (action->text() != words) continue;
            action->trigger();
            menu->close();
            return settle();
        }
        ADD_FAILURE() << "no goal is called " << words.toStdString();
    }

    /// Presses keys together in the field that listens, then lets them go.
    void record(std::initializer_list<Qt::Key> keys)
    {
        auto* field = find<app::ChordField>("chord field");
        ASSERT_NE(field, nullptr);
        for (const auto key : keys) QTest::keyPress(field, key);
        for (const auto key : keys) QTest::keyRelease(field, key);
        settle();
    }

    const std::vector<Strand>& strands() const { return document.tangle().strands; }

    LocalEngine local;
    ScriptedDialogs dialogs;
    app::Document document;
    app::EngineSession session;
    app::Studio studio;
    QTemporaryDir home;
    app::Settings settings;
    app::MainWindow window;
    Handle stick = 0;
};

}  // namespace jolly::test
