// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/read_back.h"

#include <gmock/gmock.h>

namespace jolly::test
{
namespace
{

using std::chrono::microseconds;
using testing::ElementsAre;
using testing::IsEmpty;

TEST(ReadBack, TellsHowLongEachTook)
{
    ReadBack back;
    back.send({10, false, microseconds(100)});
    back.send({20, false, microseconds(200)});
    back.read({10, false, microseconds(130)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(30)));
    back.read({20, false, microseconds(250)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(50)));
    EXPECT_THAT(back.meet(), IsEmpty());
}

TEST(ReadBack, WaitsForTheAccountOfWhatWasReadFirst)
{
    ReadBack back;
    back.read({10, false, microseconds(130)});
    EXPECT_THAT(back.meet(), IsEmpty());
    back.read({20, false, microseconds(250)});
    back.send({10, false, microseconds(100)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(30)));
    back.send({20, false, microseconds(200)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(50)));
}

TEST(ReadBack, SkipsWhatTheReaderNeverSaw)
{
    ReadBack back;
    for (int raw = 0; raw < 5; ++raw) back.send({raw, false, microseconds(100 + raw)});
    back.read({3, false, microseconds(200)});
    back.read({4, false, microseconds(201)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(97), microseconds(97)));
}

TEST(ReadBack, IsNeverReadBeforeItWasSent)
{
    ReadBack back;
    back.read({1, false, microseconds(50)});  // of a press before it was looked at
    back.send({1, false, microseconds(100)});
    EXPECT_THAT(back.meet(), IsEmpty());
    back.read({1, false, microseconds(110)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(10)));
}

TEST(ReadBack, KeepsTheTwoWaysOfAHatApart)
{
    ReadBack back;
    back.send({1, true, microseconds(100)});
    back.send({1, false, microseconds(120)});
    back.read({1, false, microseconds(150)});
    EXPECT_THAT(back.meet(), ElementsAre(microseconds(30)));
}

TEST(ReadBack, ForgetsAndKeepsNoMoreThanItSays)
{
    ReadBack back;
    back.send({7, false, microseconds(1)});
    back.forget();
    back.read({7, false, microseconds(2)});
    EXPECT_THAT(back.meet(), IsEmpty());
    for (std::size_t i = 0; i < ReadBack::kMostKept; ++i) back.read({8, false, microseconds(3)});
    back.send({7, false, microseconds(1)});
    EXPECT_THAT(back.meet(), IsEmpty()) << "the first read is forgotten";
}

}  // namespace
}  // namespace jolly::test
