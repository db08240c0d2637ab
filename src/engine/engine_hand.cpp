// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/lookup.h"
#include "engine/engine.h"

#include <algorithm>
#include <cmath>

/// Virtual controls that are moved by hand, and what a sim learns.
namespace jolly
{

namespace
{

using Kind = Happening::Kind;

/// Counts that a hand holds a virtual control at.
Counts countsOf(const PlanOutput& output, Value value)
{
    const auto direction = [](double v) { return v > 0.5 ? 1 : v < -0.5 ? -1 : 0; };
    switch (output.layout.control.kind) {
        case ControlKind::Axis:
            return {output.range.rawOf(value.x, output.layout.sides), 0};
        case ControlKind::Hat:
            return {direction(value.x), direction(value.y)};
        case ControlKind::Turner:
            return {static_cast<std::int32_t>(std::clamp(value.x, -1000.0, 1000.0)), 0};
        case ControlKind::Button:
            break;
    }
    return {value.isPressed() ? 1 : 0, 0};
}

tl::unexpected<Failure> noSuchControl(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    if (!device)
        return fail(Failure::Code::NotThere,
                    say("The tangle that runs has no virtual device \"%1\".", place.device),
                    words("\"tangle map\" lists its devices."));
    return fail(Failure::Code::NotThere,
                say("%1 has no control \"%2\".", device->name, toText(place.control)),
                words("Name one such as \"axis 1\" or \"button 1\"; \"tangle map\" lists them."));
}

}  // namespace

Fallible Engine::holdByHand(const Target& place, Value value, const std::string& client)
{
    const auto& machine = m_session.machine();
    const auto output = machine.plan().outputOf(place);
    if (!output) return noSuchControl(m_session.tangle(), place);
    if (!std::isfinite(value.x) || !std::isfinite(value.y))
        return fail(Failure::Code::Unreadable, words("A hand cannot hold a control at no number."),
                    words("Give a number between -1 and 1."));
    if (m_hand.isLearning())
        return fail(Failure::Code::Busy, words("A sim learns a control now; all else keeps still."),
                    words("End the learning first."));
    m_hand.renew(client, m_world.now());
    const auto& flat = machine.plan().outputs[*output];
    auto counts = countsOf(flat, value);
    if (flat.layout.control.kind == ControlKind::Turner)
        counts.x = wrapped(machine.meetings().raw(*output).x, counts.x);
    putByHand(*output, counts, client);
    return {};
}

void Engine::putByHand(std::uint32_t output, Counts counts, const std::string& client)
{
    const auto& machine = m_session.machine();
    const auto now = m_world.now();
    m_live.begin();
    m_live.record(Kind::Hand, output, counts.x, now);
    if (machine.plan().outputs[output].layout.control.kind == ControlKind::Hat)
        m_live.record(Kind::Hand, output, counts.y, now, kLiveHatY);
    const auto held = m_hand.held().size();
    m_session.hold(output, counts, now);
    m_hand.note(machine, output, client);
    m_live.end();
    if (held != m_hand.held().size()) publish();
}

void Engine::letGoByHand()
{
    endLearning();
    while (!m_hand.held().empty()) {
        const auto place = m_hand.held().back().place;
        if (!letGoByHand(place)) break;
    }
}

void Engine::letGoByHandOf(const std::string& client)
{
    if (m_hand.learner() == client) endLearning();
    std::vector<Target> places;
    for (const auto& held : m_hand.held()) {
        if (held.client == client) places.push_back(held.place);
    }
    for (const auto& place : places) static_cast<void>(letGoByHand(place));
}

Fallible Engine::letGoByHand(const Target& place)
{
    const auto output = m_session.plan().outputOf(place);
    if (!output) return noSuchControl(m_session.tangle(), place);
    const auto now = m_world.now();
    m_live.begin();
    m_live.record(Kind::HandOff, *output, 0, now);
    m_hand.forget(place);
    m_session.letGo(*output, now);
    m_live.end();
    publish();
    return {};
}

void Engine::keepHand(const std::string& client)
{
    m_hand.renew(client, m_world.now());
}

Fallible Engine::learn(const std::vector<Target>& places, const std::string& client)
{
    if (places.empty()) {
        endLearning();
        return {};
    }
    if (!isLive())
        return fail(Failure::Code::NotThere,
                    words("A sim can learn a control only while its virtual device is there."),
                    words("Go live first."));
    std::vector<std::uint32_t> outputs;
    for (const auto& place : places) {
        const auto output = m_session.plan().outputOf(place);
        if (!output) return noSuchControl(m_session.tangle(), place);
        if (place.control.kind == ControlKind::Turner ||
            (places.size() > 1 && place.control.kind != ControlKind::Button))
            return fail(Failure::Code::Unreadable,
                        words("A sim learns one axis, hat or button at a time, or keys together."),
                        words("Choose one of those."));
        outputs.push_back(*output);
    }
    endLearning();
    m_hand.renew(client, m_world.now());
    m_hand.setLearned(places, client);
    m_fleet.setSolo(m_session.plan(), outputs);
    for (const auto output : outputs)
        putByHand(output, restOf(m_session.plan().outputs[output].layout), client);
    publish();
    return {};
}

Fallible Engine::sweep(SweepWay way)
{
    if (!m_hand.isLearning())
        return fail(Failure::Code::NotThere, words("No sim learns a control now."),
                    words("Choose a control first."));
    std::vector<VirtualSlot> parts;
    const auto& plan = m_session.plan();
    for (const auto& place : m_hand.learned())
        parts.push_back(plan.outputs[*plan.outputOf(place)].layout);
    const auto now = m_world.now();
    m_hand.renew(m_hand.learner(), now);
    m_hand.beginSweep(sweepOf(parts, way), now);
    return {};
}

/// All else moves again: games get what differs from what they were told last.
void Engine::endLearning()
{
    if (!m_hand.isLearning()) return;
    const auto learned = m_hand.learned();
    m_hand.setLearned({}, {});
    m_hand.beginSweep({}, {});
    for (const auto& place : learned) static_cast<void>(letGoByHand(place));
    m_fleet.endSolo(m_session.machine());
    publish();
}

/// What a sweep does next, and the end of what a client holds that is gone.
void Engine::runHand(Time now)
{
    while (const auto client = m_hand.forsakenBy(now)) letGoByHandOf(*client);
    while (const auto step = m_hand.takeStep(now)) {
        const auto output = m_session.plan().outputOf(m_hand.learned()[step->part]);
        if (output) putByHand(*output, step->counts, m_hand.learner());
    }
}

}  // namespace jolly
