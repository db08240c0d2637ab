// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/draft_keeper.h"
#include "hands_story.h"
#include "support/how_many.h"

#include <QAbstractSpinBox>
#include <QComboBox>
#include <QPointer>
#include <QWheelEvent>
#include <ctime>
#include <iostream>
#include <random>

/// Hands that do whatever comes: a monkey.
namespace jolly::test
{
namespace
{

/// Of acts, the one that took the window's thread longest: told, not judged, since machines differ.
class Longest
{
 public:
    template <class Act>
    void time(Act&& act)
    {
        const auto before = now();
        act();
        m_longest = std::max(m_longest, now() - before);
    }
    [[nodiscard]] int ms() const { return static_cast<int>(m_longest * 1000.0); }

 private:
    /// Seconds of processor time of this thread.
    static double now()
    {
        timespec time{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &time);
        return static_cast<double>(time.tv_sec) + static_cast<double>(time.tv_nsec) / 1e9;
    }

    double m_longest = 0.0;
};

class MonkeyTest : public HandsTest
{
 protected:
    std::size_t below(std::size_t count) { return random() % count; }

    /// The widget at a random place, and the place in it.
    std::pair<QWidget*, QPoint> anywhere()
    {
        const QPoint place(static_cast<int>(below(static_cast<std::size_t>(window.width()))),
                           static_cast<int>(below(static_cast<std::size_t>(window.height()))));
        auto* child = window.childAt(place);
        return child ? std::pair(child, child->mapFrom(&window, place))
                     : std::pair(static_cast<QWidget*>(&window), place);
    }

    void turnWheel(QWidget& widget, QPoint place)
    {
        QWheelEvent event(place, widget.mapToGlobal(place), {}, {0, below(2) == 0 ? 120 : -120},
                          Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
        QCoreApplication::sendEvent(&widget, &event);
    }

    void pressSomeKey()
    {
        static constexpr std::pair<Qt::Key, Qt::KeyboardModifier> kKeys[] = {
            {Qt::Key_Left, Qt::NoModifier},   {Qt::Key_Right, Qt::NoModifier},
            {Qt::Key_Up, Qt::NoModifier},     {Qt::Key_Down, Qt::NoModifier},
            {Qt::Key_Return, Qt::NoModifier}, {Qt::Key_Escape, Qt::NoModifier},
            {Qt::Key_Tab, Qt::NoModifier},    {Qt::Key_Space, Qt::NoModifier},
            {Qt::Key_Delete, Qt::NoModifier}, {Qt::Key_5, Qt::NoModifier},
            {Qt::Key_A, Qt::NoModifier},      {Qt::Key_Z, Qt::ControlModifier},
            {Qt::Key_C, Qt::ControlModifier}, {Qt::Key_V, Qt::ControlModifier},
            {Qt::Key_1, Qt::ControlModifier}, {Qt::Key_2, Qt::ControlModifier},
            {Qt::Key_3, Qt::ControlModifier}, {Qt::Key_4, Qt::ControlModifier},
            {Qt::Key_5, Qt::ControlModifier}, {Qt::Key_F6, Qt::NoModifier}};
        const auto [key, modifier] = kKeys[below(std::size(kKeys))];
        auto* focus = QApplication::focusWidget();
        const bool isHere = focus && focus->window() == &window;
        QTest::keyClick(isHere ? focus : &window, key, modifier);
    }

    void drag()
    {
        const auto [from, place] = anywhere();
        const QPointer<QWidget> held(from);
        QTest::mousePress(from, Qt::LeftButton, {}, place);
        for (int i = 0; i < 3; ++i) {
            const auto to = anywhere();
            if (held)
                QTest::mouseMove(held, held->mapFrom(&window, to.first->mapTo(&window, to.second)));
        }
        if (held) QTest::mouseRelease(held, Qt::LeftButton, {}, place + QPoint(40, 9));
    }

    void act()
    {
        const auto deed = below(20);
        const auto [widget, place] = anywhere();
        if (deed < 8) {
            QTest::mouseClick(widget, deed == 0 ? Qt::RightButton : Qt::LeftButton, {}, place);
        } else if (deed < 10) {
            turnWheel(*widget, place);
        } else if (deed < 14) {
            pressSomeKey();
        } else if (deed < 16) {
            drag();
        } else if (deed < 19) {
            static constexpr ControlCode kControls[] = {kX, kY, kTrigger, kThumb};
            const auto control = kControls[below(4)];
            const bool isButton = control.type == EventType::Key;
            move(control,
                 isButton ? static_cast<int>(below(2)) : static_cast<int>(below(2001)) - 1000);
        } else {
            window.showPage(static_cast<app::Rail::Page>(below(5)));
        }
        settle();
        if (!window.isVisible()) window.show();
    }

    std::mt19937 random{static_cast<unsigned>(howMany("JOLLY_MONKEY_SEED", 1))};
};

TEST_F(MonkeyTest, AMonkeyNeitherEndsTheWindowNorLosesTheWayBack)
{
    const Closer closer;
    dialogs.answer = app::Dialogs::Answer::Cancel;
    dialogs.leave = std::nullopt;
    fill();
    auto start = bytes();
    const auto acts = howMany("JOLLY_MONKEY_ACTS", 20'000);
    Longest longest;
    for (long i = 0; i < acts; ++i) {
        longest.time([&] { act(); });
        if (document.history().count() == 0) start = bytes();  // another tangle was opened
    }
    RecordProperty("longest act, ms of processor time", longest.ms());
    std::cout << "The longest act took " << longest.ms() << " ms of the window's thread.\n";
    while (document.history().canUndo()) document.history().undo();
    EXPECT_EQ(bytes(), start);
}

TEST_F(MonkeyTest, WhatScrollsPastAFieldDoesNotChangeIt)
{
    fill();
    move(kX, 500);
    window.showPage(app::Rail::Weave);
    settle();
    const auto before = bytes();
    for (auto page : {app::Rail::Rig, app::Rail::Weave, app::Rail::Shape, app::Rail::Layers}) {
        window.showPage(page);
        settle();
        for (auto* field : window.findChildren<QWidget*>()) {
            const bool isField = qobject_cast<QAbstractSpinBox*>(field) ||
                                 qobject_cast<QComboBox*>(field) || qobject_cast<QSlider*>(field);
            if (isField && field->isVisible()) turnWheel(*field, field->rect().center());
        }
        settle();
    }
    EXPECT_EQ(bytes(), before);
}

TEST_F(HandsTest, ANameIsOfTheControlThatItWasTypedFor)
{
    window.showPage(app::Rail::Rig);
    move(kY, 700);
    QTest::keyClicks(find<QLineEdit>("label"), "Pitch");
    move(kX, 700);
    keys(find<QLineEdit>("label"), Qt::Key_Return);
    EXPECT_EQ(document.tangle().rig[0].controls[1].label, "Pitch");
    EXPECT_EQ(document.tangle().rig[0].controls[0].label, "");
}

TEST_F(HandsTest, AFieldOfARowThatIsGoneSpeaksForNoOther)
{
    auto tangle = smallTangle();
    Detents notches;
    notches.detents = {{"idle", 0.1, 0.1, 0.02}, {"climb", 0.6, 0.6, 0.02}};
    addStrand(tangle, kThrottle, axis(3), {{notches}});
    document.begin(tangle, {});
    settle();
    move(kThrottle, 900);
    click("stage 0");
    document.edit("take one away", [](Tangle& now) {
        std::get<Detents>(now.strands[0].stages[0].parameters).detents.pop_back();
    });
    settle();
    if (auto* name = window.findChild<QLineEdit*>("name of notch 1"); name && name->isVisible()) {
        name->setFocus();
        QTest::keyClicks(name, "x");
        document.history().undo();
        settle();
    }
    const auto& now = std::get<Detents>(document.tangle().strands[0].stages[0].parameters).detents;
    ASSERT_EQ(now.size(), 2U);
    EXPECT_EQ(now[1].name, "climb");
}

TEST_F(HandsTest, OneGestureOnTwoStrandsIsTwoSteps)
{
    fill();
    const auto drag = app::Gesture::begin();
    const auto note = [&](std::size_t strand, const char* words) {
        document.edit(
            "note", [&](Tangle& tangle) { tangle.strands[strand].note = words; }, drag);
    };
    note(0, "a");
    note(0, "ab");
    EXPECT_EQ(document.history().count(), 1) << "one gesture";
    note(1, "b");
    EXPECT_EQ(document.history().count(), 2);
}

TEST_F(HandsTest, EditsThatGoOnAndOnReachTheDraft)
{
    QTemporaryDir folder;
    fill();
    app::DraftKeeper drafts(document, folder.path());
    const auto isThere = [&] {
        return !QDir(folder.path()).entryList({"*.draft"}, QDir::Files).isEmpty();
    };
    for (int i = 0; i < 1200 && !isThere(); ++i) {
        document.edit("note", [&](Tangle& tangle) { tangle.name = std::to_string(i); });
        QTest::qWait(50);
    }
    EXPECT_TRUE(isThere());
}

TEST_F(HandsTest, ADraftThatIsOlderThanItsFileIsKeptBesideAndNotTaken)
{
    QTemporaryDir folder;
    const auto file = folder.filePath("a.tangle");
    fill();
    ASSERT_TRUE(document.save(file));
    {
        app::Document other;
        ASSERT_TRUE(other.open(file));
        app::DraftKeeper left(other, folder.path());
        other.edit("name", [](Tangle& tangle) { tangle.name = "Left behind"; });
        left.write();
    }
    QTest::qWait(20);
    document.edit("name", [](Tangle& tangle) { tangle.name = "Saved later"; });
    ASSERT_TRUE(document.save(file));
    app::Document again;
    app::DraftKeeper drafts(again, folder.path());
    QString warning;
    QObject::connect(&drafts, &app::DraftKeeper::warned, [&](const QString& w) { warning = w; });
    ASSERT_TRUE(again.open(file));
    EXPECT_EQ(again.tangle().name, "Saved later");
    EXPECT_THAT(warning.toStdString(), testing::HasSubstr("older than the file"));
}

}  // namespace
}  // namespace jolly::test
