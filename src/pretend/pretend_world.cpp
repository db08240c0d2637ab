// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/pretend_world.h"

#include "pretend/motion.h"

#include <poll.h>
#include <sys/eventfd.h>
#include <unistd.h>

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

Time period(const PretendController& controller)
{
    return std::chrono::duration_cast<Time>(std::chrono::duration<double>(1.0 / controller.rate));
}

}  // namespace

PretendWorld::PretendWorld(PretendScript script)
    : m_script(std::move(script)),
      m_start(PretendWorld::now()),
      m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK))
{
    record(false);
    for (std::size_t i = 0; i < m_script.controllers.size(); ++i) {
        Actor actor{.place = i, .handle = static_cast<Handle>(1000 + i), .next = m_start};
        actor.state.resize(m_script.controllers[i].controls.size());
        actor.moves.reserve(2 * actor.state.size());
        m_actors.push_back(std::move(actor));
    }
}

PretendWorld::~PretendWorld()
{
    ::close(m_bell);
}

Time PretendWorld::now() const noexcept
{
    return std::chrono::steady_clock::now().time_since_epoch();
}

const PretendController& PretendWorld::scriptOf(const Actor& actor) const
{
    return m_script.controllers[actor.place];
}

void PretendWorld::wake() noexcept
{
    const std::uint64_t one = 1;
    [[maybe_unused]] const auto done = ::write(m_bell, &one, sizeof one);
}

void PretendWorld::destroy(Handle device)
{
    MemoryWorld::destroy(device);
    forgetGone();
}

void PretendWorld::sleepUntil(Time time) noexcept
{
    const auto left = std::max(time - now(), Time{});
    const timespec limit{static_cast<time_t>(left.count() / 1'000'000'000),
                         static_cast<long>(left.count() % 1'000'000'000)};
    pollfd bell{m_bell, POLLIN, 0};
    if (::ppoll(&bell, 1, time == Time::max() ? nullptr : &limit, nullptr) <= 0) return;
    std::uint64_t rung = 0;
    [[maybe_unused]] const auto done = ::read(m_bell, &rung, sizeof rung);
}

void PretendWorld::wait(Time deadline, WorldListener& listener)
{
    for (const auto& actor : m_actors) deadline = std::min(deadline, actor.next);
    sleepUntil(deadline);
    const auto time = now();
    for (auto& actor : m_actors) {
        if (actor.next <= time) act(actor, time, listener);
    }
}

void PretendWorld::act(Actor& actor, Time time, WorldListener& listener)
{
    const auto step = period(scriptOf(actor));
    actor.next += step * ((time - actor.next) / step + 1);
    const auto sinceStart = time - m_start;
    comeOrGo(actor, sinceStart, listener);
    if (actor.isThere) report(actor, sinceStart, listener);
}

void PretendWorld::comeOrGo(Actor& actor, Time sinceStart, WorldListener& listener)
{
    const bool isAway = isDuring(scriptOf(actor).away, inSeconds(sinceStart));
    if (isAway == !actor.isThere) return;
    actor.isThere = !isAway;
    if (isAway) {
        letGo(actor.handle);
        listener.controllerGone(actor.handle);
        return;
    }
    for (std::size_t i = 0; i < actor.state.size(); ++i) reportControl(actor, i, sinceStart);
    actor.moves.clear();
    listener.controllerArrived(actor.handle, scriptOf(actor).description(), actor.state);
}

void PretendWorld::report(Actor& actor, Time sinceStart, WorldListener& listener)
{
    ++actor.tick;
    actor.moves.clear();
    for (std::size_t i = 0; i < actor.state.size(); ++i) reportControl(actor, i, sinceStart);
    if (!actor.moves.empty()) listener.frame(actor.handle, actor.moves, m_start + sinceStart);
}

void PretendWorld::reportControl(Actor& actor, std::size_t control, Time sinceStart) noexcept
{
    const auto& script = scriptOf(actor).controls[control];
    const auto place = static_cast<std::uint16_t>(control);
    if (script.code.type == EventType::Rel) {
        const auto turned = turnsBetween(script, sinceStart - period(scriptOf(actor)), sinceStart);
        if (turned != 0) actor.moves.push_back({place, false, turned});
        return;
    }
    const auto at =
        positionAt(script, sinceStart, m_script.seed + 100 * actor.place + control, actor.tick);
    auto& state = actor.state[control];
    if (at.x != state.x) actor.moves.push_back({place, false, at.x});
    if (at.y != state.y) actor.moves.push_back({place, true, at.y});
    state = at;
}

}  // namespace jolly
