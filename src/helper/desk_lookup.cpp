// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/desk_lookup.h"

#include "linux/udev_device.h"

#include <fcntl.h>
#include <linux/input.h>
#include <sys/ioctl.h>
#include <sys/stat.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstring>
#include <set>

namespace jolly
{

namespace
{

constexpr std::string_view kNodes = "/dev/input/";
constexpr std::string_view kEvent = "event";
constexpr std::size_t kMostDigits = 6;

tl::unexpected<Failure> noController(const std::string& what)
{
    return fail(
        Failure::Code::NotAllowed, say("%1 is no real stick, wheel, pedal or pad.", what),
        words("Only those can be kept alone: virtual devices, keyboards and pointers are not."));
}

tl::unexpected<Failure> noEventNode()
{
    return fail(Failure::Code::Unreadable, words("That is no controller's event node."),
                words("Hand over a /dev/input/event* that is open for reading."));
}

bool isStickOrPad(udev_device* input)
{
    const auto kind = input ? kindOf(input) : std::nullopt;
    return kind == ControllerKind::Stick || kind == ControllerKind::Gamepad;
}

/// Motion sensors of a pad are listed by games as well.
bool isController(udev_device* node)
{
    return isStickOrPad(inputOf(node)) ||
           udev_device_get_property_value(node, "ID_INPUT_ACCELEROMETER") != nullptr;
}

std::string hidOf(udev_device* node)
{
    auto* hid = udev_device_get_parent_with_subsystem_devtype(node, "hid", nullptr);
    return hid ? textOf(udev_device_get_sysname(hid)) : "";
}

/// What an input device tells of itself.
KeptDevice identityOf(udev_device* input)
{
    const auto attribute = [input](const char* name) {
        return textOf(udev_device_get_sysattr_value(input, name));
    };
    return {numberOf(input, "id/vendor"),
            numberOf(input, "id/product"),
            attribute("name"),
            attribute("uniq"),
            attribute("phys"),
            hidOf(input)};
}

/// Whether another device that is there now, on whichever seat, tells the same serial number.
bool hasTwin(udev* context, const KeptDevice& device)
{
    if (device.uniq.empty()) return false;
    const UdevEnumerate list(udev_enumerate_new(context));
    udev_enumerate_add_match_subsystem(list.get(), "input");
    udev_enumerate_add_match_sysname(list.get(), "input*");
    udev_enumerate_scan_devices(list.get());
    udev_list_entry* entry = nullptr;
    udev_list_entry_foreach(entry, udev_enumerate_get_list_entry(list.get()))
    {
        const UdevDevice input(
            udev_device_new_from_syspath(context, udev_list_entry_get_name(entry)));
        if (input && areTwins(device, identityOf(input.get()))) return true;
    }
    return false;
}

KeptDevice describe(udev* context, udev_device* node)
{
    auto device = identityOf(inputOf(node));
    device.sharesSerial = hasTwin(context, device);
    return device;
}

bool isEventNode(udev_device* node)
{
    return textOf(udev_device_get_subsystem(node)) == "input" && inputOf(node) &&
           textOf(udev_device_get_sysname(node)).starts_with(kEvent);
}

/// All nodes of one subsystem below the device that a controller's nodes share.
std::vector<UdevDevice> nodesBelow(udev* context, udev_device* group, const char* subsystem)
{
    std::vector<UdevDevice> nodes;
    const UdevEnumerate list(udev_enumerate_new(context));
    udev_enumerate_add_match_subsystem(list.get(), subsystem);
    udev_enumerate_add_match_parent(list.get(), group);
    udev_enumerate_scan_devices(list.get());
    udev_list_entry* entry = nullptr;
    udev_list_entry_foreach(entry, udev_enumerate_get_list_entry(list.get()))
    {
        UdevDevice node(udev_device_new_from_syspath(context, udev_list_entry_get_name(entry)));
        if (node && udev_device_get_devnode(node.get())) nodes.push_back(std::move(node));
    }
    return nodes;
}

void add(FoundController& found, udev_device* node)
{
    found.nodes.push_back(textOf(udev_device_get_devnode(node)));
    found.sysPaths.push_back(textOf(udev_device_get_syspath(node)));
}

FoundController everythingOf(udev* context, udev_device* node)
{
    FoundController found;
    const UdevDevice group(udev_device_new_from_syspath(context, groupOf(node).c_str()));
    if (!group) return found;
    std::set<std::string> hids;
    for (const auto& each : nodesBelow(context, group.get(), "input")) {
        if (!inputOf(each.get()) || !isController(each.get())) continue;
        add(found, each.get());
        hids.insert(hidOf(each.get()));
        if (isEventNode(each.get())) found.devices.push_back(describe(context, each.get()));
    }
    for (const auto& each : nodesBelow(context, group.get(), "hidraw")) {
        if (hids.contains(hidOf(each.get()))) add(found, each.get());
    }
    return found;
}

/// What an open event node itself tells of its device.
KeptDevice whatIsOpen(int fd, const KeptDevice& found)
{
    input_id id{};
    std::array<char, 256> name{};
    std::array<char, 256> uniq{};
    std::array<char, 256> phys{};
    constexpr auto kMost = std::tuple_size_v<decltype(name)> - 1;
    ioctl(fd, EVIOCGID, &id);
    ioctl(fd, EVIOCGNAME(kMost), name.data());
    ioctl(fd, EVIOCGUNIQ(kMost), uniq.data());
    ioctl(fd, EVIOCGPHYS(kMost), phys.data());
    return {id.vendor,   id.product, name.data(),       uniq.data(),
            phys.data(), found.hid,  found.sharesSerial};
}

/// "/dev/input/event7" alone: no folders, links or anything that a shell or a path could be made
/// of.
bool isEventPath(std::string_view path)
{
    if (!path.starts_with(kNodes)) return false;
    path.remove_prefix(kNodes.size());
    if (!path.starts_with(kEvent)) return false;
    path.remove_prefix(kEvent.size());
    return !path.empty() && path.size() <= kMostDigits &&
           std::ranges::all_of(path, [](char c) { return c >= '0' && c <= '9'; });
}

}  // namespace

Result<FoundController> findController(int fd)
{
    struct stat status {
    };
    const int flags = fcntl(fd, F_GETFL);
    if (flags < 0 || (flags & O_PATH) != 0 || (flags & O_ACCMODE) == O_WRONLY ||
        fstat(fd, &status) != 0 || !S_ISCHR(status.st_mode))
        return noEventNode();
    const Udev context(udev_new());
    const UdevDevice node(udev_device_new_from_devnum(context.get(), 'c', status.st_rdev));
    if (!node)
        return fail(Failure::Code::NotThere, words("The controller is gone."),
                    words("Plug it in again."));
    if (!isEventNode(node.get())) return noEventNode();
    if (isMadeByUinput(node.get()) || !isStickOrPad(inputOf(node.get())))
        return noController(textOf(udev_device_get_devnode(node.get())));
    return everythingOf(context.get(), node.get());
}

Result<UniqueFd> openKept(const std::string& path, const std::vector<KeptDevice>& kept)
{
    if (!isEventPath(path)) return noEventNode();
    const Udev context(udev_new());
    const auto name = path.substr(kNodes.size());
    const UdevDevice node(
        udev_device_new_from_subsystem_sysname(context.get(), "input", name.c_str()));
    if (!node || !isEventNode(node.get()))
        return fail(Failure::Code::NotThere, say("%1 is not there.", path),
                    words("Plug the controller in."));
    const auto device = describe(context.get(), node.get());
    const auto isKept = [&](const KeptDevice& one) {
        return std::ranges::any_of(kept,
                                   [&](const KeptDevice& each) { return each.isSameAs(one); });
    };
    if (isMadeByUinput(node.get()) || !isStickOrPad(inputOf(node.get())) || !isKept(device))
        return fail(Failure::Code::NotAllowed, say("%1 is not kept for you.", path),
                    words("Open it before you ask that it is kept."));
    UniqueFd fd(::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC | O_NOFOLLOW));
    struct stat status {
    };
    if (!fd.isOpen() || fstat(fd.get(), &status) != 0 || !S_ISCHR(status.st_mode) ||
        status.st_rdev != udev_device_get_devnum(node.get()))
        return fail(Failure::Code::System,
                    say("%1 cannot be opened: %2.", path, std::string(std::strerror(errno))),
                    words("Plug the controller in again."), errno);
    // It may have been exchanged for another one meanwhile: what was opened tells who it is.
    if (!isKept(whatIsOpen(fd.get(), device)))
        return fail(Failure::Code::NotAllowed, say("%1 is another controller now.", path),
                    words("Plug the controller in again."));
    return fd;
}

}  // namespace jolly
