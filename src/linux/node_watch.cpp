// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/node_watch.h"

#include "linux/capability_bits.h"
#include "linux/classify.h"

#include <sys/inotify.h>

#include <climits>
#include <cstdlib>
#include <filesystem>
#include <string_view>

namespace jolly
{

namespace
{

constexpr const char* kFolder = "/dev/input";

std::string textOf(const char* text)
{
    return text ? text : "";
}

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

/// The device that all its nodes share: the USB device, else the HID device, else the input device.
std::string groupOf(udev_device* device)
{
    if (auto* usb = udev_device_get_parent_with_subsystem_devtype(device, "usb", "usb_device")) {
        return udev_device_get_syspath(usb);
    }
    if (auto* hid = udev_device_get_parent_with_subsystem_devtype(device, "hid", nullptr)) {
        return udev_device_get_syspath(hid);
    }
    auto* parent = udev_device_get_parent(device);
    return udev_device_get_syspath(parent ? parent : device);
}

CapabilityBits bitsOf(udev_device* input, const char* attribute)
{
    return CapabilityBits(textOf(udev_device_get_sysattr_value(input, attribute)));
}

/// A file of sysfs with a hexadecimal number in it.
std::uint16_t numberOf(udev_device* input, const char* attribute)
{
    return static_cast<std::uint16_t>(
        std::strtoul(textOf(udev_device_get_sysattr_value(input, attribute)).c_str(), nullptr, 16));
}

/// What udev's class means for who may read it (systemd, udev-builtin-input_id.c and
/// 70-uaccess.rules): joysticks alone are for the person at the screen.
const char* takenFor(udev_device* device)
{
    const auto is = [device](const char* property) {
        return udev_device_get_property_value(device, property) != nullptr;
    };
    if (is("ID_INPUT_JOYSTICK")) return "for a joystick, but you are not at its own screen";
    if (is("ID_INPUT_ACCELEROMETER"))
        return "for a motion sensor: it has X, Y and Z, but no button";
    if (is("ID_INPUT_KEYBOARD") || is("ID_INPUT_KEY")) return "for a keyboard";
    if (is("ID_INPUT_MOUSE")) return "for a mouse";
    return "for nothing it knows: it has too little of a joystick";
}

/// Without opening the device: what a pilot may not read is told apart, too.
std::optional<ControllerKind> kindOf(udev_device* input)
{
    const auto keys = bitsOf(input, "capabilities/key");
    const auto axes = bitsOf(input, "capabilities/abs");
    const auto turners = bitsOf(input, "capabilities/rel");
    const auto properties = bitsOf(input, "properties");
    const auto has = [&](EventType type, unsigned code) {
        const auto& bits = type == EventType::Key ? keys : type == EventType::Abs ? axes : turners;
        return bits.has(code);
    };
    return classify({has, [&](unsigned property) { return properties.has(property); }});
}

}  // namespace

NodeWatch::NodeWatch() : m_udev(udev_new())
{
    if (std::filesystem::exists("/run/udev/control")) {
        listenToUdev();
    } else {
        listenToFolder();
    }
}

NodeWatch::~NodeWatch() = default;

void NodeWatch::listenToUdev()
{
    m_monitor.reset(udev_monitor_new_from_netlink(m_udev.get(), "udev"));
    if (!m_monitor) return listenToFolder();
    udev_monitor_filter_add_match_subsystem_devtype(m_monitor.get(), "input", nullptr);
    udev_monitor_enable_receiving(m_monitor.get());
}

void NodeWatch::listenToFolder()
{
    m_folder = UniqueFd(inotify_init1(IN_NONBLOCK | IN_CLOEXEC));
    inotify_add_watch(m_folder.get(), kFolder, IN_CREATE | IN_ATTRIB | IN_DELETE);
}

int NodeWatch::fd() const noexcept
{
    return m_monitor ? udev_monitor_get_fd(m_monitor.get()) : m_folder.get();
}

NodeNews NodeWatch::describe(udev_device* device)
{
    NodeNews news;
    news.path = textOf(udev_device_get_devnode(device));
    news.group = groupOf(device);
    news.driver = driverOf(device);
    news.isVirtual =
        std::string_view(udev_device_get_syspath(device)).find("/devices/virtual/input/") !=
        std::string_view::npos;
    if (auto* parent = udev_device_get_parent_with_subsystem_devtype(device, "input", nullptr)) {
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
    const std::unique_ptr<udev_enumerate, Free> list(udev_enumerate_new(m_udev.get()));
    udev_enumerate_add_match_subsystem(list.get(), "input");
    udev_enumerate_scan_devices(list.get());
    udev_list_entry* entry = nullptr;
    udev_list_entry_foreach(entry, udev_enumerate_get_list_entry(list.get()))
    {
        const Device device(
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
    while (const Device device{udev_monitor_receive_device(m_monitor.get())}) {
        if (isEventNode(textOf(udev_device_get_devnode(device.get()))))
            all.push_back(describe(device.get()));
    }
    return all;
}

std::vector<NodeNews> NodeWatch::folderNews()
{
    std::vector<NodeNews> all;
    alignas(inotify_event) char buffer[16 * (sizeof(inotify_event) + NAME_MAX + 1)];
    ssize_t size = 0;
    while ((size = ::read(m_folder.get(), buffer, sizeof buffer)) > 0) {
        for (const char* at = buffer; at < buffer + size;) {
            const auto* event = reinterpret_cast<const inotify_event*>(at);
            at += sizeof(inotify_event) + event->len;
            const std::string name = event->len > 0 ? event->name : "";
            if (!isEventNode(name)) continue;
            const Device device(
                udev_device_new_from_subsystem_sysname(m_udev.get(), "input", name.c_str()));
            NodeNews news = device ? describe(device.get()) : NodeNews{};
            news.path = std::string(kFolder) + "/" + name;
            news.isThere = device && (event->mask & IN_DELETE) == 0;
            all.push_back(std::move(news));
        }
    }
    return all;
}

}  // namespace jolly
