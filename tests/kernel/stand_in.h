// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"

#include <linux/input.h>

#include <string>
#include <vector>

namespace jolly::test
{

/// A physical controller made by the test: the kernel cannot tell it from hardware.
class StandIn
{
 public:
    struct Axis {
        int code;
        int low;
        int high;
        int value = 0;
    };

    /// A uinput device of these axes, buttons and turners (codes).
    StandIn(const std::string& name, const std::string& phys, const std::vector<Axis>& axes,
            const std::vector<int>& buttons, const std::vector<int>& turners = {});
    ~StandIn();

    void send(int type, int code, int value);
    void move(int axis, int value) { send(EV_ABS, axis, value); }
    void press(int button) { send(EV_KEY, button, 1); }
    void release(int button) { send(EV_KEY, button, 0); }
    void unplug() { m_fd = UniqueFd(); }

 private:
    UniqueFd m_fd;
};

/// A joystick with a real HID report descriptor: eight 16-bit axes, a hat and 80 buttons, through
/// uhid. The kernel's HID driver gives it fuzz and flat as it does to every USB joystick.
///
/// It may have a panel as well: a second part with eight buttons, which the kernel makes an event
/// node of its own.
class HidStandIn
{
 public:
    enum class Parts { Stick, StickAndPanel };
    explicit HidStandIn(const std::string& name, Parts parts = Parts::Stick,
                        const std::string& serial = "HID-7",
                        const std::string& phys = "usb-test-1/input0");
    ~HidStandIn();

    void report(const std::vector<int>& axes, int hat, const std::vector<int>& pressedButtons);
    void reportPanel(unsigned char pressedButtons);

 private:
    UniqueFd m_fd;
};

/// Waits until udev, where it runs, is done with all that came and went.
void settleUdev();

/// /dev/input/event* of the device with this name; waits for it. Empty when it does not come.
[[nodiscard]] std::string nodeOf(const std::string& name, double seconds = 60.0);
[[nodiscard]] bool isThere(const std::string& name);

}  // namespace jolly::test
