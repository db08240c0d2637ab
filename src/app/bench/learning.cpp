// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/learning.h"
#include "app/style/qt_text.h"

#include "app/bench/hand_moves.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <set>

namespace jolly::app
{

Learning::Learning(Edits& edits, LiveFeed& feed, QObject* parent)
    : QObject(parent), m_edits(edits), m_feed(feed)
{
    m_tick.setInterval(kTickMs);
    m_keep.setInterval(HandMoves::kKeepMs);
    connect(&m_tick, &QTimer::timeout, this, &Learning::tick);
    connect(&m_keep, &QTimer::timeout, this,
            [this] { m_feed.session().ask([](EngineLink& link) { return link.keepHand(); }); });
    connect(&edits, &Edits::settled, this, [this] {
        if (isOn()) rebuild();
    });
    connect(&feed, &LiveFeed::moved, this, &Learning::hear);
    connect(&feed.session(), &EngineSession::statusTold, this, &Learning::follow);
    connect(&feed.session(), &EngineSession::lost, this, &Learning::end);
    connect(this, &Learning::changed, this, &Learning::tell);
}

void Learning::setDevice(const std::string& device)
{
    if (device == m_device) return;
    end();
    m_device = device;
    m_current = 0;
    m_lessons.clear();
    rebuild();
}

/// What strands of the craft lead to, in the order in which games number it; of a keyboard its
/// chords.
void Learning::rebuild()
{
    const auto* device = findDevice(m_edits.tangle(), m_device);
    std::vector<Lesson> lessons;
    const auto add = [&](std::vector<Target> places, const Sentence& name,
                         const std::string& function) {
        Lesson lesson{.places = std::move(places), .name = toQt(name), .function = toQt(function)};
        const auto known = std::ranges::find(m_lessons, lesson.places, &Lesson::places);
        if (known != m_lessons.end()) {
            lesson.isLearned = known->isLearned;
            lesson.way = known->way;
        }
        lessons.push_back(std::move(lesson));
    };
    if (device && device->kind == VirtualKind::Keyboard) {
        std::set<std::vector<std::uint16_t>> seen;
        for (const auto* strand : m_edits.stance().strands()) {
            for (const auto& end : strand->ends) {
                const auto* chord = keysOf(end);
                if (!chord || chord->device != m_device || !seen.insert(chord->keys).second)
                    continue;
                const auto function = functionName(m_edits.tangle(), strand->function);
                add(keysOf(*chord), toText(*chord), function.empty() ? strand->name : function);
            }
        }
    } else if (device) {
        for (const auto& slot : layoutOf(*device)) {
            const Target place{m_device, slot.control};
            const auto& strands = m_edits.stance().index().at(place);
            const auto function =
                functionName(m_edits.tangle(), settingsOf(*device, slot.control).function);
            if ((strands.empty() && function.empty()) || slot.control.kind == ControlKind::Turner)
                continue;
            add({place}, nameOf(*device, slot.control),
                !function.empty() ? function : strands.front()->name);
        }
    }
    m_lessons = std::move(lessons);
    m_current = std::min(m_current, m_lessons.empty() ? 0 : m_lessons.size() - 1);
    Q_EMIT changed();
}

std::size_t Learning::learned() const
{
    return static_cast<std::size_t>(std::ranges::count(m_lessons, true, &Lesson::isLearned));
}

void Learning::choose(std::size_t lesson)
{
    if (lesson >= m_lessons.size() || m_state == State::Sweeping) return;
    m_current = lesson;
    if (isOn()) return begin([] {});
    Q_EMIT changed();
}

void Learning::setLearned(std::size_t lesson, bool isLearned)
{
    if (lesson >= m_lessons.size()) return;
    m_lessons[lesson].isLearned = isLearned;
    Q_EMIT changed();
}

void Learning::setWay(SweepWay way)
{
    if (m_current < m_lessons.size()) m_lessons[m_current].way = way;
    Q_EMIT changed();
}

void Learning::setTrigger(std::optional<Source> control)
{
    m_trigger = std::move(control);
    Q_EMIT changed();
}

std::vector<VirtualSlot> Learning::slotsOf(const Lesson& lesson) const
{
    std::vector<VirtualSlot> slots;
    const auto* device = findDevice(m_edits.tangle(), m_device);
    if (!device) return slots;
    const auto layout = layoutOf(*device);
    for (const auto& place : lesson.places) {
        const auto found = std::ranges::find(layout, place.control, &VirtualSlot::control);
        if (found != layout.end()) slots.push_back(*found);
    }
    return slots;
}

std::vector<SweepStep> Learning::steps() const
{
    const auto* chosen = lesson();
    return chosen ? sweepOf(slotsOf(*chosen), chosen->way) : std::vector<SweepStep>();
}

void Learning::fail(const Fallible& done)
{
    m_edits.messages().refuse(toQt(done.error().text()));
    end();
}

/// Lets only the chosen control reach games; `then` follows when the engine does.
/// While it goes on, every page says so, with the way out.
void Learning::tell()
{
    const auto id = QStringLiteral("learning");
    const auto* chosen = lesson();
    if (!isOn() || !chosen) return m_edits.messages().hide(id);
    m_edits.messages().show({id,
                             tr("A sim learns %1: nothing else reaches games.")
                                 .arg(chosen->function.isEmpty() ? chosen->name : chosen->function),
                             {{tr("End it"), [this] { end(); }}}});
}

void Learning::begin(std::function<void()> then)
{
    const auto* chosen = lesson();
    if (!chosen) return;
    m_told = chosen->places;
    m_feed.session().ask([places = m_told](EngineLink& link) { return link.learn(places); },
                         [this, then = std::move(then)](const Fallible& done) {
                             if (!done) return fail(done);
                             if (m_state == State::Off) m_state = State::Ready;
                             m_keep.start();
                             then();
                             Q_EMIT changed();
                         });
}

void Learning::sweep(int seconds)
{
    const auto* chosen = lesson();
    if (!chosen || m_state == State::Sweeping) return;
    const auto go = [this, seconds] {
        if (seconds <= 0) return startSweep();
        m_state = State::Counting;
        m_since = m_feed.now();
        m_length = std::chrono::seconds(seconds);
        m_tick.start();
    };
    if (isOn() && m_told == chosen->places) {
        go();
        Q_EMIT changed();
        return;
    }
    begin(go);
}

void Learning::startSweep()
{
    const auto* chosen = lesson();
    if (!chosen) return;
    m_feed.session().ask([way = chosen->way](EngineLink& link) { return link.sweep(way); },
                         [this](const Fallible& done) {
                             if (!done) return fail(done);
                             const auto swept = steps();
                             m_state = State::Sweeping;
                             m_since = m_feed.now();
                             m_length = swept.empty() ? Time{} : swept.back().at;
                             m_tick.start();
                             Q_EMIT changed();
                         });
}

void Learning::tick()
{
    if (m_state != State::Counting && m_state != State::Sweeping) return;
    const auto passed = m_feed.now() - m_since;
    if (m_state == State::Counting && passed >= m_length) {
        m_state = State::Ready;
        m_tick.stop();
        startSweep();
        return;
    }
    if (m_state == State::Sweeping && passed >= m_length) {
        m_state = State::Ready;
        m_tick.stop();
        m_lessons[m_current].isLearned = true;
        Q_EMIT changed();
        return;
    }
    Q_EMIT ticked();
}

int Learning::secondsLeft() const
{
    if (m_state != State::Counting) return 0;
    return static_cast<int>(std::ceil(inSeconds(m_since + m_length - m_feed.now())));
}

double Learning::progress() const
{
    if (m_state != State::Sweeping || m_length <= Time{}) return 0.0;
    return std::clamp(inSeconds(m_feed.now() - m_since) / inSeconds(m_length), 0.0, 1.0);
}

void Learning::next()
{
    if (m_state == State::Sweeping) return;
    for (std::size_t i = 1; i <= m_lessons.size(); ++i) {
        const auto place = (m_current + i) % m_lessons.size();
        if (m_lessons[place].isLearned) continue;
        m_current = place;
        return sweep();
    }
    m_edits.messages().say(tr("All of it is learned."));
}

void Learning::end()
{
    m_tick.stop();
    m_keep.stop();
    m_told.clear();
    if (m_state == State::Off) return;
    m_state = State::Off;
    m_feed.session().ask([](EngineLink& link) { return link.learn({}); });
    Q_EMIT changed();
}

/// An edit ends it in the engine, and so does standing down.
void Learning::follow()
{
    const auto& status = m_feed.session().status();
    if (m_state == State::Off || !status.learned.empty() || m_told.empty()) return;
    m_state = State::Off;
    m_told.clear();
    m_tick.stop();
    m_keep.stop();
    m_edits.messages().say(tr("The learning ended: all controls reach games again."));
    Q_EMIT changed();
}

void Learning::hear()
{
    if (!m_trigger || m_state != State::Ready) return;
    const auto* controller = m_feed.controllerOf(*m_trigger);
    if (!controller) return;
    const auto found =
        std::ranges::find(controller->rig.controls, m_trigger->control, &RigControl::code);
    if (found == controller->rig.controls.end()) return;
    const auto slot =
        controller->slotOf[static_cast<std::size_t>(found - controller->rig.controls.begin())];
    for (const auto& move : m_feed.session().moves()) {
        if (slot >= 0 && move.slot == static_cast<std::uint32_t>(slot) && move.raw != 0)
            return sweep();
    }
}

}  // namespace jolly::app
