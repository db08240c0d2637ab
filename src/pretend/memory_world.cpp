// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/memory_world.h"

#include <algorithm>

namespace jolly
{

void MemoryWorld::wait(Time deadline, WorldListener& listener)
{
    if (m_events.empty() && deadline != Time::max()) m_now = std::max(m_now, deadline);
    while (!m_events.empty()) {
        const auto event = std::move(m_events.front());
        m_events.pop_front();
        switch (event.kind) {
            case Event::Kind::Plug:
                listener.controllerArrived(event.controller, event.description, event.state);
                break;
            case Event::Kind::Unplug:
                listener.controllerGone(event.controller);
                break;
            case Event::Kind::Moves:
                listener.frame(event.controller, event.moves, event.stamp.value_or(m_now));
                break;
            case Event::Kind::Loss:
                listener.lost(event.controller, m_now);
                break;
            case Event::Kind::Alone:
                listener.keptAlone(std::vector(m_alone.begin(), m_alone.end()), event.done);
                break;
            case Event::Kind::Trouble:
                listener.trouble(event.problem);
                break;
        }
    }
}

Fallible MemoryWorld::hold(Handle controller)
{
    if (faults.hold) return tl::unexpected(*faults.hold);
    if (!isHeld(controller)) m_held.push_back(controller);
    return {};
}

void MemoryWorld::keepAlone(std::span<const Handle> controllers)
{
    m_alone.clear();
    if (faults.alone && !controllers.empty()) return loseAlone(*faults.alone);
    m_alone.insert(controllers.begin(), controllers.end());
    add(Event::Kind::Alone);
}

void MemoryWorld::loseAlone(const Failure& why)
{
    m_alone.clear();
    add(Event::Kind::Alone).done = tl::unexpected(why);
}

void MemoryWorld::setStraight(Handle controller, bool isStraight)
{
    if (isStraight) {
        m_straight.insert(controller);
    } else {
        m_straight.erase(controller);
    }
}

bool MemoryWorld::isStraight(Handle controller) const
{
    return m_straight.contains(controller);
}

void MemoryWorld::letGo(Handle controller)
{
    std::erase(m_held, controller);
}

Result<Handle> MemoryWorld::create(const VirtualSpec& spec)
{
    if (faults.create) return tl::unexpected(*faults.create);
    m_devices.push_back({spec, m_nextHandle++, true, {}, {}});
    return m_devices.back().handle;
}

WriteStatus MemoryWorld::write(Handle handle, std::span<const VirtualMove> moves) noexcept
{
    if (faults.write != WriteStatus::Written) return faults.write;
    const auto device = std::ranges::find(m_devices, handle, &Device::handle);
    if (device == m_devices.end() || !device->isThere) return WriteStatus::Gone;
    for (const auto& move : moves) {
        auto& value = device->spec.values[move.slot];
        const bool isTurn = device->spec.slots[move.slot].code.type == EventType::Rel;
        value = isTurn ? Counts{value.x + move.raw.x, 0} : move.raw;
    }
    for (const auto& each : device->readers) {
        const auto reader = each.lock();
        if (reader && !faults.isDeaf) reader->put(moves, device->spec.slots, now());
    }
    if (m_isRecording) device->frames.emplace_back(moves.begin(), moves.end());
    return WriteStatus::Written;
}

Result<std::unique_ptr<GameReader>> MemoryWorld::openAsGame(Handle handle)
{
    const auto device = std::ranges::find(m_devices, handle, &Device::handle);
    if (device == m_devices.end() || !device->isThere)
        return fail(Failure::Code::NotThere, words("The virtual device is gone."),
                    words("Go live again."));
    std::erase_if(device->readers, [](const auto& reader) { return reader.expired(); });
    auto pipe = std::make_shared<MemoryPipe>();
    device->readers.push_back(pipe);
    return std::make_unique<MemoryReader>(std::move(pipe), device->spec.values);
}

void MemoryWorld::destroy(Handle handle)
{
    const auto device = std::ranges::find(m_devices, handle, &Device::handle);
    if (device != m_devices.end()) device->isThere = false;
}

void MemoryWorld::forgetGone()
{
    std::erase_if(m_devices, [](const Device& device) { return !device.isThere; });
}

MemoryWorld::Event& MemoryWorld::add(Event::Kind kind, Handle controller)
{
    auto& event = m_events.emplace_back();
    event.kind = kind;
    event.controller = controller;
    return event;
}

Handle MemoryWorld::plug(const ControllerDescription& description, std::vector<Counts> state)
{
    state.resize(description.controls.size());
    auto& event = add(Event::Kind::Plug, m_nextHandle);
    event.description = description;
    event.state = std::move(state);
    return m_nextHandle++;
}

void MemoryWorld::unplug(Handle controller)
{
    letGo(controller);
    add(Event::Kind::Unplug, controller);
}

void MemoryWorld::move(Handle controller, std::vector<RawMove> moves, std::optional<Time> stamp)
{
    auto& event = add(Event::Kind::Moves, controller);
    event.moves = std::move(moves);
    event.stamp = stamp;
}

void MemoryWorld::say(const Problem& problem)
{
    add(Event::Kind::Trouble).problem = problem;
}

bool MemoryWorld::isHeld(Handle controller) const
{
    return std::ranges::find(m_held, controller) != m_held.end();
}

const MemoryWorld::Device* MemoryWorld::device(std::string_view name) const
{
    const Device* last = nullptr;
    for (const auto& device : m_devices) {
        if (device.spec.name == name) last = &device;
    }
    return last;
}

std::size_t MemoryWorld::deviceCount() const
{
    return static_cast<std::size_t>(std::ranges::count(m_devices, true, &Device::isThere));
}

}  // namespace jolly
