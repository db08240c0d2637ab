// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/dialogs.h"

#include "app/window/panel.h"
#include "fits.h"

#include <gmock/gmock.h>

#include <QApplication>
#include <QCheckBox>
#include <QPlainTextEdit>
#include <QTest>
#include <QTimer>

/// The real dialogs, answered by a hand that clicks.
namespace jolly::test
{
namespace
{

using namespace app;
using testing::HasSubstr;

class DialogsTest : public testing::Test
{
 protected:
    /// Does something with the next dialog that opens, then presses a button of it.
    void answer(const QString& way, const std::function<void(Panel&)>& look = {})
    {
        QTimer::singleShot(0, qApp, [this, way, look] {
            auto* panel = qobject_cast<Panel*>(QApplication::activeModalWidget());
            if (!panel) return;
            m_text.clear();
            for (const auto* label : panel->findChildren<QLabel*>()) m_text += label->text() + "\n";
            for (const auto* lines : panel->findChildren<QPlainTextEdit*>())
                m_text += lines->toPlainText() + "\n";
            m_ways.clear();
            for (const auto* button : panel->findChildren<QPushButton*>()) m_ways << button->text();
            EXPECT_EQ(misfitsIn(*panel).join('\n').toStdString(), "");
            if (look) look(*panel);
            if (way.isEmpty()) return QTest::keyClick(panel, Qt::Key_Escape);
            if (auto* button = panel->findChild<QPushButton*>(way)) return button->click();
            ADD_FAILURE() << "no way is called " << way.toStdString();
            panel->reject();
        });
    }

    RealDialogs dialogs;
    QString m_text;
    QStringList m_ways;
};

TEST_F(DialogsTest, EachButtonSaysWhatItDoesAndEscapeChangesNothing)
{
    answer("Save it first");
    EXPECT_EQ(dialogs.unsaved(nullptr, "Marrowmere Mail"), Dialogs::Answer::Save);
    EXPECT_THAT(m_text.toStdString(), HasSubstr("Marrowmere Mail has changes"));
    for (const auto* vague : {"OK", "Yes", "No", "Cancel", "&OK"})
        EXPECT_FALSE(m_ways.contains(vague)) << vague;
    answer("Give the changes up");
    EXPECT_EQ(dialogs.unsaved(nullptr, "Marrowmere Mail"), Dialogs::Answer::Discard);
    answer({});
    EXPECT_EQ(dialogs.unsaved(nullptr, "Marrowmere Mail"), Dialogs::Answer::Cancel);
    answer({});
    EXPECT_EQ(dialogs.removing(nullptr, "Jolly 1", 3), std::nullopt);
    answer({});
    EXPECT_EQ(dialogs.conflict(nullptr, "a.tangle", {"x"}), Dialogs::Conflict::Cancel);
    answer({});
    EXPECT_FALSE(dialogs.broken(nullptr, "a.tangle", {"Line 1: no."}, {}));
}

TEST_F(DialogsTest, TheWayOutIsOneQuestion)
{
    const Dialogs::Parting both{"Marrowmere Mail", "/home/x/a.tangle", true, true};
    answer("Save and close", [](Panel& panel) {
        EXPECT_TRUE(panel.findChild<QCheckBox*>()->isChecked()) << "a flight is not cut off";
    });
    auto leave = dialogs.leaving(nullptr, both);
    ASSERT_TRUE(leave);
    EXPECT_TRUE(leave->saves);
    EXPECT_TRUE(leave->keepsFlying);
    EXPECT_THAT(m_text.toStdString(), HasSubstr("/home/x/a.tangle"));
    answer("Close without saving", [](Panel& panel) { panel.findChild<QCheckBox*>()->click(); });
    leave = dialogs.leaving(nullptr, both);
    ASSERT_TRUE(leave);
    EXPECT_FALSE(leave->saves || leave->keepsFlying);
    answer("Keep flying");
    leave = dialogs.leaving(nullptr, {"Marrowmere Mail", "", false, true});
    ASSERT_TRUE(leave);
    EXPECT_TRUE(leave->keepsFlying);
    answer({});
    EXPECT_FALSE(dialogs.leaving(nullptr, both));
}

TEST_F(DialogsTest, ABrokenFileOffersItsCopiesWithTheirDates)
{
    const auto when = QDateTime(QDate(2026, 11, 28), QTime(14, 2));
    const std::vector<EarlierCopy> copies{{"/a.1~", when}, {"/a.2~", when.addDays(-1)}};
    const auto name = [](const QDateTime& at) {
        return "Open the copy of " + QLocale().toString(at, QLocale::ShortFormat);
    };
    answer(name(when.addDays(-1)));
    EXPECT_EQ(
        dialogs.broken(nullptr, "a.tangle", {"Line 16: The stage \"wobble\" is unknown."}, copies),
        std::optional<std::size_t>(1));
    EXPECT_THAT(m_text.toStdString(), HasSubstr("wobble"));
    EXPECT_TRUE(m_ways.contains(name(when)));
}

TEST_F(DialogsTest, ManyLinesScroll)
{
    QStringList lines;
    for (int i = 0; i < 200; ++i)
        lines << QStringLiteral("Line %1: something is wrong there.").arg(i);
    answer("Go on", [](Panel& panel) { EXPECT_LT(panel.height(), 600); });
    dialogs.tell(nullptr, "Not opened", lines.join('\n'));
    EXPECT_THAT(m_text.toStdString(), HasSubstr("Line 199"));
}

}  // namespace
}  // namespace jolly::test
