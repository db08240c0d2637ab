// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

/// What a stage does to an axis, asked of any kind; nothing of kinds that do not do it.
namespace jolly
{

/// Whether it bends the axis, so that it comes out otherwise than it went in.
[[nodiscard]] bool isBent(const StageParameters& stage);

/// How the sim bends what the stage undoes; nothing also when the stage has a complaint.
[[nodiscard]] std::optional<Curve> answerOf(const StageParameters& stage);

/// Whether it undoes what the sim does.
[[nodiscard]] bool undoesSim(const StageParameters& stage);

/// What it takes for rest on each side.
[[nodiscard]] std::optional<RestCover> restCoverOf(const StageParameters& stage);
void setRestCover(StageParameters& stage, const RestCover& cover);

/// The part of the travel that becomes all of it, from 0 at the low end to 1.
[[nodiscard]] std::optional<Stretch> partOf(const StageParameters& stage);

/// What it adds to the delay of a hand that moves `speed` full deflections a second.
[[nodiscard]] std::optional<Time> delayOf(const StageParameters& stage, double speed);

/// The stretch of the axis in which an outlet is pressed, "10.0 % to 50.0 %"; empty of kinds that
/// have none.
[[nodiscard]] Sentence rangeOfOutlet(const StageParameters& stage, const std::string& outlet);

/// Calls `visit(source)` for the button of each position of the switch that it takes for one thing.
template <class Visitor>
void forEachPosition(const StageParameters& stage, Visitor&& visit)
{
    std::visit(
        [&](const auto& p) {
            if constexpr (requires { p.places; }) {
                for (const auto& place : p.places) {
                    if (place.control) visit(*place.control);
                }
            }
        },
        stage);
}

/// The axis that it judges together with its own, and that should have the same stage.
[[nodiscard]] std::optional<Source> partnerOf(const StageParameters& stage);
void pairWith(StageParameters& stage, const Source& axis);

}  // namespace jolly
