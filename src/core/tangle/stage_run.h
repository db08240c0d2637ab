// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <span>

namespace jolly
{

/// What runs a stage. One that has a complaint lets its input through. Allocates.
[[nodiscard]] StageRunner prepare(const StageParameters& parameters, const StageInput& input);

/// Sends a value through one stage. What is no number counts as rest, what is beyond the ends as
/// the end.
///
/// @param outlets  where a stage with several outlets (see outletsOf()) puts what comes out of
/// each;
///                 one with a single outlet leaves them alone.
/// @return what comes out, at the first outlet. RT-safe.
[[nodiscard]] Value apply(StageRunner& runner, Value in, const Moment& moment,
                          std::span<Value> outlets = {}) noexcept;

/// Forgets all that it remembers: the next value counts as the first. RT-safe.
void reset(StageRunner& runner) noexcept;

/// Begins again after a time in which it did not work: what it holds stays, it neither counts what
/// it did not see, nor has aged. `moment` brings no news. RT-safe.
void wake(StageRunner& runner, Value in, const Moment& moment) noexcept;

/// What is under way in it ends: a pulse, what waits, a press that is timed. What it holds stays.
/// RT-safe.
void stop(StageRunner& runner) noexcept;

/// Whether a press that it took has not come to its end: a pulse is pressed or waits, or what came
/// in comes out later. RT-safe.
[[nodiscard]] bool isPerforming(const StageRunner& runner) noexcept;

/// A control that the stage looks at has changed, or is seen for the first time. Called whether or
/// not the strand's own source was heard of yet. RT-safe.
void look(StageRunner& runner, const Moment& moment) noexcept;

/// What comes out in the end while `in` stays. Allocates nothing; what the runner remembers is
/// lost.
[[nodiscard]] Value settled(StageRunner& runner, Value in, std::span<Value> outlets = {}) noexcept;

/// Whether a stage of this kind ever changes its output while its input stays.
[[nodiscard]] bool canMove(const StageRunner& runner) noexcept;

/// When it wants to be run again although nothing happens; max at rest. What moves smoothly says
/// `now` + kTick, what is timed the exact moment. RT-safe.
[[nodiscard]] Time nextAt(const StageRunner& runner, Time now) noexcept;

/// How many pulses it dropped because too many waited. RT-safe.
[[nodiscard]] int dropped(const StageRunner& runner) noexcept;

/// Takes over what the runner remembers that had its place until now, if that is of the same kind.
/// RT-safe.
void continueFrom(StageRunner& runner, const StageRunner& before) noexcept;

}  // namespace jolly
