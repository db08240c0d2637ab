// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "core/flight/sweep.h"

#include <QObject>
#include <QTimer>
#include <optional>

namespace jolly::app
{

/// One thing that a sim is to learn.
struct Lesson {
    std::vector<Target> places;  ///< one virtual control, or the keys of a chord
    QString name;                ///< "Rz"
    QString function;            ///< "rudder"; may be empty
    SweepWay way = SweepWay::Up;
    bool isLearned = false;
};

/// Lets a sim learn the virtual controls of a device one by one: while it goes on, nothing but the
/// chosen one reaches games, and that only by its sweep: at once, after a countdown, or when a
/// control of the rig is pressed while the sim has the focus.
class Learning : public QObject
{
    Q_OBJECT

 public:
    enum class State { Off, Ready, Counting, Sweeping };
    static constexpr int kTickMs = 30;

    explicit Learning(Edits& edits, LiveFeed& feed, QObject* parent = nullptr);

    /// What there is to learn of a device, for the craft that is flown. Ticks stay.
    void setDevice(const std::string& device);
    /// The tangle is another. While it is on this needs no call.
    void rebuild();
    [[nodiscard]] const std::vector<Lesson>& lessons() const { return m_lessons; }
    [[nodiscard]] std::size_t learned() const;

    [[nodiscard]] State state() const { return m_state; }
    [[nodiscard]] bool isOn() const { return m_state != State::Off; }
    [[nodiscard]] std::size_t current() const { return m_current; }
    [[nodiscard]] const Lesson* lesson() const
    {
        return m_current < m_lessons.size() ? &m_lessons[m_current] : nullptr;
    }

    void choose(std::size_t lesson);
    void setLearned(std::size_t lesson, bool isLearned);
    void setWay(SweepWay way);

    /// Sweeps the chosen one now, or in so many seconds. Begins the learning when it is off.
    void sweep(int seconds = 0);
    /// The next one that is not learned yet, and its sweep.
    void next();
    void end();

    /// A press of this control sweeps, while the learning is on; none for none.
    void setTrigger(std::optional<Source> control);
    [[nodiscard]] const std::optional<Source>& trigger() const { return m_trigger; }

    /// Goes on with a countdown or a sweep, as its timer does.
    void tick();

    /// Whole seconds that are left of a countdown.
    [[nodiscard]] int secondsLeft() const;
    /// How far the sweep has come, from 0 to 1.
    [[nodiscard]] double progress() const;
    /// The steps of the chosen lesson's sweep, for drawing.
    [[nodiscard]] std::vector<SweepStep> steps() const;

 Q_SIGNALS:
    void changed();  ///< state, lessons or choice
    void ticked();   ///< countdown or sweep went on

 private:
    void tell();
    void begin(std::function<void()> then);
    void startSweep();
    void hear();
    void follow();
    void fail(const Fallible& done);
    [[nodiscard]] std::vector<VirtualSlot> slotsOf(const Lesson& lesson) const;

    Edits& m_edits;
    LiveFeed& m_feed;
    std::string m_device;
    std::vector<Lesson> m_lessons;
    std::size_t m_current = 0;
    State m_state = State::Off;
    std::vector<Target> m_told;  ///< that the engine lets a sim learn
    std::optional<Source> m_trigger;
    Time m_since{};  ///< of the countdown or the sweep
    Time m_length{};
    QTimer m_tick;
    QTimer m_keep;
};

}  // namespace jolly::app
