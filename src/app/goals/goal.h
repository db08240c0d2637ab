// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/strand_index.h"
#include "core/tangle/tangle.h"

#include <QMenu>
#include <QString>
#include <functional>

/// Goals in the window. Each kind of goal has a file in this folder with two functions of it:
///
///     goalText(tangle, goal)   what the pilot reads of it: "layer On water, held"
///     offerGoal(offers, kind)  puts into a menu what of this kind can be chosen
///
/// A kind that leaves one of them out does not compile.
namespace jolly::app
{

/// A menu that offers goals to one row of a strand, and what happens when one is chosen.
struct GoalOffers {
    QMenu& menu;
    const Tangle& tangle;
    const StrandIndex& strands;
    bool isButton;  ///< what leaves the stages; only that presses anything
    std::function<void(const Goal&)> lead;
    std::function<void()> leadToNextFree;
    std::function<void()> askForPlace;  ///< empty where the row leads to no virtual control
    std::function<void()> askForKeys;
};

[[nodiscard]] QString goalText(const Tangle& tangle, const Target& place);
[[nodiscard]] QString goalText(const Tangle& tangle, const Chord& chord);
[[nodiscard]] QString goalText(const Tangle& tangle, const LayerGoal& goal);
[[nodiscard]] QString goalText(const Tangle& tangle, const CraftGoal& goal);
[[nodiscard]] QString goalText(const Tangle& tangle, const Command& command);
[[nodiscard]] QString goalText(const Tangle& tangle, const Nothing& nothing);

void offerGoal(GoalOffers& offers, const Target& kind);
void offerGoal(GoalOffers& offers, const Chord& kind);
void offerGoal(GoalOffers& offers, const LayerGoal& kind);
void offerGoal(GoalOffers& offers, const CraftGoal& kind);
void offerGoal(GoalOffers& offers, const Command& kind);
void offerGoal(GoalOffers& offers, const Nothing& kind);

/// The same of a goal of any kind.
[[nodiscard]] QString goalText(const Tangle& tangle, const Goal& goal);

/// All kinds, in the order of goal_list.h.
void offerGoals(GoalOffers& offers);

/// Keys that the keyboard's layout does not have are sent all the same; it is said.
[[nodiscard]] QString notOnLayout(const QString& keys);

}  // namespace jolly::app
