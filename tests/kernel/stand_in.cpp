// SPDX-License-Identifier: GPL-3.0-or-later
#include "stand_in.h"

#include <fcntl.h>
#include <linux/uhid.h>
#include <linux/uinput.h>
#include <sys/ioctl.h>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <stdexcept>
#include <thread>

namespace jolly::test
{

namespace
{

void orThrow(bool isFine, const char* what)
{
    if (!isFine) throw std::runtime_error(std::string(what) + ": " + std::strerror(errno));
}

/// USB HID usage tables: generic desktop X, Y, Z, Rx, Ry, Rz, slider, dial; hat switch; buttons
/// 1-80.
constexpr unsigned char kDescriptor[] = {
    0x05, 0x01, 0x09, 0x04, 0xA1, 0x01, 0x85, 0x01, 0x05, 0x01, 0x09, 0x30, 0x09, 0x31,
    0x09, 0x32, 0x09, 0x33, 0x09, 0x34, 0x09, 0x35, 0x09, 0x36, 0x09, 0x37, 0x16, 0x00,
    0x80, 0x26, 0xFF, 0x7F, 0x75, 0x10, 0x95, 0x08, 0x81, 0x02, 0x09, 0x39, 0x15, 0x01,
    0x25, 0x08, 0x35, 0x00, 0x46, 0x3B, 0x01, 0x65, 0x14, 0x75, 0x04, 0x95, 0x01, 0x81,
    0x42, 0x65, 0x00, 0x45, 0x00, 0x75, 0x04, 0x95, 0x01, 0x81, 0x03, 0x05, 0x09, 0x19,
    0x01, 0x29, 0x50, 0x15, 0x00, 0x25, 0x01, 0x75, 0x01, 0x95, 0x50, 0x81, 0x02, 0xC0};

/// Generic desktop game pad, report 2: buttons 1-8.
constexpr unsigned char kPanel[] = {0x05, 0x01, 0x09, 0x05, 0xA1, 0x01, 0x85, 0x02, 0x05,
                                    0x09, 0x19, 0x01, 0x29, 0x08, 0x15, 0x00, 0x25, 0x01,
                                    0x75, 0x01, 0x95, 0x08, 0x81, 0x02, 0xC0};

}  // namespace

StandIn::StandIn(const std::string& name, const std::string& phys, const std::vector<Axis>& axes,
                 const std::vector<int>& buttons, const std::vector<int>& turners)
    : m_fd(::open("/dev/uinput", O_RDWR | O_NONBLOCK | O_CLOEXEC))
{
    const int fd = m_fd.get();
    orThrow(m_fd.isOpen(), "/dev/uinput");
    if (!buttons.empty()) ioctl(fd, UI_SET_EVBIT, EV_KEY);
    ioctl(fd, UI_SET_EVBIT, EV_ABS);
    for (const int button : buttons) ioctl(fd, UI_SET_KEYBIT, button);
    if (!turners.empty()) ioctl(fd, UI_SET_EVBIT, EV_REL);
    for (const int turner : turners) ioctl(fd, UI_SET_RELBIT, turner);
    for (const auto& axis : axes) {
        uinput_abs_setup setup{};
        setup.code = static_cast<__u16>(axis.code);
        setup.absinfo.minimum = axis.low;
        setup.absinfo.maximum = axis.high;
        setup.absinfo.value = axis.value;
        orThrow(ioctl(fd, UI_ABS_SETUP, &setup) == 0, "UI_ABS_SETUP");
    }
    ioctl(fd, UI_SET_PHYS, phys.c_str());
    uinput_setup setup{};
    setup.id = {BUS_USB, 0x6a01, 0x0f01, 1};
    std::strncpy(setup.name, name.c_str(), sizeof setup.name - 1);
    orThrow(ioctl(fd, UI_DEV_SETUP, &setup) == 0 && ioctl(fd, UI_DEV_CREATE) == 0, "UI_DEV_CREATE");
    orThrow(!nodeOf(name).empty(), "the stand-in's node");
    settleUdev();
}

StandIn::~StandIn() = default;

void StandIn::send(int type, int code, int value)
{
    input_event events[2] = {};
    events[0].type = static_cast<__u16>(type);
    events[0].code = static_cast<__u16>(code);
    events[0].value = value;
    orThrow(::write(m_fd.get(), events, sizeof events) == sizeof events, "writing to the stand-in");
}

HidStandIn::HidStandIn(const std::string& name, Parts parts, const std::string& serial,
                       const std::string& phys)
    : m_fd(::open("/dev/uhid", O_RDWR | O_CLOEXEC))
{
    orThrow(m_fd.isOpen(), "/dev/uhid");
    uhid_event event{};
    event.type = UHID_CREATE2;
    auto& create = event.u.create2;
    std::strncpy(reinterpret_cast<char*>(create.name), name.c_str(), sizeof create.name - 1);
    std::strncpy(reinterpret_cast<char*>(create.phys), phys.c_str(), sizeof create.phys - 1);
    std::strncpy(reinterpret_cast<char*>(create.uniq), serial.c_str(), sizeof create.uniq - 1);
    const bool hasPanel = parts == Parts::StickAndPanel;
    create.rd_size = sizeof kDescriptor + (hasPanel ? sizeof kPanel : 0);
    create.bus = BUS_USB;
    create.vendor = 0x6a01;
    create.product = 0x0f02;
    std::memcpy(create.rd_data, kDescriptor, sizeof kDescriptor);
    if (hasPanel) std::memcpy(create.rd_data + sizeof kDescriptor, kPanel, sizeof kPanel);
    orThrow(::write(m_fd.get(), &event, sizeof event) == sizeof event, "UHID_CREATE2");
    orThrow(!nodeOf(name).empty(), "the HID stand-in's node");
}

HidStandIn::~HidStandIn() = default;

void HidStandIn::report(const std::vector<int>& axes, int hat,
                        const std::vector<int>& pressedButtons)
{
    uhid_event event{};
    event.type = UHID_INPUT2;
    auto* data = event.u.input2.data;
    data[0] = 1;
    for (std::size_t i = 0; i < 8; ++i) {
        const auto value = static_cast<__s16>(i < axes.size() ? axes[i] : 0);
        std::memcpy(data + 1 + 2 * i, &value, 2);
    }
    data[17] = static_cast<__u8>(hat);
    for (const int button : pressedButtons)
        data[18 + (button - 1) / 8] |= static_cast<__u8>(1 << ((button - 1) % 8));
    event.u.input2.size = 28;
    orThrow(::write(m_fd.get(), &event, sizeof event) == sizeof event, "UHID_INPUT2");
}

void HidStandIn::reportPanel(unsigned char pressedButtons)
{
    uhid_event event{};
    event.type = UHID_INPUT2;
    event.u.input2.data[0] = 2;
    event.u.input2.data[1] = pressedButtons;
    event.u.input2.size = 2;
    orThrow(::write(m_fd.get(), &event, sizeof event) == sizeof event, "UHID_INPUT2");
}

bool isThere(const std::string& name)
{
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator("/sys/class/input", error)) {
        std::string found;
        std::getline(std::ifstream(entry.path() / "device" / "name") >> std::ws, found);
        if (found == name) return true;
    }
    return false;
}

void settleUdev()
{
    if (!std::filesystem::exists("/run/udev/control")) return;
    if (std::system("udevadm settle --timeout=60 >/dev/null 2>&1") != 0)
        std::fprintf(stderr, "udev is not done within a minute\n");
}

std::string nodeOf(const std::string& name, double seconds)
{
    for (int i = 0; i < static_cast<int>(seconds * 50); ++i) {
        std::error_code error;
        for (const auto& entry : std::filesystem::directory_iterator("/sys/class/input", error)) {
            std::string found;
            std::ifstream in(entry.path() / "device" / "name");
            std::getline(in, found);
            const auto node = "/dev/input/" + entry.path().filename().string();
            if (found == name && entry.path().filename().string().starts_with("event") &&
                ::access(node.c_str(), R_OK) == 0)
                return node;
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
    return {};
}

}  // namespace jolly::test
