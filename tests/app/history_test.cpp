// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/document.h"
#include "app/models/shared_tangle.h"
#include "support/small_tangle.h"

#include <gtest/gtest.h>

namespace jolly
{
namespace
{

using namespace test;
using app::Document;
using app::SharedTangle;

Tangle withStrands(int count)
{
    auto tangle = smallTangle();
    for (int i = 0; i < count; ++i) addStrand(tangle, kX, axis(1));
    return tangle;
}

TEST(SharedTangle, SharesWhatDidNotChange)
{
    auto tangle = withStrands(100);
    const SharedTangle before(tangle, nullptr);
    tangle.strands[40].name = "another";
    tangle.strands.erase(tangle.strands.begin() + 7);
    std::swap(tangle.strands[1], tangle.strands[90]);
    const SharedTangle after(tangle, &before);
    EXPECT_EQ(after.sharedStrands(before), 98U) << "all but the one that is another";
    EXPECT_EQ(after.tangle(), tangle);
    EXPECT_EQ(before.tangle(), withStrands(100));
}

TEST(Document, HistoryGoesBackAndForthThroughEverything)
{
    Document document;
    document.begin(withStrands(3), {});
    std::vector<Tangle> seen = {document.tangle()};
    const std::vector<std::function<void(Tangle&)>> deeds = {
        [](Tangle& t) { t.name = "renamed"; },
        [](Tangle& t) { t.strands.erase(t.strands.begin()); },
        [](Tangle& t) { t.rig[0].alias = "Other"; },
        [](Tangle& t) { t.devices[0].name = "Other"; },
        [](Tangle& t) { addStrand(t, kY, axis(2)).id = "new"; },
    };
    for (const auto& deed : deeds) {
        document.edit("deed", deed);
        seen.push_back(document.tangle());
    }
    for (auto i = seen.size() - 1; i-- > 0;) {
        document.history().undo();
        EXPECT_EQ(document.tangle(), seen[i]);
    }
    for (std::size_t i = 1; i < seen.size(); ++i) {
        document.history().redo();
        EXPECT_EQ(document.tangle(), seen[i]);
        EXPECT_EQ(document.strands().from({"stick", kX}).size(),
                  static_cast<std::size_t>(std::ranges::count(
                      seen[i].strands, kX, [](const Strand& s) { return s.source.control; })));
    }
}

TEST(Document, StepsOfOneGestureAreOneStep)
{
    Document document;
    document.begin(withStrands(1), {});
    for (const auto& names : {std::array{"a", "b", "c"}, std::array{"d", "e", "f"}}) {
        const auto drag = app::Gesture::begin();
        for (const auto* name : names)
            document.edit(
                "rename", [&](Tangle& t) { t.strands[0].name = name; }, drag);
    }
    EXPECT_EQ(document.history().count(), 2) << "the second drag of the same thing is another step";
    document.history().undo();
    EXPECT_EQ(document.tangle().strands[0].name, "c");
    document.history().undo();
    EXPECT_EQ(document.tangle().strands[0].name, "strand-1");
    document.history().redo();
    EXPECT_EQ(document.tangle().strands[0].name, "c");
}

}  // namespace
}  // namespace jolly
