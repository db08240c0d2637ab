// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/node_reader.h"

#include <fcntl.h>
#include <sys/ioctl.h>
#include <unistd.h>

#include <cerrno>
#include <ctime>
#include <utility>

namespace jolly
{

Result<std::unique_ptr<NodeReader>> NodeReader::open(const std::string& path,
                                                     const std::vector<VirtualSlot>& slots)
{
    UniqueFd fd(::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC));
    if (!fd.isOpen()) {
        const bool isForbidden = errno == EACCES || errno == EPERM;
        return fail(isForbidden ? Failure::Code::NotAllowed : Failure::Code::NotThere,
                    say("The virtual device at %1 cannot be read back.", path),
                    words("Let \"sudo tangle permit\" set its permissions."), errno);
    }
    int clock = CLOCK_MONOTONIC;
    static_cast<void>(ioctl(fd.get(), EVIOCSCLOCKID, &clock));
    return std::unique_ptr<NodeReader>(new NodeReader(std::move(fd), slots));
}

NodeReader::NodeReader(UniqueFd fd, const std::vector<VirtualSlot>& slots)
    : m_fd(std::move(fd)), m_slots(slots), m_state(slots.size())
{
    for (std::uint16_t slot = 0; slot < slots.size(); ++slot) {
        const auto code = slots[slot].code;
        const auto type = static_cast<unsigned>(code.type);
        m_places[{type, code.code}] = {slot, false};
        if (slots[slot].control.kind == ControlKind::Hat)
            m_places[{type, code.code + 1U}] = {slot, true};
    }
    fetchState();
}

/// What the kernel says that its controls stand at.
void NodeReader::fetchState()
{
    std::array<unsigned char, KEY_CNT / 8> keys{};
    static_cast<void>(ioctl(m_fd.get(), EVIOCGKEY(keys.size()), keys.data()));
    for (std::size_t slot = 0; slot < m_slots.size(); ++slot) {
        const auto code = m_slots[slot].code;
        auto& counts = m_state[slot];
        if (code.type == EventType::Key) counts.x = (keys[code.code / 8U] >> (code.code % 8U)) & 1;
        if (code.type != EventType::Abs) continue;
        input_absinfo about{};
        if (ioctl(m_fd.get(), EVIOCGABS(code.code), &about) == 0) counts.x = about.value;
        const bool isHat = m_slots[slot].control.kind == ControlKind::Hat;
        if (isHat && ioctl(m_fd.get(), EVIOCGABS(code.code + 1U), &about) == 0)
            counts.y = about.value;
    }
}

bool NodeReader::refill()
{
    const auto size = ::read(m_fd.get(), m_events.data(), sizeof m_events);
    m_next = 0;
    m_count = size > 0 ? static_cast<std::size_t>(size) / sizeof(input_event) : 0;
    return m_count > 0;
}

bool NodeReader::read(std::vector<SeenChange>& changes, Time& time)
{
    while (m_next < m_count || refill()) {
        const auto& event = m_events[m_next++];
        if (event.type == EV_SYN && event.code == SYN_DROPPED) m_hasDropped = true;
        if (event.type != EV_SYN || event.code != SYN_REPORT) {
            if (!m_hasDropped) take(event, m_frame);
            continue;
        }
        time = std::chrono::seconds(event.input_event_sec) +
               std::chrono::microseconds(event.input_event_usec);
        if (std::exchange(m_hasDropped, false)) {
            const auto before = m_state;
            fetchState();
            tellDifference(before, m_frame);
        }
        changes = std::exchange(m_frame, {});
        return true;
    }
    return false;
}

void NodeReader::take(const input_event& event, std::vector<SeenChange>& changes)
{
    const auto found = m_places.find({event.type, event.code});
    if (found == m_places.end() || (event.type == EV_KEY && event.value == 2)) return;
    const auto [slot, isHatY] = found->second;
    auto& counts = m_state[slot];
    if (event.type != EV_REL) (isHatY ? counts.y : counts.x) = event.value;
    changes.push_back({slot, isHatY, event.value});
}

void NodeReader::tellDifference(const std::vector<Counts>& before,
                                std::vector<SeenChange>& changes) const
{
    for (std::uint16_t slot = 0; slot < m_state.size(); ++slot) {
        if (m_state[slot].x != before[slot].x) changes.push_back({slot, false, m_state[slot].x});
        if (m_state[slot].y != before[slot].y) changes.push_back({slot, true, m_state[slot].y});
    }
}

}  // namespace jolly
