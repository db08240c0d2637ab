// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/desktop_notice.h"

#include <sdbus-c++/sdbus-c++.h>

#include <cstdint>
#include <map>
#include <vector>

namespace jolly
{

bool notifyDesktop(const std::string& title, const std::string& words)
{
    constexpr std::int32_t kAsTheDesktopHasIt = -1;
    try {
        auto proxy =
            sdbus::createProxy(sdbus::createSessionBusConnection(), "org.freedesktop.Notifications",
                               "/org/freedesktop/Notifications");
        proxy->callMethod("Notify")
            .onInterface("org.freedesktop.Notifications")
            .withArguments(std::string("Jolly Tangle"), std::uint32_t{0},
                           std::string("org.jollytangle.JollyTangle"), title, words,
                           std::vector<std::string>{}, std::map<std::string, sdbus::Variant>{},
                           kAsTheDesktopHasIt)
            .dontExpectReply();
        return true;
    } catch (const sdbus::Error&) {
        return false;
    }
}

}  // namespace jolly
