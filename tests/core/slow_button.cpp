// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_button.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace jolly::test
{

namespace
{

Time ms(double count)
{
    return Time(static_cast<std::int64_t>(std::llround(count * 1e6)));
}

bool isDown(Value value)
{
    return value.x >= 0.5;
}

bool isDown(const std::optional<Source>& source, const SlowButton::See& see)
{
    return source && isDown(see(*source));
}

std::vector<Value> buttons(std::initializer_list<bool> pressed)
{
    std::vector<Value> values;
    for (const bool is : pressed) values.push_back({is ? 1.0 : 0.0, 0.0});
    return values;
}

/// The eighths of the circle from up, clockwise; -1 in the middle.
int eighthOf(Value hat)
{
    static const std::map<std::pair<int, int>, int> kEighths = {
        {{0, -1}, 0}, {{1, -1}, 1}, {{1, 0}, 2},  {{1, 1}, 3},
        {{0, 1}, 4},  {{-1, 1}, 5}, {{-1, 0}, 6}, {{-1, -1}, 7}};
    const auto found = kEighths.find({static_cast<int>(hat.x), static_cast<int>(hat.y)});
    return found == kEighths.end() ? -1 : found->second;
}

std::vector<Value> split(const HatSplit& split, Value hat)
{
    const int at = eighthOf(hat);
    std::vector<Value> out;
    for (int way = 0; way < 8; ++way) {
        if (split.diagonals != Diagonals::Own && way % 2 == 1) continue;
        const int distance = std::abs(way - at);
        const bool isBeside = at % 2 == 1 && (distance == 1 || distance == 7);
        const bool is = at >= 0 && (way == at || (split.diagonals == Diagonals::Both && isBeside));
        out.push_back({is ? 1.0 : 0.0, 0.0});
    }
    return out;
}

Value turned(const HatTurn& turn, Value hat)
{
    double x = hat.x;
    double y = hat.y;
    const int steps = (static_cast<int>(turn.steps) + 8) % 8;
    for (int i = 0; i < steps; ++i) {  // each an eighth: (x, y) to (x - y, x + y), cut to -1..1
        const double nextX = std::clamp(x - y, -1.0, 1.0);
        const double nextY = std::clamp(x + y, -1.0, 1.0);
        x = nextX;
        y = nextY;
    }
    return {x, y};
}

}  // namespace

void SlowPulses::run(Time length, Time now)
{
    waiting = std::min(waiting, 200);
    if (until && *until <= now) {
        until = isDown ? std::optional(now + length) : std::nullopt;
        isDown = false;
    }
    if (until || waiting == 0) return;
    isDown = true;
    isBack = waiting < 0;
    waiting += isBack ? 1 : -1;
    until = now + length;
}

bool SlowButton::knows(const StageParameters& stage)
{
    const std::string name(infoOf(stage).name);
    static const std::set<std::string> kNames = {
        "latch",     "set and clear", "press kinds", "both ends",    "debounce",  "delay",
        "repeat",    "set",           "ramp",        "nudge",        "hat split", "hat turn",
        "four ways", "hat to axes",   "switch",      "switch steps", "positions"};
    return kNames.contains(name);
}

std::vector<Value> SlowButton::run(const StageParameters& stage, Value in, Time now, const See& see,
                                   bool isNews, const std::set<std::string>& led)
{
    const bool is = isDown(in);
    const bool isPress = is && !m_wasDown && isNews;
    std::vector<Value> out;
    if (const auto* latch = std::get_if<Latch>(&stage)) {
        if (isPress) m_isOn = !m_isOn;
        if (isDown(latch->clear, see)) m_isOn = false;
        out = buttons({m_isOn});
    } else if (const auto* keeps = std::get_if<SetAndClear>(&stage)) {
        if (isPress) m_isOn = true;
        if (isDown(keeps->clear, see)) m_isOn = false;
        out = buttons({m_isOn});
    } else if (std::holds_alternative<BothEnds>(stage)) {
        out = buttons({is, !is});
    } else if (const auto* kinds = std::get_if<PressKinds>(&stage)) {
        out = pressKinds(*kinds, is, now, isNews, led);
    } else if (const auto* quiet = std::get_if<Debounce>(&stage)) {
        out = buttons({debounce(*quiet, is, now)});
    } else if (const auto* again = std::get_if<Repeat>(&stage)) {
        out = buttons({repeat(*again, is, now, isNews)});
    } else if (const auto* later = std::get_if<Delay>(&stage)) {
        out = buttons({delay(*later, is, now)});
    } else if (const auto* set = std::get_if<SetValue>(&stage)) {
        out = {{is ? set->to : set->back, 0.0}};
    } else if (const auto* rising = std::get_if<Ramp>(&stage)) {
        out = {{ramp(*rising, is, now), 0.0}};
    } else if (const auto* nudging = std::get_if<Nudge>(&stage)) {
        const int way = (is ? 1 : 0) - (isDown(nudging->back, see) ? 1 : 0);
        out = {{nudge(*nudging, way, isDown(nudging->reset, see), now, isNews), 0.0}};
    } else if (const auto* ways = std::get_if<HatSplit>(&stage)) {
        out = split(*ways, in);
    } else if (const auto* four = std::get_if<FourWays>(&stage)) {
        out = {fourWays(*four, in)};
    } else if (const auto* turning = std::get_if<HatTurn>(&stage)) {
        out = {turned(*turning, in)};
    } else if (const auto* lever = std::get_if<SwitchPositions>(&stage)) {
        const auto at = standsAt(lever->places, see, isNews);
        for (const auto& place : lever->places) out.push_back({place.name == at ? 1.0 : 0.0, 0.0});
    } else if (const auto* stepping = std::get_if<SwitchSteps>(&stage)) {
        out = steps(*stepping, standsAt(stepping->places, see, isNews), now, isNews);
    } else if (const auto* putting = std::get_if<Positions>(&stage)) {
        const auto at = standsAt(plain(putting->places), see, isNews);
        for (const auto& place : putting->places) {
            if (place.name == at) m_value = place.value;
        }
        out = {{m_value.value_or(0.0), 0.0}};
    } else {
        out = {{in.x, 0.0}, {in.y, 0.0}};
    }
    m_wasDown = is;
    m_last = now;
    return out;
}

/// A diagonal stands between an upright eighth and one across.
Value SlowButton::fourWays(const FourWays& four, Value hat)
{
    const int at = eighthOf(hat);
    if (at != m_hatIn) {
        const int upright = at == 1 || at == 7 ? 0 : 4;
        const int across = at == 1 || at == 3 ? 2 : 6;
        const bool takesUpright = four.wins == Winner::UpDown ||
                                  (four.wins == Winner::First && m_hatOut == upright) ||
                                  (four.wins == Winner::Later && m_hatOut == across);
        m_hatIn = at;
        m_hatOut = at < 0 || at % 2 == 0 ? at : takesUpright ? upright : across;
    }
    static const std::map<int, Value> kAt = {
        {-1, {0, 0}}, {0, {0, -1}}, {2, {1, 0}}, {4, {0, 1}}, {6, {-1, 0}}};
    return kAt.at(m_hatOut);
}

/// The name of the position: buttons that are down, in the order in which they were pressed; what
/// was down already comes before all, and of that the first in the list counts.
std::string SlowButton::standsAt(const SwitchPlaces& places, const See& see, bool isNews)
{
    std::string silent;
    std::vector<std::string> found;
    for (const auto& place : places) {
        if (!place.control) silent = place.name;
        const bool is = isDown(place.control, see);
        const bool was = std::ranges::find(m_order, place.name) != m_order.end();
        if (!is) std::erase(m_order, place.name);
        if (is && !was && isNews) m_order.push_back(place.name);
        if (is && !was && !isNews) found.push_back(place.name);
    }
    for (const auto& name : found) m_order.insert(m_order.begin(), name);
    return m_order.empty() ? silent : m_order.back();
}

std::vector<Value> SlowButton::steps(const SwitchSteps& steps, const std::string& at, Time now,
                                     bool isNews)
{
    const auto placeOf = [&](const std::string& name) {
        return static_cast<int>(std::ranges::find(steps.places, name, &SwitchPlace::name) -
                                steps.places.begin());
    };
    if (!at.empty()) {
        if (!m_phase.empty() && isNews) m_pulses.waiting += placeOf(at) - placeOf(m_phase);
        m_phase = at;
    }
    m_pulses.waiting = std::clamp(m_pulses.waiting, -200, 200);
    m_pulses.run(ms(steps.pulse), now);
    return buttons({m_pulses.isDown && !m_pulses.isBack, m_pulses.isDown && m_pulses.isBack});
}

std::vector<Value> SlowButton::pressKinds(const PressKinds& kinds, bool isDown, Time now,
                                          bool isNews, const std::set<std::string>& led)
{
    const bool hasLong = led.contains("long");
    const bool hasTwice = led.contains("twice");
    if (m_at && *m_at <= now) {
        m_at.reset();
        if (m_phase == "again") ++m_pulses.waiting, m_phase = "";
        if (m_phase == "first") m_phase = "long";
    }
    if (isDown && !m_wasDown && isNews) {
        m_at.reset();
        m_phase = m_phase == "again" ? "twice" : "first";
        if (m_phase == "first" && hasLong) m_at = now + ms(kinds.longAfter);
    }
    if (!isDown && m_wasDown) {
        m_at.reset();
        const bool wasShort = m_phase == "first";
        m_phase = "";
        if (wasShort && hasTwice) {
            m_phase = "again";
            m_at = now + ms(kinds.twiceWithin);
        } else if (wasShort && hasLong) {
            ++m_pulses.waiting;
        }
    }
    m_pulses.run(ms(kinds.pulse), now);
    const bool isPlain = !hasLong && !hasTwice && m_phase == "first";
    return buttons({m_pulses.isDown || isPlain, m_phase == "long", m_phase == "twice"});
}

bool SlowButton::debounce(const Debounce& debounce, bool isDown, Time now)
{
    const bool isQuiet = m_end && now < *m_end;
    m_at.reset();
    if (isDown == m_isOn) return m_isOn;
    if (isQuiet) {
        m_at = m_end;
    } else {
        m_isOn = isDown;
        m_end = now + ms(debounce.quiet);
    }
    return m_isOn;
}

bool SlowButton::repeat(const Repeat& repeat, bool isDown, Time now, bool isNews)
{
    const auto press = [&](double until) {
        m_isOn = true;
        m_end = now + ms(std::min(repeat.every, until)) / 2;
        m_at = now + ms(until);
    };
    if (m_isOn && *m_end <= now) m_isOn = false;
    if (!isDown) {
        m_at.reset();
    } else if (!m_wasDown && isNews) {
        if (m_isOn) {
            m_at = *m_end + ms(repeat.every) / 2;
        } else {
            press(repeat.after);
        }
    } else if (!m_isOn && m_at && *m_at <= now) {
        press(repeat.every);
    }
    return m_isOn;
}

bool SlowButton::delay(const Delay& delay, bool isDown, Time now)
{
    if (!m_changes.empty() && m_changes.front().due <= now) {  // one in each run
        m_cameOut = {m_changes.front().heard, now};
        m_changes.pop_front();
        m_isOn = !m_isOn;
        if (m_isOn && !m_changes.empty()) {  // a press stays as long as it was held
            auto& release = m_changes.front();
            release.due = std::max(release.due, now + release.heard - m_cameOut.heard);
        }
    }
    const bool last = m_isOn != (m_changes.size() % 2 == 1);  // when all are through
    if (isDown == last || m_changes.size() == 16) return m_isOn;
    Change change{now, now + ms(delay.by)};
    const auto before = m_changes.empty() ? m_cameOut : m_changes.back();
    if (!m_changes.empty()) change.due = std::max(change.due, before.due);
    if (!isDown) change.due = std::max(change.due, before.due + now - before.heard);
    m_changes.push_back(change);
    return m_isOn;
}

double SlowButton::ramp(const Ramp& ramp, bool isDown, Time now)
{
    const auto part = [&](double time) {
        if (m_way == 0) return m_part;
        const double way = m_way > 0 ? ramp.rise : ramp.fall;
        const double by = way > 0.0 ? time / way : 2.0;
        return std::clamp(m_part + m_way * by, 0.0, 1.0);
    };
    const double since = static_cast<double>((now - m_last).count()) / 1e6;
    if (since > 0.0) m_part = part(since);
    if (isDown && !m_wasDown) {
        m_way = ramp.stays ? -m_lastWay : 1;
        m_lastWay = m_way;
    }
    if (!isDown && m_wasDown) m_way = ramp.stays ? 0 : -1;
    if ((m_way > 0 ? ramp.rise : ramp.fall) == 0.0) m_part = part(0.0);
    return ramp.to * m_part;
}

double SlowButton::nudge(const Nudge& nudge, int way, bool isReset, Time now, bool isNews)
{
    if (!m_value) m_value = nudge.begins;
    const auto go = [&] {
        m_value = std::clamp(*m_value + way * nudge.step, nudge.lowest, nudge.highest);
    };
    if (way == m_way && m_at && *m_at <= now) {
        go();
        m_at = now + ms(nudge.every);
    } else if (way != m_way) {
        if (m_way == 0 && isNews) go();
        m_at.reset();
        if (way != 0 && nudge.repeats) m_at = now + ms(nudge.after);
    }
    m_way = way;
    if (isReset) m_value = nudge.begins;
    return *m_value;
}

void SlowButton::stop(const StageParameters& stage)
{
    m_pulses = {};
    if (std::holds_alternative<PressKinds>(stage) || std::holds_alternative<Repeat>(stage)) {
        m_phase = "";
        m_isOn = false;
        m_at.reset();
        m_end.reset();
    }
    if (std::holds_alternative<Debounce>(stage)) *this = {};
    if (std::holds_alternative<Delay>(stage)) m_changes.clear();
}

void SlowButton::wake(const StageParameters& stage, Value in, Time now, const See& see)
{
    m_wasDown = isDown(in);
    if (const auto* ramp = std::get_if<Ramp>(&stage)) {
        m_last = now;
        if (ramp->stays) m_way = 0;
    } else if (const auto* nudge = std::get_if<Nudge>(&stage)) {
        m_way = (isDown(in) ? 1 : 0) - (isDown(nudge->back, see) ? 1 : 0);
        m_at.reset();
    } else if (std::holds_alternative<Repeat>(stage)) {
        m_at.reset();
    } else if (std::holds_alternative<Delay>(stage) && m_changes.empty()) {
        m_isOn = isDown(in);
        m_cameOut = {};
    } else if (std::holds_alternative<Debounce>(stage)) {
        *this = {};
    } else if (std::holds_alternative<SwitchPositions>(stage)) {
        look(stage, see, false);
    } else if (const auto* steps = std::get_if<SwitchSteps>(&stage)) {
        const auto at = standsAt(steps->places, see, false);
        if (!at.empty()) m_phase = at;
    }
}

void SlowButton::look(const StageParameters& stage, const See& see, bool isNews)
{
    if (const auto* lever = std::get_if<SwitchPositions>(&stage))
        standsAt(lever->places, see, isNews);
    if (const auto* steps = std::get_if<SwitchSteps>(&stage)) standsAt(steps->places, see, isNews);
    if (const auto* putting = std::get_if<Positions>(&stage))
        standsAt(plain(putting->places), see, isNews);
}

bool SlowButton::isPerforming(const StageParameters& stage) const
{
    if (std::holds_alternative<Repeat>(stage)) return m_isOn;
    return m_pulses.isDown || m_pulses.waiting != 0 || m_phase == "again" || !m_changes.empty();
}

Time SlowButton::nextAt(const StageParameters& stage, Time now) const
{
    if (std::holds_alternative<Ramp>(stage)) {
        const bool moves = m_way != 0 && m_part != (m_way > 0 ? 1.0 : 0.0);
        return moves ? now + std::chrono::milliseconds(4) : Time::max();
    }
    if (std::holds_alternative<Delay>(stage))
        return m_changes.empty() ? Time::max() : m_changes.front().due;
    if (std::holds_alternative<Repeat>(stage) && m_isOn) return *m_end;
    auto next = m_at.value_or(Time::max());
    if (m_pulses.until) next = std::min(next, *m_pulses.until);
    return next;
}

}  // namespace jolly::test
