// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/capability_bits.h"

#include <gtest/gtest.h>
#include <linux/input-event-codes.h>

namespace jolly
{
namespace
{

TEST(CapabilityBits, TheLastWordHoldsTheLowestCodes)
{
    const CapabilityBits axes("30007");  // three axes and a hat
    for (const unsigned code : {ABS_X, ABS_Y, ABS_Z, ABS_HAT0X, ABS_HAT0Y})
        EXPECT_TRUE(axes.has(code)) << code;
    EXPECT_FALSE(axes.has(ABS_RX));
    EXPECT_FALSE(axes.has(ABS_HAT1X));
}

TEST(CapabilityBits, HigherWordsFollowToTheLeft)
{
    if (sizeof(long) != 8) GTEST_SKIP() << "the words of this test have 64 bits";
    const CapabilityBits keys("f00000000 0 0 0 0\n");
    EXPECT_TRUE(keys.has(BTN_JOYSTICK)) << "0x120: bit 32 of the fifth word";
    EXPECT_TRUE(keys.has(BTN_TOP));
    EXPECT_FALSE(keys.has(BTN_TOP2));
    EXPECT_FALSE(keys.has(BTN_MISC));
}

TEST(CapabilityBits, NothingAndNonsenseHaveNothing)
{
    for (const char* text : {"", "0", "0\n", "who knows", " "})
        for (unsigned code = 0; code < KEY_CNT; ++code)
            EXPECT_FALSE(CapabilityBits(text).has(code)) << text << " " << code;
}

}  // namespace
}  // namespace jolly
