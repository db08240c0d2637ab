// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"
#include "format/save.h"
#include "support/golden.h"
#include "window_story.h"

#include <QDir>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <algorithm>
#include <filesystem>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

/// The window, and what goes wrong around it.
class TroubleTest : public WindowStory
{
 protected:
    void rename(const std::string& name)
    {
        document.edit("rename", [&](Tangle& tangle) { tangle.name = name; });
        settle();
    }
    QString textOfNotice()
    {
        const auto* label = window.findChild<QLabel*>("notice sentence");
        return label ? label->text() : QString();
    }
    void saveKeys() { keys(&window, Qt::Key_S, Qt::ControlModifier); }

    QTemporaryDir folder;
    QString file = folder.filePath("flight.tangle");
};

TEST_F(TroubleTest, NoDefectOfAFileHarmsTheWindowOnAnyPage)
{
    int readable = 0;
    for (const auto& entry : std::filesystem::directory_iterator(testData() / "defects")) {
        if (entry.path().extension() != ".tangle") continue;
        if (!document.open(QString::fromStdString(entry.path().string()))) continue;
        ++readable;
        for (const auto page : {app::Rail::Rig, app::Rail::Weave, app::Rail::Shape}) {
            window.showPage(page);
            settle();
            for (const auto& controller : document.tangle().rig) {
                for (const auto& control : controller.controls) {
                    studio.selection().select(Source{controller.id, control.code});
                    settle();
                }
            }
            window.grab();
        }
    }
    EXPECT_GT(readable, 10);
}

TEST_F(TroubleTest, StrandsOfNoSourceAndCurvesOfNoPointsHarmNoPage)
{
    auto broken = smallTangle();
    addStrand(broken, kX, axis(1),
              {{Curve{CurvePoints{}}}, {CounterCurve{{{0, 0}}}}, {Softness{}}});
    addStrand(broken, kX, axis(2), {{Curve{{{0.5, 0.5}, {0.5, 0.5}}}}});
    addStrand(broken, kX, axis(2)).source = {};
    addStrand(broken, kY, axis(1)).ends.push_back({"no such outlet", Nothing{}});
    document.begin(broken, {});
    for (const auto page : {app::Rail::Rig, app::Rail::Weave, app::Rail::Shape}) {
        window.showPage(page);
        for (const auto code : {kX, kY, kThrottle}) {
            studio.selection().select(Source{"stick", code});
            move(code, 300);
            window.grab();
        }
    }
}

TEST_F(TroubleTest, ASecondSaverIsAskedAndSeesTheDifferenceInWords)
{
    ASSERT_TRUE(document.save(file));
    auto theirs = document.tangle();
    addStrand(theirs, kY, axis(2)).name = "Pitch";
    ASSERT_TRUE(format::saveText(file.toStdString(), format::writeTangle(theirs)));
    rename("Mine");
    dialogs.conflictAnswer = app::Dialogs::Conflict::Cancel;
    saveKeys();
    EXPECT_TRUE(document.hasChanges()) << "nothing was saved";
    EXPECT_THAT(dialogs.difference.join("\n").toStdString(),
                HasSubstr("It is called \"Mine\", not \"Small\"."));
    EXPECT_THAT(dialogs.difference.join("\n").toStdString(),
                HasSubstr("Strand \"Pitch\" is gone."));
    dialogs.conflictAnswer = app::Dialogs::Conflict::TheirsAside;
    saveKeys();
    EXPECT_FALSE(document.hasChanges());
    EXPECT_EQ(format::readTangle(*format::readText(file.toStdString())).tangle.name, "Mine");
    const auto aside = folder.filePath("flight (others).tangle").toStdString();
    EXPECT_EQ(*format::readText(aside), format::writeTangle(theirs));
    dialogs.difference.clear();
    rename("Mine again");
    saveKeys();
    EXPECT_TRUE(dialogs.difference.isEmpty()) << "nobody else has changed it since";
}

TEST_F(TroubleTest, WhenTheEngineFliesAnotherTangleTheWindowIsToldAndChooses)
{
    const auto sendOther = [&] {
        auto other = smallTangle();
        other.name = "Other";
        static_cast<void>(LocalLink(local).load(format::writeTangle(other)));
        step();
        settle();
    };
    EXPECT_EQ(textOfNotice(), "");
    sendOther();
    EXPECT_THAT(textOfNotice().toStdString(), HasSubstr("flies another tangle"));
    EXPECT_THAT(textOfNotice().toStdString(), HasSubstr("\"Other\""));
    click("Fly mine");
    EXPECT_EQ(session.status().tangle, "Small");
    EXPECT_EQ(textOfNotice(), "");
    sendOther();
    rename("Mine");
    EXPECT_EQ(session.status().tangle, "Mine") << "an edit is a word, too";
    EXPECT_EQ(textOfNotice(), "");
}

TEST_F(TroubleTest, AnOfferedDraftIsOpenedOnlyWhenAskedFor)
{
    ASSERT_TRUE(format::saveText(file.toStdString(), format::writeTangle(smallTangle())));
    window.offerDraft(file, QDateTime::currentDateTime());
    EXPECT_THAT(textOfNotice().toStdString(), HasSubstr("Edits of flight.tangle"));
    EXPECT_EQ(document.path(), "");
    click("Open it");
    EXPECT_EQ(document.path(), file);
    EXPECT_EQ(textOfNotice(), "");
}

TEST_F(TroubleTest, GoodNewsAreNotInTheColourOfTroubleAndAllCanBeReadAgain)
{
    const auto mark = [this] {
        const auto labels = find("toast")->findChildren<QLabel*>();
        return std::pair(labels.front()->text(), labels.front()->property("tone").toString());
    };
    studio.messages().say("Kept.");
    EXPECT_EQ(mark(), std::pair(QString("✓"), QString("mint")));
    studio.messages().refuse("Not kept.");
    EXPECT_EQ(textOf("said"), "Not kept.");
    EXPECT_EQ(mark(), std::pair(QString("!"), QString("coral")));
    keys(&window, Qt::Key_J, Qt::ControlModifier);
    auto* list = find<QListWidget>("said list");
    ASSERT_NE(list, nullptr);
    ASSERT_EQ(list->count(), 2);
    EXPECT_THAT(list->item(0)->text().toStdString(), testing::EndsWith("!  Not kept."));
    EXPECT_THAT(list->item(1)->text().toStdString(), testing::EndsWith("✓  Kept."));
}

}  // namespace
}  // namespace jolly
