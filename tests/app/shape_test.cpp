// SPDX-License-Identifier: GPL-3.0-or-later
#include "shape_story.h"

namespace jolly
{
namespace
{

using namespace test;

class ShapeTest : public ShapeStory
{
};

TEST_F(ShapeTest, ATouchedAxisIsShownAndOneOfTheListIsSelected)
{
    move(kY, 700);
    EXPECT_EQ(textOf("shape name"), "Pitch");
    chooseAxis("strand-3");
    EXPECT_EQ(textOf("shape name"), "Power");
    EXPECT_EQ(studio.selection().selected(), (Source{"stick", kThrottle}));
    move(kTrigger, 1);
    EXPECT_EQ(textOf("shape name"), "Power") << "a button has no shape";
}

TEST_F(ShapeTest, APointIsDraggedAndTheEngineFollowsWithinTheDrag)
{
    shape({{Curve{}}});
    move(kX, 500);
    ASSERT_NEAR(sent(), 0.3, 0.001);
    drag("curve point 2", {0, -60});
    EXPECT_GT(stage<Curve>(0).points[1].out, 0.4);
    EXPECT_NEAR(stage<Curve>(0).points[1].in, 0.5, 0.01);
    EXPECT_NEAR(sent(), stage<Curve>(0).points[1].out, 0.01);
    const auto steps = document.history().count();
    document.history().undo();
    EXPECT_NEAR(stage<Curve>(0).points[1].out, 0.3, 1e-9) << "one drag is one step";
    EXPECT_EQ(document.history().count(), steps);
}

TEST_F(ShapeTest, DeadZonesAreDraggedAtTheirEdges)
{
    shape({{DeadZone{0.1, 0.1, 0.0, 0.0}}});
    move(kX, 150);
    EXPECT_GT(sent(), 0.0);
    drag("dead zone above rest", {60, 0});
    EXPECT_GT(stage<DeadZone>(0).above, 0.2);
    EXPECT_DOUBLE_EQ(stage<DeadZone>(0).below, 0.1);
    EXPECT_DOUBLE_EQ(sent(), 0.0);
    drag("dead zone at the low end", {40, 0});
    EXPECT_GT(stage<DeadZone>(0).lowEnd, 0.05);
}

TEST_F(ShapeTest, ReachLeadInAndTheOneDialHaveHandles)
{
    shape({{Reach{}}});
    drag("reach to", {-80, 0});
    EXPECT_LT(stage<Reach>(0).to, 0.95);
    shape({{LeadIn{0.1}}});
    drag("lead-in", {0, -40});
    EXPECT_GT(stage<LeadIn>(0).start, 0.15);
    shape({{Softness{0.0}}});
    drag("softness", {0, 30});
    EXPECT_GT(stage<Softness>(0).softness, 0.1);
    drag("softness", {0, -90});
    EXPECT_LT(stage<Softness>(0).softness, -0.1);
}

TEST_F(ShapeTest, AHandleLiesOnTheCurveOfAllStagesAndIsDraggedInItsOwnTerms)
{
    shape({{DeadZone{0.2, 0.2, 0.0, 0.0}}, {Curve{}}, {Invert{}}});
    // In the curve's own terms the point is at 50 %, 30 %: behind the dead zone the hand is at 60
    // %, and the game gets -30 %.
    const auto rect = plot().rect();
    const auto place = plot().placeOfHandle(handle("curve point 2"));
    EXPECT_GT(place.y(), rect.height() / 2.0);
    drag("curve point 2", {0, 40});
    EXPECT_GT(stage<Curve>(1).points[1].out, 0.4) << "down is more, since the axis is inverted";
    EXPECT_NEAR(stage<Curve>(1).points[1].in, 0.5, 0.01);
}

TEST_F(ShapeTest, KeysChooseAHandleAndNudgeIt)
{
    shape({{DeadZone{0.1, 0.1, 0.0, 0.0}}, {Curve{}}});
    keys(&plot(), Qt::Key_PageUp);
    EXPECT_EQ(textOf("handle"), "arrows move: dead zone below rest");
    keys(&plot(), Qt::Key_PageUp);
    keys(&plot(), Qt::Key_Right);
    EXPECT_NEAR(stage<DeadZone>(0).above, 0.11, 1e-9);
    keys(&plot(), Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_NEAR(stage<DeadZone>(0).above, 0.111, 1e-9);
    for (int i = 0; i < 3; ++i) keys(&plot(), Qt::Key_PageUp);
    EXPECT_EQ(textOf("handle"), "arrows move: curve point 2");
    keys(&plot(), Qt::Key_Up);
    EXPECT_NEAR(stage<Curve>(1).points[1].out, 0.31, 1e-9);
    keys(&plot(), Qt::Key_Insert);
    EXPECT_EQ(stage<Curve>(1).points.size(), 4U);
    keys(&plot(), Qt::Key_Delete);
    EXPECT_EQ(stage<Curve>(1).points.size(), 3U);
}

TEST_F(ShapeTest, ThePlotIsWhatTheEngineSends)
{
    shape({{DeadZone{}}, {Softness{0.4}}, {Scale{0.7, 0.1}}, {Invert{}}});
    const auto line = plot().line();
    for (const int raw : {-900, -420, -10, 0, 30, 333, 1000}) {
        move(kX, raw);
        const auto at = static_cast<std::size_t>((raw + 1000) / 4);
        const double part = (raw + 1000) / 4.0 - static_cast<double>(at);
        const double out = at + 1 < line.size() ? std::lerp(line[at].out, line[at + 1].out, part)
                                                : line.back().out;
        EXPECT_NEAR(sent(), out, 0.002) << raw;
    }
}

TEST_F(ShapeTest, ExactNumbersAreTypedBeside)
{
    shape({{Curve{}}});
    auto* out = find<QDoubleSpinBox>("out 2");
    ASSERT_NE(out, nullptr);
    out->setValue(41.5);
    settle();
    EXPECT_NEAR(stage<Curve>(0).points[1].out, 0.415, 1e-9);
    find<QDoubleSpinBox>("in 2")->setValue(100.0);
    settle();
    EXPECT_LT(stage<Curve>(0).points[1].in, 1.0) << "a neighbour stands there";
    EXPECT_NEAR(find<QDoubleSpinBox>("in 2")->value(), 99.5, 0.01) << "and the field says so";
}

TEST_F(ShapeTest, AStageWorksWhileAControlIsTouchedForIt)
{
    shape({{Invert{}}});
    auto* menu = find<QPushButton>("when 0")->menu();
    Q_EMIT menu->aboutToShow();
    menu->actions()[1]->trigger();
    move(kToggle, 1);
    ASSERT_TRUE(strands()[0].stages[0].when);
    EXPECT_EQ(strands()[0].stages[0].when->control, (Source{"stick", kToggle}));
    EXPECT_THAT(textOf("when words").toStdString(), HasSubstr("works while"));
    move(kX, 500);
    EXPECT_NEAR(sent(), -0.5, 0.001);
    move(kToggle, 0);
    EXPECT_NEAR(sent(), 0.5, 0.001);
}

TEST_F(ShapeTest, NotchesThatDoNotFitAreRefusedWithBothNames)
{
    shape({{Detents{{{"idle", 0.2, 0.1, 0.02}, {"climb", 0.6, 0.7, 0.02}}}}}, 2);
    chooseAxis("strand-3");
    auto* place = find<QDoubleSpinBox>("place of notch 1");
    ASSERT_NE(place, nullptr);
    place->setValue(60.0);
    settle();
    EXPECT_DOUBLE_EQ(stage<Detents>(0, 2).detents[0].at, 0.2);
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("\"idle\" at 60.0 % and \"climb\""));
    EXPECT_NEAR(find<QDoubleSpinBox>("place of notch 1")->value(), 20.0, 0.01);
    find<QDoubleSpinBox>("output of notch 1")->setValue(15.0);
    settle();
    EXPECT_NEAR(stage<Detents>(0, 2).detents[0].to, 0.15, 1e-9);
}

TEST_F(ShapeTest, OfALeverOnlyTheUpperSideIsSet)
{
    shape({{DeadZone{}}}, 2);
    chooseAxis("strand-3");
    EXPECT_NE(find<QDoubleSpinBox>("above"), nullptr);
    const auto* stack = find("stages");
    EXPECT_EQ(stack->findChild<QDoubleSpinBox*>("below"), nullptr);
    EXPECT_EQ(stack->findChild<QDoubleSpinBox*>("lowEnd"), nullptr);
}

TEST_F(ShapeTest, AWheelIsToldInDegrees)
{
    document.edit("a wheel", [](Tangle& tangle) { tangle.rig[0].kind = ControllerKind::Wheel; });
    shape({{DeadZone{0.0, 0.0, 0.0, 0.0}}});
    ASSERT_NE(find<QDoubleSpinBox>("wheel turns"), nullptr);
    find<QDoubleSpinBox>("wheel wanted")->setValue(270.0);
    settle();
    EXPECT_NEAR(stage<Reach>(1).from, 0.35, 1e-9) << "behind the dead zone";
    EXPECT_NEAR(stage<Reach>(1).to, 0.65, 1e-9);
    EXPECT_EQ(document.tangle().rig[0].controls[0].degrees, 900.0);
    move(kX, 300);
    EXPECT_NEAR(sent(), 1.0, 0.001) << "135 degrees to one side are all of it";
    find<QDoubleSpinBox>("wheel turns")->setValue(540.0);
    settle();
    EXPECT_NEAR(stage<Reach>(1).from, 0.25, 1e-9) << "270 are wanted still";
    EXPECT_NEAR(stage<Reach>(1).to, 0.75, 1e-9);
}

TEST_F(ShapeTest, TheLastSecondsRunThroughTheNewShapeAfterAnEdit)
{
    app::AxisTrace trace(studio.feed());
    trace.follow(document.tangle(), "strand-1");
    for (const int raw : {200, 400, 600}) {
        local.world.setNow(local.world.now() + std::chrono::seconds(1));
        move(kX, raw);
        trace.takeMoves();
    }
    const auto outs = [&trace] {
        std::vector<double> values;
        for (const auto& sample : trace.samples()) values.push_back(sample.out);
        return values;
    };
    EXPECT_THAT(outs(), testing::ElementsAre(0.0, 0.2, 0.4, 0.6));
    shape({{Scale{0.5, 0.0}}});
    trace.follow(document.tangle(), "strand-1");
    EXPECT_THAT(outs(), testing::ElementsAre(0.0, 0.1, 0.2, 0.3));
    local.world.setNow(local.world.now() + std::chrono::milliseconds(9500));
    move(kX, 800);
    trace.takeMoves();
    EXPECT_THAT(outs(), testing::ElementsAre(0.2, 0.3, 0.4)) << "what is older is forgotten";
    trace.follow(document.tangle(), "strand-1");
    EXPECT_THAT(outs(), testing::ElementsAre(0.2, 0.3, 0.4)) << "but it is where it began";
}

TEST_F(ShapeTest, OfAFastAxisAsMuchIsRememberedAsAPictureShows)
{
    app::AxisTrace trace(studio.feed());
    trace.follow(document.tangle(), "strand-1");
    for (int i = 1; i <= 1000; ++i) {  // in a second
        local.world.setNow(local.world.now() + std::chrono::milliseconds(1));
        move(kX, i);
        trace.takeMoves();
    }
    EXPECT_EQ(trace.samples().size(), 1001U) << "while it moves all of it is drawn";
    trace.follow(document.tangle(), "strand-1");
    EXPECT_THAT(trace.samples().size(), testing::AllOf(testing::Ge(250U), testing::Le(252U)));
    EXPECT_EQ(trace.samples().back().out, 1.0) << "it is where the hand is";
}

TEST_F(ShapeTest, OfHandlesInOnePlaceAClickTakesTheNext)
{
    shape({{DeadZone{0.0, 0.1, 0.0, 0.0}}, {Curve{}}});
    const auto corner = plot().placeOfHandle(handle("curve point 3"));
    clickAt(corner);
    EXPECT_EQ(textOf("handle"), "arrows move: dead zone at the high end");
    clickAt(corner);
    EXPECT_EQ(textOf("handle"), "arrows move: curve point 3");
    drag("curve point 3", {0, 50});
    EXPECT_LT(stage<Curve>(1).points[2].out, 0.9) << "the chosen one is dragged";
    EXPECT_EQ(stage<DeadZone>(0).highEnd, 0.0);
    clickAt(plot().placeOfHandle(handle("dead zone at the high end")));
    EXPECT_EQ(textOf("handle"), "arrows move: dead zone at the high end");
}

TEST_F(ShapeTest, AHandThatShakesOnAClickMovesNothing)
{
    shape({{Curve{}}});
    const auto steps = document.history().count();
    drag("curve point 2", {1, -1});
    EXPECT_EQ(document.history().count(), steps);
    EXPECT_EQ(stage<Curve>(0), Curve{});
}

TEST_F(ShapeTest, TheFirstPointThatIsWantedMakesTheCurve)
{
    shape({{DeadZone{0.0, 0.0, 0.0, 0.0}}, {Invert{}}});
    const auto rest = plot().placeOfHandle(handle("dead zone below rest"));
    QTest::mouseDClick(&plot(), Qt::LeftButton, {}, rest.toPoint() + QPoint(120, 90));
    settle();
    ASSERT_EQ(strands()[0].stages.size(), 3U);
    ASSERT_EQ(stage<Curve>(2).points.size(), 3U);
    // The axis is inverted before the curve, and the curve mirrored: its point is on the other
    // side.
    const auto other = rest + rest - plot().placeOfHandle(handle("curve point 2"));
    EXPECT_LT(QLineF(other, rest + QPointF(120, 90)).length(), 3.0);
    QTest::mouseDClick(&plot(), Qt::LeftButton, {}, rest.toPoint() + QPoint(60, 50));
    settle();
    EXPECT_EQ(stage<Curve>(2).points.size(), 4U) << "the next one joins it";
}

TEST_F(ShapeTest, ThereIsACurveToNudgeByTheKeyboardAlone)
{
    keys(&plot(), Qt::Key_Insert);
    ASSERT_EQ(strands()[0].stages.size(), 1U);
    EXPECT_EQ(stage<Curve>(0).points.size(), 3U);
    EXPECT_NEAR(stage<Curve>(0).points[1].in, 0.5, 1e-9);
    EXPECT_NEAR(stage<Curve>(0).points[1].out, 0.5, 1e-9) << "nothing is bent yet";
}

TEST_F(ShapeTest, ARehearsalKeepsWhatItsStagesLookAtAndNothingElse)
{
    document.edit("looks", [](Tangle& tangle) {
        addStrand(tangle, kTrigger, button(1));
        addStrand(tangle, kThumb, button(2)).stages = {
            {.parameters = Invert{}, .when = When{{}, Target{"jolly", button(1)}}}};
        tangle.strands[0].stages = {
            {.parameters = Invert{}, .when = When{{}, Target{"jolly", button(2)}}}};
    });
    const auto kept = app::rehearsed(document.tangle(), "strand-1");
    ASSERT_EQ(kept.strands.size(), 3U);
    EXPECT_EQ(kept.strands[0].id, "strand-1");
    EXPECT_EQ(kept.strands[1].id, "strand-4") << "is looked at by the next one";
    EXPECT_EQ(kept.strands[2].id, "strand-5") << "presses what the first one looks at";
    EXPECT_EQ(app::rehearsed(document.tangle(), "strand-2").strands.size(), 1U);
}

TEST_F(ShapeTest, WhereThereIsNothingToShapeKeysAndTheMouseDoNothing)
{
    shape({{Curve{}}});
    const auto at = plot().placeOfHandle(handle("curve point 2")).toPoint();
    QTest::mousePress(&plot(), Qt::LeftButton, {}, at);
    shape({{Blend{}}});
    const auto steps = document.history().count();
    QTest::mouseMove(&plot(), at + QPoint(40, 40));
    QTest::mouseRelease(&plot(), Qt::LeftButton, {}, at + QPoint(40, 40));
    for (const auto key : {Qt::Key_Right, Qt::Key_Delete, Qt::Key_Insert}) keys(&plot(), key);
    EXPECT_EQ(plot().chosen(), -1);
    document.edit("nothing", [](Tangle& tangle) { tangle.strands.clear(); });
    settle();
    keys(&plot(), Qt::Key_Insert);
    QTest::mouseDClick(&plot(), Qt::LeftButton, {}, at);
    EXPECT_EQ(document.history().count(), steps + 1) << "but for taking the strands away";
}

}  // namespace
}  // namespace jolly
