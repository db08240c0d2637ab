// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/story_model.h"
#include "bench_story.h"
#include "shape_story.h"

#include <QAbstractItemModelTester>
#include <QSignalSpy>
#include <random>

namespace jolly
{
namespace
{

using namespace test;
using app::StoryModel;
using app::StrandModel;

constexpr auto kStrict = QAbstractItemModelTester::FailureReportingMode::Fatal;

class AxisListTest : public ShapeStory
{
 protected:
    app::AxisList& list() { return *find<app::AxisList>("axes"); }

    QStringList names()
    {
        QStringList names;
        for (int i = 0; i < list().model()->rowCount(); ++i)
            names << list().model()->index(i, 0).data().toString();
        return names;
    }
};

TEST_F(AxisListTest, ArrowsShowTheNextStrandAndSelectItsAxis)
{
    chooseAxis("strand-1");
    keys(&list(), Qt::Key_Down);
    EXPECT_EQ(textOf("shape name"), "Pitch");
    EXPECT_EQ(studio.selection().selected(), (Source{"stick", kY}));
    keys(&list(), Qt::Key_End);
    EXPECT_EQ(textOf("shape name"), "Power");
}

TEST_F(AxisListTest, AClickOnTheStrandThatIsShownSelectsItsAxisAnew)
{
    chooseAxis("strand-2");
    move(kTrigger, 1);
    ASSERT_EQ(studio.selection().selected(), (Source{"stick", kTrigger}));
    chooseAxis("strand-2");
    EXPECT_EQ(studio.selection().selected(), (Source{"stick", kY}));
}

TEST_F(AxisListTest, StrandsOfButtonsAreNotListedAndOneThatBecomesOneGoes)
{
    document.edit("weave", [](Tangle& tangle) { addStrand(tangle, kTrigger, button(1)); });
    settle();
    EXPECT_EQ(names(), QStringList({"Roll", "Pitch", "Power"}));
    chooseAxis("strand-2");
    document.edit("other end", [](Tangle& tangle) { tangle.strands[1].source.control = kThumb; });
    settle();
    EXPECT_EQ(names(), QStringList({"Roll", "Power"}));
    EXPECT_EQ(textOf("shape name"), "Roll");
    document.history().undo();
    settle();
    EXPECT_EQ(names(), QStringList({"Roll", "Pitch", "Power"}));
}

TEST_F(AxisListTest, ARowSaysItsNameItsWayItsCurveAndWhatIsWrong)
{
    const auto row = [&] { return list().placeOf("strand-1"); };
    EXPECT_EQ(row().data(Qt::AccessibleTextRole).toString().count(','), 1);
    const auto curve = row().data(StrandModel::Curve).value<app::AxisCurve>();
    ASSERT_FALSE(curve.points.empty());
    EXPECT_NEAR(curve.points.back().out, 1.0, 1e-9);
    shape({{Invert{}}});
    const auto inverted = row().data(StrandModel::Curve).value<app::AxisCurve>();
    EXPECT_NEAR(inverted.points.back().out, -1.0, 1e-9) << "the curve follows an edit";
    EXPECT_FALSE(row().data(StrandModel::NeedsAttention).toBool());
    document.edit("break", [](Tangle& tangle) {
        tangle.strands[0].stages = {{Detents{{{"idle", 0.5, 0.1, 0.3}, {"climb", 0.6, 0.7, 0.3}}}}};
    });
    settle();
    EXPECT_TRUE(row().data(StrandModel::NeedsAttention).toBool());
    EXPECT_THAT(row().data(Qt::AccessibleTextRole).toString().toStdString(),
                HasSubstr("needs attention"));
}

TEST_F(AxisListTest, TheModelKeepsItsPromisesWhateverIsEdited)
{
    StrandModel model(studio.edits(), studio.preflight());
    const QAbstractItemModelTester tester(&model, kStrict);
    std::mt19937 dice(7);
    const auto throwDice = [&](std::size_t sides) { return dice() % sides; };
    for (int i = 0; i < 200; ++i) {
        document.edit("edit", [&](Tangle& tangle) {
            auto& strands = tangle.strands;
            switch (strands.empty() ? 0 : throwDice(4)) {
                case 0:
                    addStrand(tangle, kX, axis(4)).id = "new-" + std::to_string(i);
                    break;
                case 1:
                    strands.erase(strands.begin() + throwDice(strands.size()));
                    break;
                case 2:
                    strands[throwDice(strands.size())].stages = {{Invert{}}};
                    break;
                default:
                    std::ranges::shuffle(strands, dice);
                    break;
            }
        });
        settle();
        model.follow();
        ASSERT_EQ(static_cast<std::size_t>(model.rowCount()), strands().size());
        for (int row = 0; row < model.rowCount(); ++row) {
            const auto& strand = strands()[static_cast<std::size_t>(row)];
            ASSERT_EQ(model.index(row).data(StrandModel::Id).toString().toStdString(), strand.id);
            const auto curve = model.index(row).data(StrandModel::Curve).value<app::AxisCurve>();
            ASSERT_FALSE(curve.points.empty());
            ASSERT_EQ(curve.points.back().out < 0.0, !strand.stages.empty());
        }
    }
}

StoryLine lineAt(int second)
{
    return {std::chrono::seconds(second), StoryKind::Touch, say("%1", std::to_string(second)), {}};
}

TEST(StoryModelTest, TheNewestIsFirstAndTheOldestGo)
{
    StoryModel model;
    const QAbstractItemModelTester tester(&model, kStrict);
    for (int second = 0; second < StoryModel::kMostLines; second += 2)
        model.add({lineAt(second), lineAt(second + 1)}, {});
    EXPECT_EQ(model.rowCount(), StoryModel::kMostLines);
    model.add({lineAt(500), lineAt(501), lineAt(502)}, {});
    EXPECT_EQ(model.rowCount(), StoryModel::kMostLines);
    EXPECT_EQ(model.index(0).data().toString(), "502");
    EXPECT_EQ(model.index(499).data().toString(), "3");
    std::vector<StoryLine> many;
    for (int second = 0; second < 2000; ++second) many.push_back(lineAt(second));
    model.add(many, {});
    EXPECT_EQ(model.index(0).data().toString(), "1999");
    EXPECT_EQ(model.index(499).data().toString(), "1500");
    model.clear();
    EXPECT_EQ(model.rowCount(), 0);
}

class StoryListTest : public BenchStory
{
 protected:
    void fetch()
    {
        window.benchPage().log().fetch();
        settle();
    }
};

TEST_F(StoryListTest, AChosenLineStaysChosenWhileMoreHappens)
{
    move(kTrigger, 1);
    move(kTrigger, 0);  // what was pressed is told when the next thing happens
    fetch();
    auto* list = find<QListView>("story");
    const auto line = storyLines().indexOf("Button 1 pressed");
    ASSERT_GE(line, 0);
    list->setCurrentIndex(list->model()->index(static_cast<int>(line), 0));
    move(kThumb, 1);
    move(kThumb, 0);
    fetch();
    EXPECT_EQ(list->currentIndex().data().toString(), "Button 1 pressed");
    EXPECT_GT(list->currentIndex().row(), line);
    const auto moment = Time(list->currentIndex().data(StoryModel::Moment).toLongLong());
    keys(list, Qt::Key_Return);
    EXPECT_EQ(window.benchPage().log().moment(), moment);
}

TEST_F(StoryListTest, WhateverHappensIsFetchedAndNothingIsWhileNothingHappens)
{
    auto& log = window.benchPage().log();
    log.setWatched(false);
    QSignalSpy fetched(&log, &app::FlightLog::changed);
    const auto news = [&] {
        settle();
        fetched.clear();
        log.fetchNews();
        settle();
        return fetched.count();
    };
    static_cast<void>(news());
    EXPECT_EQ(news(), 0) << "nothing happened";
    const std::pair<const char*, std::function<void()>> happenings[] = {
        {"a move", [&] { move(kX, 500); }},
        {"a press", [&] { move(kTrigger, 1); }},
        {"a hand",
         [&] {
             EXPECT_TRUE(local.engine.holdByHand({"jolly", button(2)}, {1.0, 0.0}));
         }},
        {"its end",
         [&] {
             EXPECT_TRUE(local.engine.letGoByHand({"jolly", button(2)}));
         }},
        {"an edit",
         [&] { document.edit("e", [](Tangle& t) { t.strands[0].stages = {{Invert{}}}; }); }},
        {"standing down", [&] { session.standDown(); }},
        {"going live", [&] { EXPECT_TRUE(goLive()); }},
        {"a controller that goes", [&] { local.world.unplug(stick); }},
    };
    for (const auto& [what, happens] : happenings) {
        happens();
        step();
        EXPECT_EQ(news(), 1) << what;
        EXPECT_EQ(news(), 0) << "nothing after " << what;
    }
}

TEST_F(StoryListTest, AFilterWithNothingBehindItSaysSo)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    fetch();
    click("story touches");
    EXPECT_EQ(storyLines(), QStringList{"Button 1 pressed"});
    click("story layers");
    EXPECT_EQ(textOf("story none"), "Nothing of that yet: move something.");
    click("story all");
    EXPECT_GT(storyLines().size(), 1);
}

}  // namespace
}  // namespace jolly
