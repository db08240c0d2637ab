// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_stage.h"

#include <algorithm>
#include <cmath>

namespace jolly::test
{

namespace
{

double limited(double value, double low, double high)
{
    return std::min(std::max(value, low), high);
}

double twoSided(double value, Sides sides)
{
    return sides == Sides::Two ? value : 2.0 * value - 1.0;
}

double inTermsOf(Sides mine, double value, Sides theirs)
{
    if (mine == theirs) return value;
    return mine == Sides::Two ? 2.0 * value - 1.0 : (value + 1.0) / 2.0;
}

double deadZone(const DeadZone& zone, double v)
{
    const double a = v < 0.0 ? zone.below : zone.above;
    const double e = v < 0.0 ? zone.lowEnd : zone.highEnd;
    const double sign = v < 0.0 ? -1.0 : 1.0;
    if (std::abs(v) <= a) return 0.0;
    if (std::abs(v) >= 1.0 - e) return sign;
    return sign * (std::abs(v) - a) / (1.0 - a - e);
}

bool isPressedNow(const std::optional<Source>& source, const SlowStage::See& see)
{
    return source && see(*source).x >= 0.5;
}

}  // namespace

void SlowStage::change(const StageParameters& parameters)
{
    const auto* equal = std::get_if<EqualSlices>(&m_now);
    if (equal && equal->count != std::get<EqualSlices>(parameters).count) m_zone = -1;
    m_now = parameters;
    if (const auto* hold = std::get_if<HoldValue>(&m_now); hold && hold->way == Holding::Freeze)
        m_offset = 0.0;
    if (const auto* drive = std::get_if<Drive>(&m_now))
        m_value = limited(m_value, drive->lowest, drive->highest);
    if (const auto* slice = std::get_if<Slice>(&m_now)) {
        std::erase_if(m_held, [slice](const std::string& name) {
            return std::ranges::none_of(slice->slices,
                                        [&](const auto& part) { return part.name == name; });
        });
    }
}

void SlowStage::forget()
{
    const auto down = m_down;
    const bool slept = sleeps;
    *this = SlowStage(m_now);
    sleeps = slept;
    if (std::holds_alternative<Trim>(m_now)) m_down = down;
}

void SlowStage::stop()
{
    m_button.stop(m_now);
    m_waiting = m_pulse = 0;
    m_until.reset();
}

bool SlowStage::isPerforming() const
{
    return m_waiting != 0 || m_pulse != 0 || m_button.isPerforming(m_now);
}

void SlowStage::wake(Value in, Time now, const See& see)
{
    if (SlowButton::knows(m_now)) {
        m_button.wake(m_now, in, now, see);
    } else if (std::holds_alternative<Drive>(m_now) || std::holds_alternative<Spring>(m_now)) {
        m_before = in.x;
        m_last = now;
    } else if (const auto* hold = std::get_if<HoldValue>(&m_now)) {
        if (!isPressedNow(hold->by, see)) m_down.clear();
    } else if (std::holds_alternative<Trim>(m_now)) {
        look(see, false);
    } else if (std::holds_alternative<Slice>(m_now)) {
        m_before = in.x;
        m_hasRun = true;
    } else if (std::holds_alternative<Ratchet>(m_now)) {
        m_value = in.x;
    } else if (!std::holds_alternative<EqualSlices>(m_now)) {
        forget();
    }
}

void SlowStage::look(const See& see, bool isNews)
{
    if (SlowButton::knows(m_now)) m_button.look(m_now, see, isNews);
    const auto* trim = std::get_if<Trim>(&m_now);
    if (!trim) return;
    const auto isPress = [&](const std::string& name, const std::optional<Source>& source) {
        const bool was = m_down.contains(name);
        const bool is = isPressedNow(source, see);
        if (is) m_down.insert(name);
        if (!is) m_down.erase(name);
        return is && !was && isNews;
    };
    if (isPress("up", trim->up)) m_offset += trim->step;
    if (isPress("down", trim->down)) m_offset -= trim->step;
    if (isPress("reset", trim->reset)) m_offset = 0.0;
    m_offset = limited(m_offset, -trim->most, trim->most);
}

std::vector<Value> SlowStage::run(Value in, Signal signal, Time now, const See& see, bool isNews,
                                  const std::set<std::string>& led)
{
    if (SlowButton::knows(m_now)) return m_button.run(m_now, in, now, see, isNews, led);
    in.x = limited(in.x, -1.0, 1.0);
    const double low = signal.sides == Sides::Two ? -1.0 : 0.0;
    std::vector<Value> out;
    if (const auto* slice = std::get_if<Slice>(&m_now)) {
        out = slices(*slice, in.x);
    } else if (const auto* equal = std::get_if<EqualSlices>(&m_now)) {
        out = zones(*equal, in.x, low);
    } else if (const auto* ratchet = std::get_if<Ratchet>(&m_now)) {
        out = pulses(*ratchet, in.x, low, now);
    } else {
        out = {one(in, signal, now, see)};
    }
    m_hasRun = true;
    m_last = now;
    m_before = in.x;
    return out;
}

Value SlowStage::one(Value in, Signal signal, Time now, const See& see)
{
    const double v = in.x;
    const double low = signal.sides == Sides::Two ? -1.0 : 0.0;
    const double seconds = inSeconds(now - m_last);
    if (std::holds_alternative<Invert>(m_now)) {
        const bool isCentred = signal.kind == ControlKind::Axis && signal.sides == Sides::Two;
        return {isCentred ? -v : 1.0 - v, in.y};
    }
    if (const auto* scale = std::get_if<Scale>(&m_now))
        return {limited(scale->gain * v + scale->offset, low, 1.0)};
    if (const auto* zone = std::get_if<DeadZone>(&m_now)) return {deadZone(*zone, v)};
    if (const auto* half = std::get_if<Half>(&m_now)) {
        const double whole = twoSided(v, signal.sides);
        return {std::max(0.0, half->side == Side::Upper ? whole : -whole)};
    }
    if (const auto* still = std::get_if<Stillness>(&m_now)) {
        if (!m_hasRun || v == 0.0 || std::abs(v) == 1.0 || std::abs(v - m_value) > still->width)
            m_value = v;
        return {m_value};
    }
    if (const auto* blend = std::get_if<Blend>(&m_now)) {
        const auto theirs = blend->other->control == ControlCode{EventType::Abs, 0x06}
                                ? Sides::One
                                : Sides::Two;  // the small stick's throttle
        const double w = inTermsOf(signal.sides, see(*blend->other).x, theirs);
        if (blend->how == Blending::HalfDifference)
            return {(twoSided(v, signal.sides) - twoSided(w, signal.sides)) / 2.0};
        if (blend->how == Blending::Average) return {(v + w) / 2.0};
        return {std::abs(w) > std::abs(v) ? w : v};
    }
    if (const auto* trim = std::get_if<Trim>(&m_now)) {
        static_cast<void>(trim);
        return {limited(v + m_offset, low, 1.0)};
    }
    if (const auto* p = std::get_if<Pace>(&m_now)) return {pace(*p, v, seconds)};
    if (const auto* h = std::get_if<HoldValue>(&m_now)) return {hold(*h, v, low, see)};
    if (const auto* d = std::get_if<Drive>(&m_now)) return {drive(*d, v, low, seconds, see)};
    return {spring(std::get<Spring>(m_now), v, low, seconds)};
}

/// Towards what came in before.
double SlowStage::pace(const Pace& pace, double v, double seconds)
{
    if (!m_hasRun) return m_value = v;
    return m_value =
               limited(m_before, m_value - pace.falling * seconds, m_value + pace.rising * seconds);
}

double SlowStage::hold(const HoldValue& hold, double v, double low, const See& see)
{
    const bool was = m_down.contains("by");
    const bool is = isPressedNow(hold.by, see);
    m_down.clear();
    if (is) m_down.insert("by");
    if (was && !is && hold.way == Holding::Centre) m_offset = m_value - v;
    if (isPressedNow(hold.reset, see)) m_offset = 0.0;
    if (was && is) return m_value;
    const double out = limited(v + m_offset, low, 1.0);
    if (is) m_value = out;
    return out;
}

double SlowStage::drive(const Drive& drive, double v, double low, double seconds, const See& see)
{
    static_cast<void>(v);
    m_low = std::max(drive.lowest, low);
    const double rest = limited(0.0, m_low, drive.highest);
    if (!m_hasRun) m_value = rest;
    if (m_hasRun) m_value += drive.speed * m_before * seconds;
    m_value = limited(m_value, m_low, drive.highest);
    if (isPressedNow(drive.reset, see)) m_value = rest;
    return m_value;
}

double SlowStage::spring(const Spring& spring, double v, double low, double seconds)
{
    if (!m_hasRun) return m_value = 0.0;
    const double back = std::min(std::abs(m_value), spring.speed * seconds);
    m_value -= m_value > 0.0 ? back : -back;
    return m_value = limited(m_value + v - m_before, low, 1.0);
}

std::vector<Value> SlowStage::slices(const Slice& slice, double v)
{
    std::vector<Value> out(slice.slices.size());
    std::optional<std::size_t> last;
    for (std::size_t i = 0; i < out.size(); ++i) {
        const auto& part = slice.slices[i];
        const bool was = m_held.contains(part.name);
        const bool cameFromBelow = m_hasRun && m_before < part.from;
        const bool cameFromAbove = m_hasRun && m_before > part.to;
        const bool mayBegin = part.entry == Entry::Either ||
                              (part.entry == Entry::Below ? cameFromBelow : cameFromAbove);
        const bool is = was ? v >= part.letGoBelow && v <= part.letGoAbove
                            : mayBegin && v >= part.from && v <= part.to;
        if (is) m_held.insert(part.name);
        if (!is) m_held.erase(part.name);
        if (is) last = i;
        if (is && slice.overlap == Overlap::PileUp) out[i].x = 1.0;
    }
    if (last && slice.overlap == Overlap::Exclude) out[*last].x = 1.0;
    return out;
}

std::vector<Value> SlowStage::zones(const EqualSlices& slices, double v, double low)
{
    const double p = (v - low) / (1.0 - low);
    const double n = slices.count;
    const bool stays =
        m_zone >= 0 && m_zone / n - slices.edge <= p && p < (m_zone + 1) / n + slices.edge;
    if (!stays) m_zone = static_cast<int>(std::min(std::floor(p * n), n - 1.0));
    std::vector<Value> out(static_cast<std::size_t>(n));
    out[static_cast<std::size_t>(m_zone)].x = 1.0;
    return out;
}

std::vector<Value> SlowStage::pulses(const Ratchet& ratchet, double v, double low, Time now)
{
    const double step = ratchet.step * (1.0 - low);
    const Time length(static_cast<std::int64_t>(std::llround(ratchet.pulse * 1e6)));
    if (!m_hasRun) m_value = v;
    while (v - m_value >= step * (1.0 - 1e-9)) m_value += step, m_waiting += 1;
    while (m_value - v >= step * (1.0 - 1e-9)) m_value -= step, m_waiting -= 1;
    m_waiting = std::clamp(m_waiting, -200, 200);
    if (m_until && now >= *m_until) {
        m_until = m_pulse != 0 ? std::optional(now + length) : std::nullopt;
        m_pulse = 0;
    }
    if (!m_until && m_waiting != 0) {
        m_pulse = m_waiting > 0 ? 1 : -1;
        m_waiting -= m_pulse;
        m_until = now + length;
    }
    return {{m_pulse > 0 ? 1.0 : 0.0, 0.0}, {m_pulse < 0 ? 1.0 : 0.0, 0.0}};
}

Time SlowStage::nextAt(Time now) const
{
    if (SlowButton::knows(m_now)) return m_button.nextAt(m_now, now);
    bool moves = false;
    if (std::holds_alternative<Pace>(m_now)) moves = m_hasRun && m_value != m_before;
    if (std::holds_alternative<Spring>(m_now)) moves = m_value != 0.0;
    if (const auto* drive = std::get_if<Drive>(&m_now))
        moves = m_hasRun && ((m_before > 0.0 && m_value < drive->highest) ||
                             (m_before < 0.0 && m_value > m_low));
    if (m_until) return *m_until;
    return moves ? now + std::chrono::milliseconds(4) : Time::max();
}

}  // namespace jolly::test
