// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include <type_traits>

namespace jolly::app
{

namespace
{

template <class... Kinds>
void offerEach(GoalOffers& offers, std::type_identity<std::variant<Kinds...>>)
{
    (offerGoal(offers, Kinds{}), ...);
}

}  // namespace

QString goalText(const Tangle& tangle, const Goal& goal)
{
    return std::visit([&](const auto& kind) { return goalText(tangle, kind); }, goal);
}

void offerGoals(GoalOffers& offers)
{
    offerEach(offers, std::type_identity<Goal>{});
}

}  // namespace jolly::app
