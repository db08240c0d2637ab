// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_session.h"

#include "local_engine.h"
#include "support/small_tangle.h"

#include <gtest/gtest.h>

#include <QSignalSpy>
#include <QTest>

namespace jolly::app
{
namespace
{

using namespace test;

/// A session that finds an engine only after `isRunning` was set.
class EngineSessionTest : public testing::Test
{
 protected:
    EngineAccess access()
    {
        return {[this]() -> Result<std::unique_ptr<EngineLink>> {
                    if (!isRunning) return fail(code, "No engine can be reached.", "Start one.");
                    return std::make_unique<LocalLink>(local);
                },
                [this] {
                    ++started;
                    return canStart;
                }};
    }

    LocalEngine local;
    bool isRunning = false;
    bool canStart = true;
    Failure::Code code = Failure::Code::NotThere;
    int started = 0;
    EngineSession session{access()};
};

TEST_F(EngineSessionTest, AnEngineThatRunsIsFoundAndNotStarted)
{
    isRunning = true;
    session.begin();
    EXPECT_TRUE(session.isAttached());
    EXPECT_TRUE(session.hasFoundOne());
    EXPECT_EQ(started, 0);
}

TEST_F(EngineSessionTest, ElseOneIsStartedAndWaitedFor)
{
    session.begin();
    EXPECT_EQ(started, 1);
    EXPECT_FALSE(session.isAttached());
    isRunning = true;
    EXPECT_TRUE(QTest::qWaitFor([this] { return session.isAttached(); }, 2000));
    EXPECT_FALSE(session.hasFoundOne());
}

TEST_F(EngineSessionTest, AnEngineThatCannotBeStartedIsSaid)
{
    canStart = false;
    const QSignalSpy failed(&session, &EngineSession::failed);
    session.begin();
    ASSERT_EQ(failed.count(), 1);
    EXPECT_TRUE(failed[0][0].toString().contains("could not be started"));
}

TEST_F(EngineSessionTest, WithoutASessionBusNoEngineIsStartedThatNobodyCouldReach)
{
    code = Failure::Code::System;
    const QSignalSpy failed(&session, &EngineSession::failed);
    session.begin();
    EXPECT_EQ(started, 0);
    EXPECT_EQ(failed.count(), 1);
}

TEST_F(EngineSessionTest, ValuesAreToldOnlyWhenSomethingMoved)
{
    isRunning = true;
    session.begin();
    session.send(smallTangle());
    const auto stick = local.world.plug(describe(smallStick()));
    local.engine.step(local.world.now());
    session.poll();
    const QSignalSpy moved(&session, &EngineSession::valuesChanged);
    session.poll();
    session.poll();
    EXPECT_EQ(moved.count(), 0);
    local.world.move(stick, {{0, false, 400}});
    local.engine.step(local.world.now());
    session.poll();
    EXPECT_EQ(moved.count(), 1);
}

TEST_F(EngineSessionTest, EveryMoveIsToldOnceHoweverSeldomItLooks)
{
    isRunning = true;
    session.begin();
    const auto stick = local.world.plug(describe(smallStick()));
    local.engine.step(local.world.now());
    session.poll();
    for (const int raw : {400, 401, 402}) local.world.move(stick, {{0, false, raw}});
    local.engine.step(local.world.now());
    session.poll();
    const auto first = session.status().controllers[0].firstSlot;
    ASSERT_EQ(session.moves().size(), 3U);
    EXPECT_EQ(session.moves()[1].slot, first);
    EXPECT_EQ(session.moves()[1].raw, 401);
    local.world.move(stick, {{1, false, 7}});
    local.engine.step(local.world.now());
    session.poll();
    ASSERT_EQ(session.moves().size(), 1U);
    EXPECT_EQ(session.moves()[0].raw, 7);
}

TEST_F(EngineSessionTest, AnotherGenerationFetchesTheStatus)
{
    isRunning = true;
    session.begin();
    local.world.plug(describe(smallStick()));
    local.engine.step(local.world.now());
    session.poll();
    EXPECT_EQ(session.status().controllers.size(), 1U);
}

TEST_F(EngineSessionTest, WithoutAnEngineNothingCrashes)
{
    session.send(smallTangle());
    EXPECT_FALSE(session.goLive());
    EXPECT_TRUE(session.standDown());
    EXPECT_EQ(session.tangle(), "");
    session.poll();
    session.end();
}

}  // namespace
}  // namespace jolly::app
