// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/event_node.h"

#include "linux/system_calls.h"
#include "linux/udev_device.h"

#include <fcntl.h>
#include <linux/input.h>
#include <sys/ioctl.h>
#include <time.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <utility>

namespace jolly
{

namespace
{

constexpr std::uint16_t kNoControl = 0xffff;

tl::unexpected<Failure> openFailed(const std::string& path, int error)
{
    const auto code =
        error == EACCES || error == EPERM ? Failure::Code::NotAllowed : Failure::Code::NotThere;
    return fail(code, say("%1 cannot be read: %2.", path, std::string(std::strerror(error))),
                words("Log in at this computer's own screen, or install the udev rules "
                      "(docs/permissions.md)."),
                error);
}

/// A name as a device tells it, without what would upset a terminal or a list.
std::string plain(const char* text)
{
    auto name = textOf(text);
    for (auto& c : name) {
        const auto byte = static_cast<unsigned char>(c);
        if (byte < 0x20 || byte == 0x7f) c = ' ';
    }
    return name;
}

/// What libevdev complains of is told by what its calls return.
[[gnu::format(printf, 7, 0)]] void sayNothing(const libevdev*, libevdev_log_priority, void*,
                                              const char*, int, const char*, const char*, va_list)
{
}

Time timeOf(const input_event& event)
{
    return std::chrono::seconds(event.input_event_sec) +
           std::chrono::microseconds(event.input_event_usec);
}

Time clockNow() noexcept
{
    timespec clock{};
    clock_gettime(CLOCK_MONOTONIC, &clock);
    return std::chrono::seconds(clock.tv_sec) + std::chrono::nanoseconds(clock.tv_nsec);
}

input_event eventOf(std::uint16_t type, std::uint16_t code, std::int32_t value) noexcept
{
    input_event event{};
    event.type = type;
    event.code = code;
    event.value = value;
    return event;
}

}  // namespace

Result<std::unique_ptr<EventNode>> EventNode::open(const std::string& path, ControllerKind kind)
{
    UniqueFd fd(::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC));
    if (!fd.isOpen()) return openFailed(path, errno);
    return from(std::move(fd), path, kind);
}

Result<std::unique_ptr<EventNode>> EventNode::from(UniqueFd fd, const std::string& path,
                                                   ControllerKind kind)
{
    std::unique_ptr<libevdev, Device> device(libevdev_new());
    libevdev_set_device_log_function(device.get(), sayNothing, LIBEVDEV_LOG_ERROR, nullptr);
    const int made = libevdev_set_fd(device.get(), fd.get());
    if (made < 0) return openFailed(path, -made);
    libevdev_set_clock_id(device.get(), CLOCK_MONOTONIC);
    return std::unique_ptr<EventNode>(new EventNode(path, kind, std::move(fd), std::move(device)));
}

EventNode::EventNode(std::string path, ControllerKind kind, UniqueFd fd,
                     std::unique_ptr<libevdev, Device> device)
    : m_path(std::move(path)),
      m_kind(kind),
      m_fd(std::move(fd)),
      m_filter(m_fd.get()),
      m_device(std::move(device))
{
    number(0);
    for (unsigned code = 0; code < KEY_CNT; ++code)
        m_areDown[code] = libevdev_get_event_value(m_device.get(), EV_KEY, code) != 0;
    for (unsigned code = 0; code < ABS_CNT; ++code)
        m_counts[code] = libevdev_get_event_value(m_device.get(), EV_ABS, code);
}

Identity EventNode::identity() const
{
    auto* d = m_device.get();
    const auto id = [](int value) { return static_cast<std::uint16_t>(value); };
    return {id(libevdev_get_id_bustype(d)), id(libevdev_get_id_vendor(d)),
            id(libevdev_get_id_product(d)), id(libevdev_get_id_version(d)),
            plain(libevdev_get_name(d)),    plain(libevdev_get_uniq(d)),
            plain(libevdev_get_phys(d))};
}

std::vector<ControlDescription> EventNode::controls(std::uint8_t node) const
{
    auto* d = m_device.get();
    std::vector<ControlDescription> controls;
    const auto addAll = [&](EventType type, unsigned count, ControlKind kind, bool wantsHats) {
        for (unsigned c = 0; c < count; ++c) {
            const ControlCode code{type, static_cast<std::uint16_t>(c), node};
            if (!libevdev_has_event_code(d, static_cast<unsigned>(type), c)) continue;
            if (isHatCode(code) != wantsHats || isHatY(code)) continue;
            const auto* range = type == EventType::Abs ? libevdev_get_abs_info(d, c) : nullptr;
            ControlDescription control{.code = code, .kind = kind};
            if (range) {
                control.low = range->minimum;
                control.high = range->maximum;
                if (kind == ControlKind::Axis) control.fuzz = range->fuzz;
                if (kind == ControlKind::Axis) control.flat = range->flat;
            }
            controls.push_back(control);
        }
    };
    addAll(EventType::Abs, ABS_CNT, ControlKind::Axis, false);
    addAll(EventType::Key, KEY_CNT, ControlKind::Button, false);
    addAll(EventType::Abs, ABS_CNT, ControlKind::Hat, true);
    addAll(EventType::Rel, REL_CNT, ControlKind::Turner, false);
    return controls;
}

std::vector<Counts> EventNode::state() const
{
    std::vector<Counts> state;
    for (const auto& control : controls(0)) {
        Counts counts;
        if (control.kind != ControlKind::Turner) {
            counts.x = control.code.type == EventType::Key ? (m_areDown[control.code.code] ? 1 : 0)
                                                           : m_counts[control.code.code];
        }
        if (control.kind == ControlKind::Hat) counts.y = m_counts[control.code.code + 1U];
        state.push_back(counts);
    }
    return state;
}

void EventNode::number(std::uint16_t first)
{
    m_keys.fill(kNoControl);
    m_axes.fill(kNoControl);
    m_turners.fill(kNoControl);
    for (const auto& control : controls(0)) {
        const auto code = control.code.code;
        switch (control.code.type) {
            case EventType::Key:
                m_keys[code] = first;
                break;
            case EventType::Rel:
                m_turners[code] = first;
                break;
            case EventType::Abs:
                m_axes[code] = first;
                if (control.kind == ControlKind::Hat) m_axes[code + 1U] = first;
                break;
        }
        ++first;
    }
}

/// libevdev reads until nothing is left, so that each frame costs a read in vain; a read that did
/// not fill the buffer says so by itself.
EventNode::ReadStatus EventNode::readFrame(std::vector<RawMove>& moves, Time& time) noexcept
{
    moves.clear();
    while (!m_isSyncing) {
        if (m_next == m_count) {
            const auto status = refill();
            if (status == ReadStatus::Nothing && std::exchange(m_isToCompare, false))
                return compare(moves, time);
            if (status != ReadStatus::Frame) return status;
        }
        const auto& event = m_events[m_next++];
        if (event.type != EV_SYN) {
            take(event, moves);
        } else if (event.code == SYN_DROPPED) {
            m_hasLost = true;
            moves.clear();  // what came before the loss is part of the difference
            beginSync();
        } else if (event.code == SYN_REPORT && !moves.empty()) {
            time = timeOf(event);
            return ReadStatus::Frame;
        }
    }
    return readDifference(moves, time);
}

EventNode::ReadStatus EventNode::refill() noexcept
{
    if (std::exchange(m_isDrained, false)) return ReadStatus::Nothing;
    const auto size = direct::read(m_fd.get(), m_events.data(), sizeof m_events);
    if (size < 0) return errno == EAGAIN || errno == EINTR ? ReadStatus::Nothing : ReadStatus::Gone;
    m_next = 0;
    m_count = static_cast<std::size_t>(size) / sizeof(input_event);
    m_isDrained = m_count < kMostEvents;
    return m_count > 0 ? ReadStatus::Frame : ReadStatus::Nothing;
}

/// libevdev is told what was read since it looked last, so that it finds what differs from that.
void EventNode::beginSync() noexcept
{
    for (unsigned code = 0; code < ABS_CNT; ++code) {
        if (m_axes[code] != kNoControl)
            libevdev_set_event_value(m_device.get(), EV_ABS, code, m_counts[code]);
    }
    for (unsigned code = 0; code < KEY_CNT; ++code) {
        if (m_keys[code] != kNoControl)
            libevdev_set_event_value(m_device.get(), EV_KEY, code, m_areDown[code] ? 1 : 0);
    }
    input_event event{};
    m_isSyncing = libevdev_next_event(m_device.get(), LIBEVDEV_READ_FLAG_FORCE_SYNC, &event) ==
                  LIBEVDEV_READ_STATUS_SYNC;
    m_next = m_count;
    m_isDrained = false;
}

/// What the kernel has of axes and keys, where that is something else than what was read: so that
/// no event that waits is passed over.
EventNode::ReadStatus EventNode::compare(std::vector<RawMove>& moves, Time& time) noexcept
{
    for (std::uint16_t code = 0; code < ABS_CNT; ++code) {
        input_absinfo info{};
        const bool isKnown =
            m_axes[code] != kNoControl && ioctl(m_fd.get(), EVIOCGABS(code), &info) == 0;
        if (isKnown && info.value != m_counts[code]) take(eventOf(EV_ABS, code, info.value), moves);
    }
    std::array<std::uint8_t, KEY_CNT / 8 + 1> down{};
    const bool areKnown = ioctl(m_fd.get(), EVIOCGKEY(down.size()), down.data()) >= 0;
    for (std::uint16_t code = 0; areKnown && code < KEY_CNT; ++code) {
        const bool isDown = ((down[code / 8U] >> (code % 8U)) & 1U) != 0;
        if (m_keys[code] != kNoControl && isDown != m_areDown[code])
            take(eventOf(EV_KEY, code, isDown ? 1 : 0), moves);
    }
    time = clockNow();
    return moves.empty() ? ReadStatus::Nothing : ReadStatus::Frame;
}

EventNode::ReadStatus EventNode::readDifference(std::vector<RawMove>& moves, Time& time) noexcept
{
    input_event event{};
    int status = 0;
    while ((status = libevdev_next_event(m_device.get(), LIBEVDEV_READ_FLAG_SYNC, &event)) ==
           LIBEVDEV_READ_STATUS_SYNC) {
        take(event, moves);
    }
    m_isSyncing = false;
    time = clockNow();  // the difference is the truth of this moment
    if (status != -EAGAIN) return ReadStatus::Gone;
    return moves.empty() ? ReadStatus::Nothing : ReadStatus::Frame;
}

void EventNode::take(const input_event& event, std::vector<RawMove>& moves) noexcept
{
    const auto code = event.code;
    std::uint16_t control = kNoControl;
    bool isUpDown = false;
    if (event.type == EV_ABS && code < ABS_CNT) {
        control = m_axes[code];
        m_counts[code] = event.value;
        isUpDown = isHatY({EventType::Abs, code});
    } else if (event.type == EV_KEY && code < KEY_CNT && event.value != 2) {
        control = m_keys[code];
        m_areDown[code] = event.value != 0;
    } else if (event.type == EV_REL && code < REL_CNT) {
        control = m_turners[code];
    }
    if (control == kNoControl || moves.size() == moves.capacity()) return;
    const auto raw = event.type == EV_KEY ? (event.value != 0 ? 1 : 0) : event.value;
    moves.push_back({control, isUpDown, raw});
}

Fallible EventNode::grab()
{
    if (m_isGrabbed) return {};
    const int status = libevdev_grab(m_device.get(), LIBEVDEV_GRAB);
    if (status == -EBUSY) {
        return fail(Failure::Code::Busy,
                    say("Another program holds %1, so it does not reach Jolly Tangle.",
                        textOf(libevdev_get_name(m_device.get()))),
                    words("Close that program; Jolly Tangle asks again every second."), EBUSY);
    }
    if (status == -ENODEV)
        return fail(Failure::Code::NotThere, words("The controller is gone."),
                    words("Plug it in again."));
    if (status < 0) {
        return fail(Failure::Code::System,
                    say("%1 cannot be held: %2.", textOf(libevdev_get_name(m_device.get())),
                        std::string(std::strerror(-status))),
                    words("Plug it out and in again."), -status);
    }
    m_isGrabbed = true;
    m_filter.clear();
    m_isToCompare = true;  // without the filter an axis may be elsewhere; what waits is read first
    return {};
}

void EventNode::release()
{
    if (!m_isGrabbed) return;
    if (!m_isStraight) m_filter.restore();
    libevdev_grab(m_device.get(), LIBEVDEV_UNGRAB);
    m_isGrabbed = false;
}

void EventNode::setStraight(bool isStraight)
{
    m_isStraight = isStraight;
    if (m_isStraight || m_isGrabbed) {
        m_filter.clear();
    } else {
        m_filter.restore();
    }
}

}  // namespace jolly
