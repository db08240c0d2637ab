// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/uinput_device.h"

#include "core/tangle/device_edit.h"
#include "linux/system_calls.h"

#include <fcntl.h>
#include <linux/uinput.h>
#include <sys/ioctl.h>

#include <cerrno>
#include <cstring>
#include <filesystem>
#include <utility>

namespace jolly
{

namespace
{

static_assert(kMostNameBytes == UINPUT_MAX_NAME_SIZE - 1);
constexpr const char* kUinput = "/dev/uinput";

tl::unexpected<Failure> openFailed(int error)
{
    if (error == ENOENT || error == ENODEV) {
        return fail(Failure::Code::NotThere,
                    words("/dev/uinput is not there, so no virtual device can be made."),
                    words("Load it with \"sudo modprobe uinput\", then go live again."), error);
    }
    if (error == EACCES || error == EPERM) {
        return fail(Failure::Code::NotAllowed,
                    words("You may not write to /dev/uinput, so no virtual device can be made."),
                    words("Install the udev rules (docs/permissions.md), log out and in, then go "
                          "live again."),
                    error);
    }
    return fail(Failure::Code::System,
                say("/dev/uinput cannot be opened: %1.", std::string(std::strerror(error))),
                words("See docs/permissions.md."), error);
}

/// Games show plain ASCII of limited length at best.
std::string gameName(const std::string& name)
{
    std::string plain;
    for (const char c : name) {
        if ((static_cast<unsigned char>(c) & 0xc0U) == 0x80U) continue;
        plain += c >= ' ' && c < 0x7f ? c : '?';
    }
    if (plain.empty()) plain = "Jolly";
    return plain.substr(0, kMostNameBytes);
}

int setUpAxis(int fd, std::uint16_t code, std::int32_t low, std::int32_t high, std::int32_t value)
{
    uinput_abs_setup axis{};
    axis.code = code;
    axis.absinfo.minimum = low;
    axis.absinfo.maximum = high;
    axis.absinfo.value = value;
    return ioctl(fd, UI_ABS_SETUP, &axis);
}

int setUpSlot(int fd, const VirtualSlot& slot, Counts value)
{
    if (ioctl(fd, UI_SET_EVBIT, slot.code.type) < 0) return -1;
    if (slot.code.type == EventType::Key) return ioctl(fd, UI_SET_KEYBIT, slot.code.code);
    if (slot.code.type == EventType::Rel) return ioctl(fd, UI_SET_RELBIT, slot.code.code);
    if (setUpAxis(fd, slot.code.code, slot.low, slot.high, value.x) < 0) return -1;
    if (slot.control.kind != ControlKind::Hat) return 0;
    return setUpAxis(fd, static_cast<std::uint16_t>(slot.code.code + 1), slot.low, slot.high,
                     value.y);
}

}  // namespace

/// The order of the calls is the kernel's (uinput.c): capabilities, ranges, port, name, creation.
int UinputDevice::setUp(int fd, const VirtualSpec& spec)
{
    // The kernel repeats held keys only for who asks; consoles and games on evdev rely on it.
    if (spec.kind == VirtualKind::Keyboard && ioctl(fd, UI_SET_EVBIT, EV_REP) < 0) return -1;
    for (std::size_t i = 0; i < spec.slots.size(); ++i) {
        if (setUpSlot(fd, spec.slots[i], spec.values[i]) < 0) return -1;
    }
    if (ioctl(fd, UI_SET_PHYS, spec.phys.c_str()) < 0) return -1;
    uinput_setup setup{};
    setup.id = {spec.ids.bus, spec.ids.vendor, spec.ids.product, spec.ids.version};
    const auto name = gameName(spec.name);
    std::memcpy(setup.name, name.c_str(), name.size());
    return ioctl(fd, UI_DEV_SETUP, &setup) < 0 || ioctl(fd, UI_DEV_CREATE) < 0 ? -1 : 0;
}

Result<std::unique_ptr<UinputDevice>> UinputDevice::make(const VirtualSpec& spec)
{
    UniqueFd fd(::open(kUinput, O_RDWR | O_NONBLOCK | O_CLOEXEC));
    if (!fd.isOpen()) return openFailed(errno);
    if (setUp(fd.get(), spec) < 0) {
        const int error = errno;
        return fail(
            Failure::Code::System,
            say("The kernel refused to make %1: %2.", spec.name, std::string(std::strerror(error))),
            words("Check its name and shape, then go live again."), error);
    }
    std::unique_ptr<UinputDevice> device(new UinputDevice(std::move(fd), spec));
    for (std::size_t i = 0; i < spec.slots.size(); ++i) {
        if (spec.slots[i].control.kind == ControlKind::Button)
            device->append(spec.slots[i].code, spec.values[i].x);
    }
    static_cast<void>(device->send());
    return device;
}

UinputDevice::UinputDevice(UniqueFd fd, const VirtualSpec& spec)
    : m_fd(std::move(fd)),
      m_slots(spec.slots),
      m_axes(m_slots.size()),
      m_frame(2 * m_slots.size() + 1024)
{
    for (std::size_t i = 0; i < m_axes.size(); ++i) m_axes[i] = spec.values[i].x;
}

/// The last place of the frame is kept for its end.
void UinputDevice::append(ControlCode code, std::int32_t value) noexcept
{
    if (m_size + 1 >= m_frame.size()) return;
    auto& event = m_frame[m_size++];
    event.type = static_cast<std::uint16_t>(code.type);
    event.code = code.code;
    event.value = value;
}

WriteStatus UinputDevice::send() noexcept
{
    auto& end = m_frame[m_size++];
    end.type = EV_SYN;
    end.code = SYN_REPORT;
    end.value = 0;
    const auto size = static_cast<ssize_t>(std::exchange(m_size, 0) * sizeof(input_event));
    const auto written = direct::write(m_fd.get(), m_frame.data(), static_cast<std::size_t>(size));
    if (written == size) return WriteStatus::Written;
    return written < 0 && errno == ENODEV ? WriteStatus::Gone : WriteStatus::Refused;
}

WriteStatus UinputDevice::write(std::span<const VirtualMove> moves) noexcept
{
    for (const auto& move : moves) {
        const auto& slot = m_slots[move.slot];
        append(slot.code, move.raw.x);
        if (slot.control.kind == ControlKind::Hat)
            append({EventType::Abs, static_cast<std::uint16_t>(slot.code.code + 1)}, move.raw.y);
        m_axes[move.slot] = move.raw.x;
    }
    return send();
}

void UinputDevice::nudge() noexcept
{
    for (const bool isAside : {true, false}) {
        for (std::size_t i = 0; i < m_slots.size(); ++i) {
            if (m_slots[i].control.kind != ControlKind::Axis) continue;
            const auto aside = m_axes[i] < m_slots[i].high ? m_axes[i] + 1 : m_axes[i] - 1;
            append(m_slots[i].code, isAside ? aside : m_axes[i]);
        }
        if (m_size == 0) return;
        static_cast<void>(send());
    }
}

std::string UinputDevice::node() const
{
    char sysname[64] = {};
    if (ioctl(m_fd.get(), UI_GET_SYSNAME(sizeof sysname - 1), sysname) < 0) return {};
    std::error_code error;
    const auto folder = std::filesystem::path("/sys/devices/virtual/input") / sysname;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error)) {
        const auto name = entry.path().filename().string();
        if (name.starts_with("event")) return "/dev/input/" + name;
    }
    return {};
}

}  // namespace jolly
