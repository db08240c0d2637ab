// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/arrange/arrange_overlay.h"
#include "app/faceplate/faceplate.h"
#include "format/save.h"
#include "rig_story.h"

#include <QMouseEvent>
#include <QTemporaryDir>

namespace jolly
{
namespace
{

using namespace app;
using namespace test;

/// The small stick's faceplate, being arranged.
class ArrangeTest : public RigStory
{
 protected:
    ArrangeTest()
    {
        window.resize(1280, 800);
        settle();
        click("arrange");
    }

    QWidget* overlay() { return find("arrange overlay"); }
    Faceplate* plate() { return static_cast<Faceplate*>(overlay()->parentWidget()); }
    const RigController& rig() const { return document.tangle().rig[0]; }

    /// Where the arrangement has a control; nothing when it does not have it.
    std::optional<Cells> cellsOf(ControlCode code) const
    {
        const auto* part = findBy(rig().faceplate.parts, &PlatePart::control, code);
        return part ? std::optional(part->cells) : std::nullopt;
    }
    QPoint middleOf(ControlCode code)
    {
        auto* view = plate()->view(QString::fromStdString(toText(code)));
        return overlay()->mapFrom(plate(), view->geometry().center());
    }
    void drag(QPoint from, QPoint to)
    {
        QTest::mousePress(overlay(), Qt::LeftButton, {}, from);
        for (int i = 1; i <= 4; ++i) {
            const QPointF at = from + (to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, at, overlay()->mapToGlobal(at), Qt::NoButton,
                             Qt::LeftButton, {});
            QCoreApplication::sendEvent(overlay(), &move);
        }
        QTest::mouseRelease(overlay(), Qt::LeftButton, {}, to);
        settle();
    }
    int cell() { return overlay()->width() / Cells::kColumns; }
};

TEST_F(ArrangeTest, APartIsDraggedOnTheGridInOneStep)
{
    const auto before = document.tangle();
    auto* view = plate()->view("BTN_TRIGGER");
    const auto was = view->geometry();
    drag(middleOf(kTrigger), middleOf(kTrigger) + QPoint(5 * cell(), 3 * cell()));
    ASSERT_TRUE(cellsOf(kTrigger));
    EXPECT_EQ(document.history().undoText(), "move part");
    EXPECT_NEAR(plate()->view("BTN_TRIGGER")->x() - was.x(), 5 * cell(), cell());
    EXPECT_NEAR(plate()->view("BTN_TRIGGER")->y() - was.y(), 3 * cell(), cell());
    document.history().undo();
    EXPECT_EQ(document.tangle(), before) << "the whole drag was one step";
}

TEST_F(ArrangeTest, KeysMoveAndResizeWhatTabChose)
{
    keys(overlay(), Qt::Key_Tab);
    keys(overlay(), Qt::Key_Down);
    const auto first = rig().faceplate.parts.front();
    keys(overlay(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(rig().faceplate.parts.front().cells.width, first.cells.width + 1);
    keys(overlay(), Qt::Key_Up);
    EXPECT_EQ(rig().faceplate.parts.front().cells.top, first.cells.top - 1);
    for (int i = 0; i < 100; ++i) keys(overlay(), Qt::Key_Left);
    EXPECT_EQ(rig().faceplate.parts.front().cells.left, 0) << "no further than the edge";
    keys(overlay(), Qt::Key_Escape);
    EXPECT_TRUE(find("control facts")->isVisible());
}

TEST_F(ArrangeTest, AnAxisStandsOrLiesAsItIsGivenRoom)
{
    auto code = QString::fromStdString(toText(kThrottle));
    const auto before = plate()->view(code)->shape();
    document.edit("arrange", [this](Tangle& tangle) {
        auto& faceplate = tangle.rig[0].faceplate;
        putPart(faceplate, kThrottle,
                plate()->view(QString::fromStdString(toText(kThrottle)))->shape() == Shape::Lever
                    ? Cells{0, 0, 20, 4}
                    : Cells{0, 0, 6, 20});
    });
    settle();
    EXPECT_NE(plate()->view(code)->shape(), before);
}

TEST_F(ArrangeTest, PartsAreGroupedLabelledMovedTogetherAndTakenApart)
{
    drag(middleOf(kTrigger), middleOf(kTrigger) + QPoint(0, 4 * cell()));
    drag(middleOf(kThumb), middleOf(kThumb) + QPoint(0, 4 * cell()));
    QTest::mouseClick(overlay(), Qt::LeftButton, {}, middleOf(kTrigger));
    QTest::mouseClick(overlay(), Qt::LeftButton, Qt::ShiftModifier, middleOf(kThumb));
    click("group parts");
    ASSERT_EQ(rig().faceplate.groups.size(), 1U);
    auto* name = find<QLineEdit>("part name");
    name->setText("Fire");
    keys(name, Qt::Key_Return);
    EXPECT_EQ(rig().faceplate.groups[0].label, "Fire");
    const auto trigger = *cellsOf(kTrigger);
    keys(overlay(), Qt::Key_Down);
    EXPECT_EQ(cellsOf(kTrigger)->top, trigger.top + 1) << "what lies in it comes along";
    EXPECT_EQ(cellsOf(kX).has_value(), true);
    keys(overlay(), Qt::Key_Delete);
    EXPECT_TRUE(rig().faceplate.groups.empty());
    EXPECT_EQ(cellsOf(kTrigger)->top, trigger.top + 1) << "what lay in it stays";
    document.history().undo();
    EXPECT_EQ(rig().faceplate.groups.size(), 1U);
}

TEST_F(ArrangeTest, WithoutAChoiceNothingIsGrouped)
{
    static_cast<ArrangeOverlay*>(overlay())->group();
    settle();
    EXPECT_THAT(wordsOf("said"), HasSubstr("Choose the parts first"));
    EXPECT_TRUE(rig().faceplate.empty());
}

TEST_F(ArrangeTest, AnotherKindIsDrawnAnew)
{
    drag(middleOf(kTrigger), middleOf(kTrigger) + QPoint(0, 4 * cell()));
    auto* kind = find<QComboBox>("drawn as");
    kind->setCurrentIndex(static_cast<int>(ControllerKind::Wheel));
    Q_EMIT kind->activated(kind->currentIndex());
    settle();
    EXPECT_EQ(rig().kind, ControllerKind::Wheel);
    EXPECT_TRUE(rig().faceplate.empty());
    EXPECT_EQ(plate()->view("ABS_X")->shape(), Shape::Wheel);
}

TEST_F(ArrangeTest, AFaceplateIsExportedAndImported)
{
    const QTemporaryDir folder;
    dialogs.file = folder.filePath("mine.faceplate");
    drag(middleOf(kTrigger), middleOf(kTrigger) + QPoint(0, 4 * cell()));
    document.edit("label",
                  [](Tangle& tangle) { findControl(tangle.rig[0], kTrigger)->label = "Hatch"; });
    const auto shared = rig();
    click("export faceplate");
    EXPECT_EQ(wordsOf("said"), "The faceplate is in mine.faceplate.");
    click("lay out anew");
    document.edit("label", [](Tangle& tangle) {
        findControl(tangle.rig[0], kTrigger)->label.clear();
        tangle.rig[0].identity.product = 77;
        findControl(tangle.rig[0], kX)->calibration = {-5, 0, 5, 0};
    });
    settle();
    click("import faceplate");
    EXPECT_EQ(rig().faceplate, shared.faceplate);
    EXPECT_EQ(findControl(rig(), kTrigger)->label, "Hatch");
    EXPECT_EQ(x().calibration, (Calibration{-5, 0, 5, 0})) << "measurements are nobody else's";
    EXPECT_EQ(document.history().undoText(), "import faceplate");
}

TEST_F(ArrangeTest, ABrokenFaceplateChangesNothingAndIsNamedByItsLine)
{
    const QTemporaryDir folder;
    dialogs.file = folder.filePath("broken.faceplate");
    const auto before = document.tangle();
    for (const auto& [text, words] :
         {std::pair("{\"faceplate\": 1,\n\"name\": 7}", "Line 2: "),
          std::pair("{\"tangle\": 1}", "no faceplate"), std::pair("", "The file is empty"),
          std::pair("{\"faceplate\": 9}", "has version 9")}) {
        ASSERT_TRUE(format::saveText(dialogs.file.toStdString(), text));
        click("import faceplate");
        EXPECT_THAT(dialogs.told.toStdString(), HasSubstr(words));
        EXPECT_EQ(document.tangle(), before);
    }
}

TEST_F(ArrangeTest, ItStaysWithItsControllerWhateverComesAndGoes)
{
    const auto plug = [this](const char* name) {
        auto other = describe(smallStick());
        other.identity.name = name;
        const auto handle = local.world.plug(other, std::vector<Counts>(other.controls.size()));
        step();
        settle();
        return handle;
    };
    const auto first = plug("First");
    plug("Second");
    studio.selection().select(Source{"second", kX});
    click("arranged");
    click("arrange");
    ASSERT_EQ(plate()->objectName(), "Second");
    local.world.unplug(first);
    step();
    settle();
    EXPECT_EQ(plate()->objectName(), "Second") << "its faceplate is another widget now";
    keys(overlay(), Qt::Key_Tab);
    keys(overlay(), Qt::Key_Down);
    ASSERT_EQ(document.tangle().rig.size(), 2U);
    EXPECT_EQ(document.tangle().rig[1].alias, "Second");
    EXPECT_FALSE(document.tangle().rig[1].faceplate.empty());
}

TEST_F(ArrangeTest, AControllerThatGoesAwayIsStillArranged)
{
    local.world.unplug(stick);
    step();
    settle();
    drag(middleOf(kTrigger), middleOf(kTrigger) + QPoint(0, 4 * cell()));
    EXPECT_TRUE(cellsOf(kTrigger)) << "its faceplate is in the tangle, wherever it is";
}

}  // namespace
}  // namespace jolly
