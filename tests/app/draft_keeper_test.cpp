// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/draft_keeper.h"

#include "format/save.h"
#include "format/tangle_text.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <QDir>
#include <QSignalSpy>
#include <QTemporaryDir>

namespace jolly::app
{
namespace
{

using namespace test;
using testing::HasSubstr;

/// A window's document and its drafts.
struct Desk {
    explicit Desk(const QString& folder)
        : drafts(document, folder),
          told(&drafts, &DraftKeeper::told),
          warned(&drafts, &DraftKeeper::warned),
          offered(&drafts, &DraftKeeper::offered)
    {
    }
    void rename(const char* name)
    {
        document.edit("rename", [name](Tangle& tangle) { tangle.name = name; });
        drafts.write();
    }
    std::string name() const { return document.tangle().name; }
    std::string lastTold() const
    {
        return told.isEmpty() ? "" : told.last()[0].toString().toStdString();
    }
    std::string lastWarned() const
    {
        return warned.isEmpty() ? "" : warned.last()[0].toString().toStdString();
    }

    Document document;
    DraftKeeper drafts;
    QSignalSpy told;
    QSignalSpy warned;
    QSignalSpy offered;
};

class DraftKeeperTest : public testing::Test
{
 protected:
    DraftKeeperTest()
    {
        auto tangle = smallTangle();
        tangle.name = "Saved";
        EXPECT_TRUE(format::saveText(file.toStdString(), format::writeTangle(tangle)));
    }

    QStringList draftFiles() const { return QDir(drafts).entryList({"*.draft"}, QDir::Files); }

    /// A window that ends without an answer leaves what one that dies leaves.
    void leaveDraft()
    {
        Desk dead(drafts);
        ASSERT_TRUE(dead.document.open(file));
        dead.rename("Edited");
    }

    QTemporaryDir folder;
    QString file = folder.filePath("flight.tangle");
    QString drafts = folder.filePath("drafts");
};

TEST_F(DraftKeeperTest, EditsOfAWindowThatDiedComeBackAsOneStep)
{
    leaveDraft();
    Desk next(drafts);
    ASSERT_TRUE(next.document.open(file));
    EXPECT_EQ(next.name(), "Edited");
    EXPECT_TRUE(next.document.hasChanges());
    EXPECT_THAT(next.lastTold(), HasSubstr("are back"));
    next.document.history().undo();
    EXPECT_EQ(next.name(), "Saved");
}

TEST_F(DraftKeeperTest, AStartWithoutAFileIsOfferedTheEditsOfOneAndOpensNothing)
{
    leaveDraft();
    Desk next(drafts);
    next.drafts.restoreLatest();
    EXPECT_EQ(next.document.path(), QString()) << "nobody asked for that file";
    ASSERT_EQ(next.offered.count(), 1);
    EXPECT_EQ(next.offered[0][0].toString(), file);
    ASSERT_TRUE(next.document.open(file));
    EXPECT_EQ(next.name(), "Edited") << "opening it brings them back";
}

TEST_F(DraftKeeperTest, ADraftWithACurveOfNoPointsComesBackWithoutHarm)
{
    {
        Desk dead(drafts);
        dead.document.edit("break", [](Tangle& tangle) {
            tangle = smallTangle();
            addStrand(tangle, kX, axis(1), {{Curve{CurvePoints{}}}, {CounterCurve{{{0, 0}}}}});
        });
        dead.drafts.write();
    }
    Desk next(drafts);
    next.drafts.restoreLatest();
    ASSERT_EQ(next.document.tangle().strands.size(), 1U);
}

TEST_F(DraftKeeperTest, SavingOverAFileDoesNotBringItsDraftBack)
{
    leaveDraft();
    Desk other(drafts);
    other.rename("Other");
    ASSERT_TRUE(other.document.save(file));
    EXPECT_EQ(other.name(), "Other");
    EXPECT_FALSE(other.document.hasChanges());
}

TEST_F(DraftKeeperTest, ATangleWithoutAFileComesBackToo)
{
    {
        Desk dead(drafts);
        dead.rename("Never saved");
    }
    Desk next(drafts);
    next.drafts.restoreLatest();
    EXPECT_EQ(next.document.path(), QString());
    EXPECT_EQ(next.name(), "Never saved");
}

TEST_F(DraftKeeperTest, NothingIsLeftOnceEditsAreSavedUndoneOrGivenUp)
{
    {
        Desk desk(drafts);
        ASSERT_TRUE(desk.document.open(file));
        desk.rename("Edited");
        EXPECT_EQ(draftFiles().size(), 1);
        ASSERT_TRUE(desk.document.save(file));
        EXPECT_TRUE(draftFiles().isEmpty());
        desk.rename("Again");
        EXPECT_EQ(draftFiles().size(), 1);
        desk.document.history().undo();
        EXPECT_TRUE(draftFiles().isEmpty());
        desk.rename("Given up");
        desk.document.giveUpChanges();
    }
    EXPECT_TRUE(QDir(drafts).entryList(QDir::Files).isEmpty()) << "neither drafts nor locks";
}

TEST_F(DraftKeeperTest, ALivingWindowKeepsItsDraftToItself)
{
    Desk first(drafts);
    ASSERT_TRUE(first.document.open(file));
    first.rename("First");
    Desk second(drafts);
    ASSERT_TRUE(second.document.open(file));
    EXPECT_EQ(second.name(), "Saved");
    second.rename("Second");
    EXPECT_EQ(draftFiles().size(), 2);
}

TEST_F(DraftKeeperTest, ADraftThatCannotBeReadIsPutAsideAndNamed)
{
    leaveDraft();
    QFile draft(drafts + "/" + draftFiles()[0]);
    ASSERT_TRUE(draft.open(QIODevice::WriteOnly));
    draft.write("{\"of\": 7");
    draft.close();
    Desk next(drafts);
    ASSERT_TRUE(next.document.open(file));
    EXPECT_EQ(next.name(), "Saved");
    EXPECT_THAT(next.lastWarned(), HasSubstr(".draft.unreadable"));
    EXPECT_TRUE(QDir(drafts).entryList({"*.unreadable"}, QDir::Files).size() == 1);
}

TEST_F(DraftKeeperTest, AFolderThatCannotBeWrittenIsSaid)
{
    QFile blocker(drafts);
    ASSERT_TRUE(blocker.open(QIODevice::WriteOnly));
    Desk desk(drafts);
    desk.rename("Edited");
    EXPECT_THAT(desk.lastWarned(), HasSubstr("would not survive a crash"));
}

}  // namespace
}  // namespace jolly::app
