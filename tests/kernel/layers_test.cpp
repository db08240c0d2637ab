// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/layer_edit.h"
#include "flight.h"

#include <csignal>

/// Layers and craft as a program of others reads them from the kernel.
namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::Not;

class LayerFlight : public Flight
{
 protected:
    LayerFlight() : tangle(straightTangle("Test Stick")), rig(tangle.rig.front())
    {
        tangle.layers.push_back({.id = "water", .name = "On water"});
        EXPECT_TRUE(engageBy(tangle, rig, {EventType::Key, BTN_TOP}, "water", Engage::Hold,
                             std::string(kEverywhere)));
        auto other = *findStrand(tangle, strandFrom(BTN_TRIGGER));
        other.id = "other";
        other.layer = "water";
        targetOf(other.ends[0])->control.number = 6;
        tangle.strands.push_back(other);
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "everywhere"});
        other.id = "gannet's";
        other.layer = kBase;
        other.craft = "gannet";
        targetOf(other.ends[0])->control.number = 7;
        tangle.strands.push_back(other);
        fitDevices(tangle);
    }

    std::string strandFrom(int code) const
    {
        for (const auto& strand : tangle.strands) {
            if (strand.source.control ==
                ControlCode{EventType::Key, static_cast<std::uint16_t>(code)})
                return strand.id;
        }
        return {};
    }

    StandIn stick{"Test Stick", "usb-a", kTwoAxes, kFourButtons};
    Tangle tangle;
    RigController rig;
};

TEST_F(LayerFlight, ALayerFlipsBetweenPressAndRelease)
{
    fly(tangle);
    const auto game = evtest(nodeOf("Jolly 1"));
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_TRIGGER), value 1")) << game->text();
    game->forget();
    stick.press(BTN_TOP);
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_TRIGGER), value 0")) << game->text();
    EXPECT_THAT(game->text(), Not(HasSubstr("(BTN_PINKIE)"))) << "a press ends where it began";
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_PINKIE), value 1")) << game->text();
    stick.release(BTN_TOP);
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_PINKIE), value 0")) << game->text();
    game->forget();
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_TRIGGER), value 1")) << game->text();
    EXPECT_THAT(game->text(), Not(HasSubstr("(BTN_PINKIE)")));
}

TEST_F(LayerFlight, ACraftIsChosenInFlightAndNoDeviceVanishes)
{
    fly(tangle);
    const auto node = nodeOf("Jolly 1");
    const auto game = evtest(node);
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_TRIGGER), value 1"));
    Program craft({kPrograms + "tangle", "craft", "Gannet 12"});
    EXPECT_EQ(craft.end(), 0) << craft.text();
    EXPECT_EQ(nodeOf("Jolly 1"), node);
    game->forget();
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_TRIGGER), value 0")) << "no press is lost: " << game->text();
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("(BTN_BASE), value 1")) << game->text();
    Program status({kPrograms + "tangle", "status", "--json"});
    EXPECT_EQ(status.end(), 0);
    EXPECT_THAT(status.text(), HasSubstr("\"craft\": \"gannet\""));
}

}  // namespace
}  // namespace jolly
