// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/node_watch.h"

#include <sys/stat.h>
#include <sys/timerfd.h>
#include <time.h>
#include <unistd.h>

#include <filesystem>
#include <string_view>

namespace jolly
{

namespace
{

constexpr const char* kFolder = "/dev/input";
constexpr timespec kLook = {1, 0};  ///< between two looks at the folder

std::string driverOf(udev_device* device)
{
    auto* parent = udev_device_get_parent_with_subsystem_devtype(device, "hid", nullptr);
    if (!parent)
        parent = udev_device_get_parent_with_subsystem_devtype(device, "usb", "usb_interface");
    return parent ? textOf(udev_device_get_driver(parent)) : "";
}

bool isEventNode(std::string_view path)
{
    return path.substr(path.rfind('/') + 1).starts_with("event");
}

/// What udev's class means for who may read it (systemd, udev-builtin-input_id.c and
/// 70-uaccess.rules): joysticks alone are for the person at the screen.
Words takenFor(udev_device* device)
{
    const auto is = [device](const char* property) {
        return udev_device_get_property_value(device, property) != nullptr;
    };
    if (is("ID_INPUT_JOYSTICK")) return words("for a joystick, but you are not at its own screen");
    if (is("ID_INPUT_ACCELEROMETER"))
        return words("for a motion sensor: it has X, Y and Z, but no button");
    if (is("ID_INPUT_KEYBOARD") || is("ID_INPUT_KEY")) return words("for a keyboard");
    if (is("ID_INPUT_MOUSE")) return words("for a mouse");
    return words("for nothing it knows: it has too little of a joystick");
}

}  // namespace

NodeWatch::NodeWatch() : m_udev(udev_new())
{
    if (std::filesystem::exists("/run/udev/control")) {
        listenToUdev();
    } else {
        lookNowAndThen();
    }
}

NodeWatch::~NodeWatch() = default;

void NodeWatch::listenToUdev()
{
    m_monitor.reset(udev_monitor_new_from_netlink(m_udev.get(), "udev"));
    if (!m_monitor) return lookNowAndThen();
    udev_monitor_filter_add_match_subsystem_devtype(m_monitor.get(), "input", nullptr);
    udev_monitor_enable_receiving(m_monitor.get());
}

void NodeWatch::lookNowAndThen()
{
    m_timer = UniqueFd(timerfd_create(CLOCK_MONOTONIC, TFD_NONBLOCK | TFD_CLOEXEC));
    const itimerspec often{kLook, kLook};
    timerfd_settime(m_timer.get(), 0, &often, nullptr);
}

int NodeWatch::fd() const noexcept
{
    return m_monitor ? udev_monitor_get_fd(m_monitor.get()) : m_timer.get();
}

NodeNews NodeWatch::describe(udev_device* device)
{
    NodeNews news;
    news.path = textOf(udev_device_get_devnode(device));
    news.group = groupOf(device);
    news.driver = driverOf(device);
    news.isVirtual = isMadeByUinput(device);
    if (auto* parent = inputOf(device)) {
        news.name = textOf(udev_device_get_sysattr_value(parent, "name"));
        news.phys = textOf(udev_device_get_sysattr_value(parent, "phys"));
        news.kind = kindOf(parent);
        news.vendor = numberOf(parent, "id/vendor");
        news.product = numberOf(parent, "id/product");
    }
    news.takenFor = takenFor(device);
    const auto action = textOf(udev_device_get_action(device));
    news.isThere = action != "remove";
    return news;
}

std::vector<NodeNews> NodeWatch::everything() const
{
    std::vector<NodeNews> all;
    const UdevEnumerate list(udev_enumerate_new(m_udev.get()));
    udev_enumerate_add_match_subsystem(list.get(), "input");
    udev_enumerate_scan_devices(list.get());
    udev_list_entry* entry = nullptr;
    udev_list_entry_foreach(entry, udev_enumerate_get_list_entry(list.get()))
    {
        const UdevDevice device(
            udev_device_new_from_syspath(m_udev.get(), udev_list_entry_get_name(entry)));
        if (!device || !isEventNode(textOf(udev_device_get_devnode(device.get())))) continue;
        if (m_monitor && udev_device_get_is_initialized(device.get()) == 0)
            continue;  // its add follows
        all.push_back(describe(device.get()));
    }
    return all;
}

std::vector<NodeNews> NodeWatch::news()
{
    if (!m_monitor) return folderNews();
    std::vector<NodeNews> all;
    while (const UdevDevice device{udev_monitor_receive_device(m_monitor.get())}) {
        if (isEventNode(textOf(udev_device_get_devnode(device.get()))))
            all.push_back(describe(device.get()));
    }
    return all;
}

/// The nodes that came and went since the last look; one that was exchanged for another of the same
/// name has another inode.
std::vector<NodeNews> NodeWatch::folderNews()
{
    std::uint64_t looks = 0;
    [[maybe_unused]] const auto size = ::read(m_timer.get(), &looks, sizeof looks);
    std::map<std::string, std::uint64_t> there;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(kFolder, error)) {
        struct stat info {
        };
        const auto name = entry.path().filename().string();
        if (isEventNode(name) && ::stat(entry.path().c_str(), &info) == 0)
            there.emplace(name, info.st_ino);
    }
    std::vector<NodeNews> all;
    const auto addMissing = [&](const auto& from, const auto& in, bool isThere) {
        for (const auto& [name, inode] : from) {
            const auto same = in.find(name);
            if (same != in.end() && same->second == inode) continue;
            all.push_back(isThere ? newsOf(name) : NodeNews{});
            all.back().path = std::string(kFolder) + "/" + name;
            all.back().isThere = isThere;
        }
    };
    addMissing(m_seen, there, false);
    addMissing(there, m_seen, true);
    m_seen = std::move(there);
    return all;
}

NodeNews NodeWatch::newsOf(const std::string& name) const
{
    const UdevDevice device(
        udev_device_new_from_subsystem_sysname(m_udev.get(), "input", name.c_str()));
    return device ? describe(device.get()) : NodeNews{};
}

}  // namespace jolly
