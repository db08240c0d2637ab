// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_session.h"

#include "local_engine.h"
#include "support/small_tangle.h"

#include <gtest/gtest.h>

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTest>
#include <mutex>

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
        return {.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
                    if (!isRunning)
                        return fail(code, words("No engine can be reached."), words("Start one."));
                    return std::make_unique<LocalLink>(local);
                },
                .start = [this]() -> Fallible {
                    ++started;
                    if (!canStart)
                        return fail(Failure::Code::NotThere, words("No program."),
                                    words("Install it."));
                    return {};
                },
                .whyNot = [this] { return why; }};
    }

    LocalEngine local;
    bool isRunning = false;
    bool canStart = true;
    QString why;
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
    const QSignalSpy failed(&session, &EngineSession::notStarted);
    session.begin();
    ASSERT_EQ(failed.count(), 1);
    EXPECT_EQ(failed[0][0].toString(), "No program. Install it.");
}

TEST_F(EngineSessionTest, AnEngineThatEndsAtOnceSaysWhyAndMayBeTriedAgain)
{
    why = "tangle: /nowhere is not there.";
    QSignalSpy failed(&session, &EngineSession::notStarted);
    session.begin();
    ASSERT_TRUE(failed.count() == 1 || failed.wait(60'000));
    EXPECT_EQ(failed[0][0].toString(), why);
    isRunning = true;
    session.begin();
    EXPECT_TRUE(session.isAttached());
}

TEST_F(EngineSessionTest, WithoutASessionBusNoEngineIsStartedThatNobodyCouldReach)
{
    code = Failure::Code::System;
    const QSignalSpy failed(&session, &EngineSession::notStarted);
    session.begin();
    EXPECT_EQ(started, 0);
    EXPECT_EQ(failed.count(), 1);
}

TEST_F(EngineSessionTest, AnEngineThatDoesNotAnswerIsNotTakenForNone)
{
    code = Failure::Code::Busy;
    const QSignalSpy failed(&session, &EngineSession::notStarted);
    session.begin();
    EXPECT_EQ(started, 0);
    EXPECT_EQ(failed.count(), 1);
}

TEST_F(EngineSessionTest, AStormOfSomebodyElsesTanglesIsLookedAtOnceInAWhileAndToItsEnd)
{
    isRunning = true;
    session.begin();
    const QSignalSpy told(&session, &EngineSession::statusTold);
    auto other = smallTangle();
    QElapsedTimer clock;
    clock.start();
    for (int i = 0; i < 300; ++i) {
        other.name = "Storm " + std::to_string(i);
        ASSERT_TRUE(LocalLink(local).load(format::writeTangle(other)));
        session.poll();
    }
    EXPECT_GE(told.count(), 1);
    EXPECT_LE(told.count(), 10 + clock.elapsed() / 100);
    EXPECT_TRUE(QTest::qWaitFor([&] { return session.status().tangle == "Storm 299"; }, 60'000));
}

TEST_F(EngineSessionTest, ItIsSeenWhenTheEngineFliesWhatSomebodyElseSent)
{
    isRunning = true;
    session.begin();
    EXPECT_FALSE(session.fliesAnother()) << "nothing was sent yet";
    session.send(smallTangle());
    EXPECT_FALSE(session.fliesAnother());
    auto other = smallTangle();
    other.name = "Other";
    static_cast<void>(LocalLink(local).load(format::writeTangle(other)));
    local.engine.step(local.world.now());
    session.poll();
    EXPECT_TRUE(session.fliesAnother());
    EXPECT_EQ(session.status().tangle, "Other");
    session.send(smallTangle());
    EXPECT_FALSE(session.fliesAnother());
}

/// A link whose calls hang until they are let go.
class HangingLink : public LocalLink
{
 public:
    HangingLink(LocalEngine& local, std::mutex& hanging, std::atomic<bool>* isGone = nullptr)
        : LocalLink(local), m_hanging(hanging), m_isGone(isGone)
    {
    }
    ~HangingLink() override
    {
        if (m_isGone) *m_isGone = true;
    }

    Result<LoadResult> load(const std::string& text) override
    {
        const std::lock_guard lock(m_hanging);
        return LocalLink::load(text);
    }

 private:
    std::mutex& m_hanging;
    std::atomic<bool>* m_isGone;
};

TEST_F(EngineSessionTest, AnEngineThatHangsHoldsUpNobodyAndGetsTheNewestTangleInTheEnd)
{
    std::mutex hanging;
    EngineSession aside({.connect = [&]() -> Result<std::unique_ptr<EngineLink>> {
                             return std::make_unique<HangingLink>(local, hanging);
                         },
                         .way = Aside::Way::Thread});
    QSignalSpy silent(&aside, &EngineSession::silent);
    QSignalSpy answered(&aside, &EngineSession::answered);
    aside.begin();
    ASSERT_TRUE(QTest::qWaitFor([&] { return aside.isAttached(); }, 60'000));
    hanging.lock();
    auto tangle = smallTangle();
    for (int i = 0; i < 50; ++i) {
        tangle.name = "Edit " + std::to_string(i);
        aside.send(tangle);  // would never return if it waited
    }
    EXPECT_TRUE(silent.count() > 0 || silent.wait(60'000));
    hanging.unlock();
    EXPECT_TRUE(answered.count() > 0 || answered.wait(60'000));
    EXPECT_TRUE(QTest::qWaitFor([&] { return aside.status().tangle == "Edit 49"; }, 60'000));
    EXPECT_FALSE(aside.fliesAnother());
}

/// A link over a bus that may be gone.
class LinkOverABus : public LocalLink
{
 public:
    LinkOverABus(LocalEngine& local, const bool& isBusGone)
        : LocalLink(local), m_isBusGone(isBusGone)
    {
    }
    Result<LoadResult> load(const std::string& text) override
    {
        if (m_isBusGone)
            return fail(Failure::Code::NotThere, words("The bus is gone."), words("Wait."));
        return LocalLink::load(text);
    }

 private:
    const bool& m_isBusGone;
};

TEST_F(EngineSessionTest, WhenTheBusIsBegunAgainTheWindowIsBackAtTheSameEngine)
{
    bool isBusGone = false;
    EngineSession window({.connect = [&]() -> Result<std::unique_ptr<EngineLink>> {
                              if (isBusGone)
                                  return fail(Failure::Code::NotThere, words("No bus."),
                                              words("Begin one."));
                              return std::make_unique<LinkOverABus>(local, isBusGone);
                          },
                          .start = [&]() -> Fallible {
                              ++started;
                              return {};
                          }});
    QSignalSpy attached(&window, &EngineSession::attached);
    QSignalSpy failed(&window, &EngineSession::failed);
    window.begin();
    ASSERT_TRUE(window.isAttached());
    isBusGone = true;
    auto tangle = smallTangle();
    tangle.name = "While it was gone";
    window.send(tangle);
    EXPECT_FALSE(window.isAttached());
    EXPECT_EQ(failed.count(), 1) << "said once";
    isBusGone = false;
    ASSERT_TRUE(QTest::qWaitFor([&] { return window.isAttached(); }, 60'000));
    EXPECT_EQ(attached.count(), 2);
    EXPECT_EQ(started, 0) << "the engine lives";
    window.send(tangle);
    local.engine.step(local.world.now());
    window.poll();
    EXPECT_EQ(window.status().tangle, "While it was gone");
}

TEST_F(EngineSessionTest, AWindowThatClosesLeavesACallThatHangsBehind)
{
    std::mutex hanging;
    std::atomic<bool> isGone = false;
    {
        EngineSession aside({.connect = [&]() -> Result<std::unique_ptr<EngineLink>> {
                                 return std::make_unique<HangingLink>(local, hanging, &isGone);
                             },
                             .way = Aside::Way::Thread});
        aside.begin();
        ASSERT_TRUE(QTest::qWaitFor([&] { return aside.isAttached(); }, 60'000));
        hanging.lock();
        aside.send(smallTangle());
    }
    hanging.unlock();
    EXPECT_TRUE(QTest::qWaitFor([&] { return isGone.load(); }, 60'000))
        << "what was left behind comes to its end";
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

/// A link that counts how often the status is asked for.
class CountingLink : public LocalLink
{
 public:
    CountingLink(LocalEngine& local, int& asked) : LocalLink(local), m_asked(asked) {}
    Result<EngineStatus> status() override
    {
        ++m_asked;
        return LocalLink::status();
    }

 private:
    int& m_asked;
};

TEST_F(EngineSessionTest, AnEditThatMovesNoSlotIsNoNewsAndItsStatusIsFetchedOnce)
{
    int asked = 0;
    EngineSession counted({.connect = [&]() -> Result<std::unique_ptr<EngineLink>> {
        return std::make_unique<CountingLink>(local, asked);
    }});
    counted.begin();
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1));
    const auto stick = local.world.plug(describe(smallStick()));
    counted.send(tangle);
    local.engine.step(local.world.now());
    counted.poll();
    const QSignalSpy news(&counted, &EngineSession::statusChanged);
    asked = 0;
    tangle.strands.front().stages = {{Invert{}}};
    counted.send(tangle);
    local.world.move(stick, {{0, false, 400}});
    local.engine.step(local.world.now());
    counted.poll();
    counted.poll();
    EXPECT_EQ(asked, 1);
    EXPECT_EQ(news.count(), 0);
    EXPECT_FALSE(counted.fliesAnother());
    EXPECT_EQ(counted.moves().size(), 1U) << "values go on";
    tangle.devices.front().axes = 7;
    counted.send(tangle);
    counted.poll();
    EXPECT_EQ(asked, 2);
    EXPECT_EQ(news.count(), 1) << "slots mean something else";
}

TEST_F(EngineSessionTest, WithoutAnEngineNothingCrashes)
{
    session.send(smallTangle());
    Fallible outcome;
    session.goLive([&](const Fallible& done) { outcome = done; });
    EXPECT_FALSE(outcome);
    session.standDown([&](const Fallible& done) { outcome = done; });
    EXPECT_TRUE(outcome);
    session.askForTangle([](const std::string& text) { EXPECT_EQ(text, ""); });
    session.poll();
    session.end();
}

}  // namespace
}  // namespace jolly::app
