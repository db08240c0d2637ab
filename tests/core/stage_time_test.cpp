// SPDX-License-Identifier: GPL-3.0-or-later
#include "stages_of.h"

#include <gmock/gmock.h>
#include <nlohmann/json.hpp>

#include <cmath>
#include <fstream>

namespace jolly
{
namespace
{

using namespace std::chrono_literals;

/// A stage that is run as the engine does: at every event, and every tick while it moves by itself.
class Trial
{
 public:
    explicit Trial(const StageParameters& stage) : m_runner(prepare(stage, {})) {}

    double at(Time time, double in)
    {
        tickUntil(time);
        m_now = time;
        m_in = in;
        return step();
    }

    /// Lets time pass without an event. @return what comes out then.
    double tickUntil(Time time)
    {
        while (!isStill() && m_now + kTick <= time) {
            m_now += kTick;
            ++ticks;
            step();
        }
        return m_out;
    }

    [[nodiscard]] bool isStill() const { return nextAt(m_runner, m_now) == Time::max(); }
    int ticks = 0;

 private:
    double step() { return m_out = apply(m_runner, {m_in, 0.0}, {m_now, {}}).x; }

    StageRunner m_runner;
    Time m_now{};
    double m_in = 0.0;
    double m_out = 0.0;
};

/// Those that work by time and follow the hand.
std::vector<StageParameters> following()
{
    return stagesOf(Steady{}, Steady{0.2, 0.0}, Spikes{}, Pace{}, Pace{0.1, 5.0}, Guard{},
                    Guard{0.5, 1.0});
}

TEST(StagesByTime, TheLastValueAlwaysArrivesAndThenNothingTicks)
{
    for (const auto& stage : following()) {
        Trial run(stage);
        run.at(0ms, 0.0);
        run.at(10ms, 0.4);
        run.at(11ms, 0.7);
        EXPECT_EQ(run.tickUntil(60s), 0.7) << infoOf(stage).name;
        EXPECT_TRUE(run.isStill()) << infoOf(stage).name;
        const int ticks = run.ticks;
        run.tickUntil(120s);
        EXPECT_EQ(run.ticks, ticks) << infoOf(stage).name;
    }
}

TEST(StagesByTime, TheFirstValueCountsAtOnce)
{
    for (const auto& stage : following()) {
        Trial run(stage);
        EXPECT_EQ(run.at(5s, 0.6), 0.6) << infoOf(stage).name;
        EXPECT_TRUE(run.isStill()) << infoOf(stage).name;
    }
}

TEST(StagesByTime, SeldomAndManyEventsComeToTheSame)
{
    // What is heard 10 ms late of a hand that moves 1.6 a second, three times over.
    constexpr double kHeld = 0.05;
    const auto hand = [](Time t) { return 0.8 * std::sin(2.0 * inSeconds(t)); };
    for (const auto& stage : stagesOf(Steady{}, Pace{0.7, 0.4}, Drive{}, Spring{})) {
        Trial seldom(stage);
        Trial often(stage);
        for (Time t{}; t < 3s; t += 125us) {
            const double many = often.at(t, hand(t));
            if (t % 10ms != 0ns) continue;
            EXPECT_NEAR(seldom.at(t, hand(t)), many, kHeld)
                << infoOf(stage).name << " at " << inSeconds(t);
        }
    }
}

TEST(Steady, IsTheFilterOfThePaper)
{
    std::ifstream in(std::string(JOLLY_SOURCE_DIR) + "/tests/data/reference/shaping.json");
    const auto reference = nlohmann::json::parse(in)["steady"];
    auto runner = prepare(Steady{reference["cutoff"], reference["beta"]}, {});
    for (const auto& row : reference["rows"]) {
        const auto time = std::chrono::nanoseconds(std::llround(row[0].get<double>() * 1e9));
        EXPECT_NEAR(apply(runner, {row[1], 0.0}, {time, {}}).x, row[2].get<double>(), 1e-9);
    }
}

TEST(Steady, LagsByItsTimeConstantHoweverOftenEventsCome)
{
    constexpr double kSpeed = 0.4;
    const Steady steady{1.0, 2.0};
    const double promised = 1.0 / (2.0 * 3.14159265358979 * (1.0 + 2.0 * kSpeed));
    EXPECT_NEAR(inSeconds(steady.delayAt(kSpeed)), promised, 1e-9);
    for (const Time spacing : {Time(10ms), Time(8ms), Time(1ms), Time(125us)}) {
        Trial run(steady);
        double lag = 0.0;
        for (Time t{}; t <= 4s; t += spacing) {
            const double hand = kSpeed * inSeconds(t) - 0.8;
            lag = (hand - run.at(t, hand)) / kSpeed;
        }
        EXPECT_NEAR(lag, promised, promised / 100) << "every " << spacing.count() << " ns";
    }
}

TEST(Steady, AnotherControlOfTheStrandIsNoNewValue)
{
    Trial alone(Steady{});
    Trial beside(Steady{});
    for (Time t{}; t < 1s; t += 10ms) {
        const double hand = 0.6 * std::sin(3.0 * inSeconds(t));
        alone.at(t, hand);
        beside.at(t, hand);
        beside.at(t + 1ms, hand);
        beside.at(t + 6ms, hand);
        ASSERT_NEAR(alone.tickUntil(t + 8ms), beside.tickUntil(t + 8ms), 5e-3) << inSeconds(t);
    }
    EXPECT_NEAR(alone.at(1s, 0.2), beside.at(1s, 0.2), 1e-12);
}

TEST(Steady, JitterAtRestIsCalmedAndAFastHandIsNot)
{
    Trial rest(Steady{});
    rest.at(0ms, 0.5);
    double widest = 0.0;
    for (int i = 1; i < 400; ++i)
        widest = std::max(widest, std::abs(rest.at(i * 4ms, 0.5 + (i % 2 ? 0.01 : -0.01)) - 0.5));
    EXPECT_LT(widest, 0.003);
    EXPECT_LT(Steady{}.delayAt(5.0), Steady{}.delayAt(0.0) / 5);
}

TEST(Spikes, OneWildValueNeverComesOut)
{
    Trial run(Spikes{});
    run.at(0ms, 0.1);
    run.at(1ms, 0.1);
    EXPECT_EQ(run.at(2ms, 1.0), 0.1);
    EXPECT_EQ(run.at(3ms, 0.1), 0.1);
}

TEST(Spikes, OneWildValueNeverComesOutAtAnyRate)
{
    for (const Time spacing : {Time(125us), Time(1ms), Time(8ms), Time(16ms)}) {
        Trial run(Spikes{});
        double highest = 0.0;
        for (int i = 0; i < 200; ++i) {
            const double in = i % 7 == 5 ? 1.0 : 0.1 + 0.001 * (i % 2);
            run.at(spacing * i, in);
            run.at(spacing * i, in);  // another axis of the strand moved in the same frame
            highest = std::max(highest, run.tickUntil(spacing * i + spacing / 2));
        }
        EXPECT_LT(highest, 0.11) << "every " << spacing.count() << " ns";
    }
}

TEST(Spikes, WhatStaysIsNoSpike)
{
    Trial run(Spikes{});
    run.at(0ms, 0.1);
    EXPECT_EQ(run.at(500ms, 0.9), 0.1) << "it may be one";
    EXPECT_EQ(run.tickUntil(517ms), 0.1);
    EXPECT_EQ(run.tickUntil(520ms), 0.9) << "after 20 ms it is none";
    EXPECT_TRUE(run.isStill());
}

TEST(Stillness, SmallMovesDoNothingAndRestIsExact)
{
    auto runner = prepare(Stillness{0.05}, {});
    const auto at = [&](double in) { return apply(runner, {in, 0.0}, {}).x; };
    EXPECT_EQ(at(0.3), 0.3);
    EXPECT_EQ(at(0.34), 0.3);
    EXPECT_EQ(at(0.36), 0.36);
    EXPECT_EQ(at(0.98), 0.98);
    EXPECT_EQ(at(1.0), 1.0);
    EXPECT_EQ(at(0.01), 0.01);
    EXPECT_EQ(at(0.0), 0.0);
}

TEST(Pace, GoesAtItsSpeedToTheTickAndStops)
{
    Trial run(Pace{2.0, 0.5});
    run.at(0ms, 0.0);
    run.at(0ms, 1.0);
    EXPECT_NEAR(run.tickUntil(100ms), 0.2, 1e-9);
    EXPECT_EQ(run.tickUntil(504ms), 1.0);
    EXPECT_TRUE(run.isStill());
    run.at(1s, -1.0);
    EXPECT_NEAR(run.tickUntil(2s), 0.5, 1e-9) << "falling has its own speed";
}

TEST(Guard, ABumpDoesNothing)
{
    Trial run(Guard{0.1, 0.4});
    run.at(0ms, 0.0);
    EXPECT_EQ(run.at(10ms, 0.08), 0.0);
    EXPECT_EQ(run.at(60ms, 0.0), 0.0);
    EXPECT_TRUE(run.isStill());
    EXPECT_EQ(run.at(1s, 0.08), 0.0);
    EXPECT_EQ(run.tickUntil(1300ms), 0.0);
    EXPECT_EQ(run.tickUntil(1500ms), 0.08) << "kept longer than 0.4 s";
    EXPECT_EQ(run.at(3s, 0.3), 0.3) << "further than 10 %";
    EXPECT_EQ(run.at(3100ms, 0.31), 0.31) << "and followed";
    run.tickUntil(5s);
    EXPECT_TRUE(run.isStill());
    EXPECT_EQ(run.at(6s, 0.33), 0.31) << "at rest again";
}

TEST(Drive, TheDeflectionIsASpeedAndTheValueStays)
{
    Trial run(Drive{.speed = 0.5, .lowest = -0.2});
    run.at(0ms, 0.0);
    run.at(1s, 1.0);
    EXPECT_NEAR(run.tickUntil(2s), 0.5, 1e-9);
    EXPECT_NEAR(run.at(2s, 0.0), 0.5, 1e-9);
    EXPECT_TRUE(run.isStill());
    run.at(3s, -1.0);
    EXPECT_EQ(run.tickUntil(9s), -0.2);
    EXPECT_TRUE(run.isStill()) << "at its limit";
    EXPECT_THAT((Drive{.lowest = 0.5, .highest = 0.5}).complaint(),
                testing::HasSubstr("nothing is left between them"));
}

TEST(Spring, MovesCountAndRestComesBack)
{
    Trial run(Spring{1.0});
    run.at(0ms, 0.6);
    EXPECT_NEAR(run.at(10ms, 0.9), 0.3, 1e-9);
    EXPECT_NEAR(run.tickUntil(110ms), 0.2, 1e-9);
    EXPECT_EQ(run.tickUntil(1s), 0.0);
    EXPECT_TRUE(run.isStill());
}

/// Stages that buttons steer: control 0 is the first button, 1 the second, 2 the third.
class Steered
{
 public:
    explicit Steered(const StageParameters& stage)
        : m_runner(prepare(
              stage, {ControlKind::Axis, Sides::Two, [](const Source& source) {
                          return SeenControl{source.control.code, ControlKind::Button, Sides::Two};
                      }}))
    {
    }
    double with(double in, double a = 0.0, double b = 0.0, double c = 0.0)
    {
        const std::vector<Value> buttons = {{a, 0}, {b, 0}, {c, 0}};
        look(m_runner, {Time{}, buttons});
        return apply(m_runner, {in, 0.0}, {Time{}, buttons}).x;
    }

    static Source button(std::uint16_t number) { return {"stick", {EventType::Key, number}}; }

 private:
    StageRunner m_runner;
};

TEST(HoldValue, StaysWhileTheButtonIsPressed)
{
    Steered freeze(HoldValue{Steered::button(0)});
    EXPECT_EQ(freeze.with(0.3), 0.3);
    EXPECT_EQ(freeze.with(0.4, 1), 0.4);
    EXPECT_EQ(freeze.with(0.9, 1), 0.4);
    EXPECT_EQ(freeze.with(0.9), 0.9);
}

TEST(HoldValue, AsForceTrimTheHandMayReturnToItsCentre)
{
    Steered trim(HoldValue{Steered::button(0), Holding::Centre, Steered::button(1)});
    trim.with(0.5);
    trim.with(0.5, 1);
    EXPECT_EQ(trim.with(0.0, 1), 0.5) << "held while the stick goes back";
    EXPECT_EQ(trim.with(0.0), 0.5) << "the new centre";
    EXPECT_DOUBLE_EQ(trim.with(0.2), 0.7);
    EXPECT_EQ(trim.with(0.8), 1.0) << "clamped";
    EXPECT_EQ(trim.with(0.2, 0, 1), 0.2) << "reset";
}

TEST(HoldValue, AResetThatIsPressedWhenTheHoldEndsResets)
{
    Steered trim(HoldValue{Steered::button(0), Holding::Centre, Steered::button(1)});
    trim.with(0.5);
    trim.with(0.5, 1);
    EXPECT_EQ(trim.with(0.2, 0, 1), 0.2);
    EXPECT_EQ(trim.with(0.3), 0.3);
}

TEST(Trim, PressesMoveItStepByStepWithinItsLimits)
{
    Steered trim(Trim{Steered::button(0), Steered::button(1), Steered::button(2), 0.1, 0.25});
    EXPECT_EQ(trim.with(0.2), 0.2);
    EXPECT_DOUBLE_EQ(trim.with(0.2, 1), 0.3);
    EXPECT_DOUBLE_EQ(trim.with(0.2, 1), 0.3) << "once a press";
    for (int i = 0; i < 5; ++i) {
        trim.with(0.0);
        trim.with(0.0, 1);
    }
    EXPECT_DOUBLE_EQ(trim.with(0.2), 0.45);
    EXPECT_DOUBLE_EQ(trim.with(0.2, 0, 1), 0.35);
    EXPECT_DOUBLE_EQ(trim.with(0.2, 0, 0, 1), 0.2);
}

}  // namespace
}  // namespace jolly
