// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include <algorithm>
#include <cmath>

/// What moves by itself in the slow model: stages by time, and the pulses of ends.
namespace jolly::test
{

namespace
{

bool isDownHere(Value value)
{
    return value.x >= 0.5;
}

}  // namespace

bool SlowModel::pulses(const End& end)
{
    const auto place = placeOf(end);
    return place && place->control.kind == ControlKind::Button && end.how != How::Held;
}

/// An end that gives pulses hears what its outlet is.
void SlowModel::hear(const Strand& strand, const End& end, Value value, Why why, Time now)
{
    auto& state = running(strand);
    auto& pulses = state.pulses[nameOf(end)];
    auto& wasDown = state.wereDown[nameOf(end)];
    const bool isNews = why == Why::Moved;
    if (isNews && isDownHere(value) && !wasDown && end.how != How::PulseAtRelease) ++pulses.waiting;
    if (isNews && !isDownHere(value) && wasDown && end.how != How::Pulse) ++pulses.waiting;
    wasDown = isDownHere(value);
    perform(strand, end, why, now);
}

/// Its pulses go on, whatever became of its strand.
void SlowModel::perform(const Strand& strand, const End& end, Why why, Time now)
{
    auto& pulses = running(strand).pulses[nameOf(end)];
    pulses.run(Time(std::llround(end.pulse * 1e6)), now);
    if (running(strand).part == Part::None && !pulses.isUnderWay()) return unsay(strand, end);
    say(strand, end, {pulses.isDown ? 1.0 : 0.0, 0.0}, why);
}

Time SlowModel::nextTick() const
{
    Time next = Time::max();
    for (const auto& [id, running] : m_running) {
        next = std::min(next, running.due);
        for (const auto& [end, pulses] : running.pulses)
            if (pulses.until) next = std::min(next, *pulses.until);
    }
    return next;
}

std::string SlowModel::nextStrand() const
{
    for (const auto& [id, running] : m_running) {
        if (running.due == nextTick() && running.due != Time::max())
            return id + " part " + std::to_string(static_cast<int>(running.part));
    }
    return "none";
}

void SlowModel::tick(Time now)
{
    while (nextTick() <= now) {
        const auto time = nextTick();
        const auto strand =
            std::ranges::find_if(inOrder(), [&](const auto* s) { return running(*s).due == time; });
        if (strand == inOrder().end()) {
            if (!performOne(time, now)) throw std::logic_error("nothing was due");
        } else if (running(**strand).part == Part::Finishing) {
            running(**strand).due = Time::max();
            finish(**strand, now);
            dropLeft((*strand)->source);
        } else {
            running(**strand).due = Time::max();
            runIfKnown(**strand, Why::Moved, now);
        }
        runFlips(Why::Moved, now);
    }
}

/// The first of the ends whose pulses are due goes on.
bool SlowModel::performOne(Time due, Time now)
{
    for (const auto* strand : inOrder()) {
        for (const auto& end : strand->ends) {
            if (!pulses(end) || running(*strand).pulses[nameOf(end)].until != due) continue;
            perform(*strand, end, Why::Moved, now);
            return true;
        }
    }
    return false;
}

}  // namespace jolly::test
