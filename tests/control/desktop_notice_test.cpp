// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/desktop_notice.h"

#include <gtest/gtest.h>
#include <sdbus-c++/sdbus-c++.h>

#include <future>
#include <map>
#include <string>
#include <vector>

namespace jolly
{
namespace
{

/// A desktop's service of notifications, as its specification has it, hears what is told.
TEST(DesktopNotice, IsHeardByTheDesktop)
{
    std::promise<std::pair<std::string, std::string>> heard;
    auto bus = sdbus::createSessionBusConnection("org.freedesktop.Notifications");
    auto object = sdbus::createObject(*bus, "/org/freedesktop/Notifications");
    object->registerMethod("Notify")
        .onInterface("org.freedesktop.Notifications")
        .implementedAs([&](const std::string&, std::uint32_t, const std::string&,
                           const std::string& title, const std::string& words,
                           const std::vector<std::string>&,
                           const std::map<std::string, sdbus::Variant>&, std::int32_t) {
            heard.set_value({title, words});
            return std::uint32_t{1};
        });
    object->finishRegistration();
    bus->enterEventLoopAsync();
    EXPECT_TRUE(notifyDesktop("Jolly Tangle", "The engine stopped."));
    auto told = heard.get_future();
    ASSERT_EQ(told.wait_for(std::chrono::seconds(30)), std::future_status::ready);
    EXPECT_EQ(told.get(),
              std::pair(std::string("Jolly Tangle"), std::string("The engine stopped.")));
    bus->leaveEventLoop();
}

TEST(DesktopNotice, WithNobodyToHearItNothingIsWaitedFor)
{
    EXPECT_TRUE(notifyDesktop("Jolly Tangle", "Nobody hears it."));
}

}  // namespace
}  // namespace jolly
