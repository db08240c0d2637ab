// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/kept_device.h"

#include "helper/desk_lookup.h"

#include <fcntl.h>
#include <fnmatch.h>
#include <gmock/gmock.h>

#include <random>
#include <regex>

namespace jolly
{
namespace
{

using testing::HasSubstr;
using testing::Not;

const KeptDevice kStick{0x6a01,  0x0f02,         "Lone Stick",
                        "HID-7", "usb-1/input0", "0003:6A01:0F02.0004"};

std::string rulesOf(const KeptDevice& device)
{
    return rulesFor(std::span(&device, 1));
}

TEST(KeptDevice, IsTheSameInAnotherPortWhenItHasASerialNumber)
{
    auto moved = kStick;
    moved.phys = "usb-2/input0";
    moved.hid = "0003:6A01:0F02.0009";
    EXPECT_TRUE(kStick.isSameAs(moved));
    moved.uniq = "HID-8";
    EXPECT_FALSE(kStick.isSameAs(moved)) << "its twin";
}

TEST(KeptDevice, WithoutASerialNumberThePortTellsItFromItsTwin)
{
    auto one = kStick;
    one.uniq.clear();
    auto other = one;
    EXPECT_TRUE(one.isSameAs(other));
    other.phys = "usb-2/input0";
    EXPECT_FALSE(one.isSameAs(other));
}

TEST(KeptDevice, ASerialNumberThatATwinTellsAsWellIsNoName)
{
    auto twin = kStick;
    twin.phys = "usb-2/input0";
    EXPECT_TRUE(areTwins(kStick, twin));
    auto panel = kStick;
    panel.phys = "usb-1/input1";
    EXPECT_FALSE(areTwins(kStick, panel)) << "two parts of one device";
    auto kept = kStick;
    kept.sharesSerial = true;
    EXPECT_FALSE(kept.isSameAs(twin));
    EXPECT_TRUE(kept.isSameAs(kStick)) << "the twin was unplugged meanwhile";
    auto plugged = twin;
    plugged.sharesSerial = true;
    EXPECT_FALSE(kStick.isSameAs(plugged)) << "the twin came while the first is there";
    const auto rules = rulesOf(kept);
    EXPECT_THAT(rules, HasSubstr("ATTRS{uniq}==\"HID-7\", ATTRS{phys}==\"usb-1/input0\""));
    EXPECT_THAT(rules, HasSubstr("*HID_PHYS=usb-1/input0?HID_UNIQ=HID-7?MODALIAS=*"));
    kept.phys = "odd\"port";
    EXPECT_FALSE(canBeNamed(kept)) << "its twin would be closed, too";
}

TEST(KeptDevice, ItsRulesNameItAndCloseEveryWayToIt)
{
    const auto rules = rulesOf(kStick);
    EXPECT_THAT(rules, HasSubstr("KERNEL==\"event*|js*\""));
    EXPECT_THAT(rules, HasSubstr("ATTRS{id/vendor}==\"6a01\", ATTRS{id/product}==\"0f02\", "
                                 "ATTRS{name}==\"Lone Stick\", ATTRS{uniq}==\"HID-7\""));
    EXPECT_THAT(rules, HasSubstr("SUBSYSTEM==\"hidraw\", KERNELS==\"0003:6A01:0F02.*\", "
                                 "ATTRS{uevent}==\"*HID_UNIQ=HID-7?MODALIAS=*\""));
    EXPECT_THAT(rules, Not(HasSubstr("usb-1"))) << "it may come back in another port";
    auto noSerial = kStick;
    noSerial.uniq.clear();
    EXPECT_THAT(rulesOf(noSerial), HasSubstr("ATTRS{phys}==\"usb-1/input0\""));
    EXPECT_THAT(rulesOf(noSerial), HasSubstr("*HID_PHYS=usb-1/input0?HID_UNIQ=*"));
    EXPECT_EQ(rulesFor({}), "");
}

TEST(KeptDevice, ADeviceThatIsNoHidDeviceHasNoHidrawRule)
{
    auto pad = kStick;
    pad.hid.clear();
    EXPECT_THAT(rulesOf(pad), Not(HasSubstr("hidraw")));
}

TEST(KeptDevice, NothingThatADeviceCallsItselfBecomesARule)
{
    const std::regex kLine(
        R"(SUBSYSTEM=="(input", KERNEL=="event\*\|js\*", ENV\{ID_INPUT_KEYBOARD\}!="1", )"
        R"(ENV\{ID_INPUT_MOUSE\}!="1", ATTRS\{id/vendor\}=="[0-9a-f]{4}", )"
        R"(ATTRS\{id/product\}=="[0-9a-f]{4}", ATTRS\{name\}=="[A-Za-z0-9 ._:/*-]*", )"
        R"(ATTRS\{(uniq|phys)\}=="[A-Za-z0-9 ._:/*-]*")"
        R"((, ATTRS\{phys\}=="[A-Za-z0-9 ._:/*-]*")?|hidraw", )"
        R"(KERNELS=="[A-Za-z0-9 ._:/*-]*", ATTRS\{uevent\}=="[A-Za-z0-9 ._:/*?=_-]*"), )"
        R"(TAG-="uaccess", ENV\{JOLLY_TANGLE_KEPT\}="1", OWNER:="root", GROUP:="root", )"
        R"(MODE:="0600")");
    const std::string kHostile = "\", RUN+=\"/bin/rm -rf /\"\n\\$%{}[]?*|#\t\r\x01\xff abc019._:/-";
    std::mt19937 random(4);
    for (int i = 0; i < 2000; ++i) {
        const auto text = [&] {
            std::string made;
            for (auto length = random() % 30; length > 0; --length)
                made += kHostile[random() % kHostile.size()];
            return made;
        };
        const KeptDevice device{static_cast<std::uint16_t>(random()),
                                static_cast<std::uint16_t>(random()),
                                text(),
                                i % 2 == 0 ? text() : "",
                                text(),
                                i % 3 == 0 ? "" : text() + "."};
        std::istringstream rules(rulesOf(device));
        int lines = 0;
        for (std::string line; std::getline(rules, line); ++lines)
            EXPECT_TRUE(std::regex_match(line, kLine)) << line;
        EXPECT_EQ(lines, device.hid.empty() ? 1 : 2);
    }
}

TEST(DeskLookup, WhatIsNoEventNodeIsNoController)
{
    EXPECT_EQ(findController(-1).error().code, Failure::Code::Unreadable);
    for (const char* file : {"/dev/null", "/etc/passwd", "/"}) {
        const UniqueFd fd(::open(file, O_RDONLY | O_CLOEXEC));
        ASSERT_TRUE(fd.isOpen()) << file;
        const auto found = findController(fd.get());
        ASSERT_FALSE(found) << file;
        EXPECT_THAT(found.error().text(), HasSubstr("Hand over a /dev/input/event*")) << file;
    }
}

TEST(DeskLookup, APathIsAnEventNodesOrNothing)
{
    for (const std::string path :
         {"", "/dev/input/event", "/dev/input/event1/../event2", "/dev/input/event1234567",
          "/dev/input/event+1", "/dev/input/eventx", "event1", "/etc/shadow"}) {
        const auto opened = openKept(path, {kStick});
        ASSERT_FALSE(opened) << path;
        EXPECT_EQ(opened.error().code, Failure::Code::Unreadable) << path;
    }
    EXPECT_EQ(openKept("/dev/input/event999999", {kStick}).error().code, Failure::Code::NotThere);
}

/// Whether a rule's pattern matches, as udev does: "*" for anything (fnmatch(3)).
bool doesMatch(const std::string& rules, const std::string& key, const std::string& text)
{
    const auto at = rules.find(key + "==\"");
    if (at == std::string::npos) return true;
    const auto begin = at + key.size() + 3;
    const auto pattern = rules.substr(begin, rules.find('"', begin) - begin);
    return ::fnmatch(pattern.c_str(), text.c_str(), 0) == 0;
}

TEST(KeptDevice, ASerialNumberOfOddCharactersDoesNotCloseItsTwin)
{
    for (const std::string serial : {"\u00fc\u00fc", "#1", "A\"B", "\x01\x02", "7*"}) {
        auto odd = kStick;
        odd.uniq = serial;
        auto twin = odd;
        twin.uniq = "\u00e4\u00e4";
        twin.phys = "usb-2/input0";
        EXPECT_TRUE(canBeNamed(odd));
        const auto rules = rulesOf(odd);
        const auto matches = [&](const KeptDevice& d) {
            return doesMatch(rules, "ATTRS{uniq}", d.uniq) &&
                   doesMatch(rules, "ATTRS{phys}", d.phys);
        };
        EXPECT_TRUE(matches(odd)) << rules;
        EXPECT_FALSE(matches(twin)) << rules;
    }
}

TEST(KeptDevice, WithNothingThatARuleCanNameItIsNotKept)
{
    auto odd = kStick;
    odd.uniq = "\u00fc";
    odd.phys = "";
    EXPECT_FALSE(canBeNamed(odd));
    odd.uniq = "";
    EXPECT_FALSE(canBeNamed(odd));
    odd.phys = "port*";
    EXPECT_FALSE(canBeNamed(odd));
}

}  // namespace
}  // namespace jolly
