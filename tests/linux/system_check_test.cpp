// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/system_check.h"

#include "linux/game_room.h"
#include "support/golden.h"

#include <gmock/gmock.h>
#include <unistd.h>

#include <fstream>

namespace jolly
{
namespace
{

namespace fs = std::filesystem;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

/// Without privileges for a while, should the tests have them.
struct AsNobody {
    AsNobody() { EXPECT_EQ(seteuid(before == 0 ? 65534 : before), 0); }
    ~AsNobody() { EXPECT_EQ(seteuid(before), 0); }
    uid_t before = geteuid();
};

fs::path shippedRules()
{
    return test::shippedData() / "udev";
}

class SystemCheck : public testing::Test
{
 protected:
    SystemCheck()
    {
        fs::create_directories(root);
        places.uinput = root / "uinput";
        places.ruleFolders = {root / "rules"};
    }
    ~SystemCheck() override { fs::remove_all(root); }

    Problem uinput() const { return checkSystem(places).front(); }

    fs::path root = fs::path(testing::TempDir()) / ("system-" + std::to_string(getpid()));
    SystemPlaces places;
};

TEST_F(SystemCheck, WithoutUinputNothingCanBeMadeAndOneCommandMendsIt)
{
    EXPECT_THAT(uinput().sentence, HasSubstr("uinput is not loaded"));
    EXPECT_EQ(uinput().command, "sudo tangle permit");
    EXPECT_EQ(uinput().severity, Severity::Error);
}

TEST_F(SystemCheck, WritableUinputIsFine)
{
    std::ofstream(places.uinput) << "";
    EXPECT_EQ(uinput().sentence, "");
    EXPECT_EQ(uinput().path, "/system/uinput") << "so that an earlier problem is taken back";
}

TEST_F(SystemCheck, OneThatMayNotBeWrittenDependsOnTheRule)
{
    std::ofstream(places.uinput) << "";
    fs::permissions(places.uinput, fs::perms::none);
    const AsNobody nobody;
    EXPECT_THAT(uinput().sentence, HasSubstr("You may not write"));
    EXPECT_EQ(uinput().command, "sudo tangle permit");
    places.ruleFolders.push_back(shippedRules());
    EXPECT_THAT(uinput().sentence, HasSubstr("although the rule for it is installed"));
    EXPECT_EQ(uinput().command, "");
}

TEST_F(SystemCheck, TheRuleForOneDeviceIsLowerCaseHexadecimal)
{
    EXPECT_EQ(ruleFor(0x12AB, 0x3),
              "SUBSYSTEM==\"input\", KERNEL==\"event*\", ATTRS{id/vendor}==\"12ab\", "
              "ATTRS{id/product}==\"0003\", TAG+=\"uaccess\"\n");
}

TEST_F(SystemCheck, OurNodesAreTheEventAndJsNodesOfOurDevicesAlone)
{
    const auto add = [&](const char* device, const char* phys, std::vector<const char*> children) {
        for (const auto* child : children) fs::create_directories(root / device / child);
        std::ofstream(root / device / "phys") << phys << "\n";
    };
    add("input7", "jolly-tangle-2", {"event9", "js1", "id", "capabilities"});
    add("input8", "usb-1.2/input0", {"event10", "js2"});
    EXPECT_THAT(ourNodes(root), ElementsAre("event9", "js1"));
    EXPECT_THAT(ourNodes(root / "nothing"), IsEmpty());
}

}  // namespace
}  // namespace jolly
