// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/classify.h"

#include <gtest/gtest.h>
#include <linux/input-event-codes.h>

#include <set>

namespace jolly
{
namespace
{

/// A device as a list of codes and properties.
struct Device {
    std::set<unsigned> keys;
    std::set<unsigned> axes;
    std::set<unsigned> turners;
    std::set<unsigned> properties;

    Device withKeys(unsigned first, unsigned last) const
    {
        auto copy = *this;
        for (unsigned key = first; key <= last; ++key) copy.keys.insert(key);
        return copy;
    }

    std::optional<ControllerKind> kind() const
    {
        const auto has = [this](EventType type, unsigned code) {
            const auto& codes = type == EventType::Key   ? keys
                                : type == EventType::Abs ? axes
                                                         : turners;
            return codes.contains(code);
        };
        return classify({has, [this](unsigned property) { return properties.contains(property); }});
    }
};

struct Row {
    const char* name;
    Device device;
    std::optional<ControllerKind> kind;
};

const Device kKeys = Device{}.withKeys(1, 120);

class Classify : public testing::TestWithParam<Row>
{
};

TEST_P(Classify, TellsWhatItIs)
{
    EXPECT_EQ(GetParam().device.kind(), GetParam().kind);
}

INSTANTIATE_TEST_SUITE_P(
    All, Classify,
    testing::Values(
        Row{"Stick", {{BTN_TRIGGER}, {ABS_X, ABS_Y}, {}, {}}, ControllerKind::Stick},
        Row{"PedalsWithoutAButton", {{}, {ABS_X, ABS_Y, ABS_Z}, {}, {}}, ControllerKind::Stick},
        Row{"PanelOfButtonsOnly", Device{}.withKeys(0x2c0, 0x2e0), ControllerKind::Stick},
        Row{"PanelOfUnnamedButtons", Device{}.withKeys(0x2e8, 0x2f0), ControllerKind::Stick},
        Row{"Gamepad", {{BTN_SOUTH, BTN_EAST}, {ABS_X, ABS_Y}, {}, {}}, ControllerKind::Gamepad},
        Row{"Keyboard", kKeys, ControllerKind::Keyboard},
        Row{"Pointer", {{BTN_LEFT, BTN_RIGHT}, {}, {REL_X, REL_Y}, {}}, ControllerKind::Pointer},
        Row{"MotionSensor",
            {{}, {ABS_X, ABS_Y, ABS_Z}, {}, {INPUT_PROP_ACCELEROMETER}},
            std::nullopt},
        Row{"TouchScreen", {{BTN_TOUCH}, {ABS_X, ABS_Y}, {}, {INPUT_PROP_DIRECT}}, std::nullopt},
        Row{"TouchPad",
            {{BTN_TOOL_FINGER, BTN_LEFT}, {ABS_X, ABS_Y, ABS_MT_SLOT}, {}, {}},
            std::nullopt},
        Row{"Tablet",
            {{BTN_TOOL_PEN, BTN_STYLUS}, {ABS_X, ABS_Y, ABS_PRESSURE}, {}, {}},
            std::nullopt},
        Row{"PowerButton", {{KEY_POWER}, {}, {}, {}}, std::nullopt},
        Row{"VolumeKeys", {{KEY_VOLUMEUP, KEY_VOLUMEDOWN}, {}, {}, {}}, std::nullopt}),
    [](const auto& row) { return row.param.name; });

}  // namespace
}  // namespace jolly
