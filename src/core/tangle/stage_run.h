// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"
#include "core/tangle/stage_complaint.h"

namespace jolly
{

/// What runs a stage. One that has a complaint lets its input through. Allocates.
[[nodiscard]] inline StageRunner prepare(const StageParameters& parameters, const StageInput& input)
{
    if (!complaintOf(parameters).empty()) return LetThrough{};
    return std::visit([&](const auto& p) -> StageRunner { return p.prepare(input); }, parameters);
}

/// Sends a value through one stage. What is no number counts as rest, what is beyond the ends as
/// the end. RT-safe.
[[nodiscard]] inline Value apply(StageRunner& runner, Value in, const Moment& moment) noexcept
{
    if (!(in.x >= -1.0 && in.x <= 1.0)) in.x = in.x > 1.0 ? 1.0 : in.x < -1.0 ? -1.0 : 0.0;
    return std::visit([&](auto& r) noexcept { return r.apply(in, moment); }, runner);
}

/// Forgets all that it remembers: the next value counts as the first. RT-safe.
inline void reset(StageRunner& runner) noexcept
{
    std::visit(
        [](auto& r) noexcept {
            if constexpr (requires { r.reset(); }) r.reset();
        },
        runner);
}

/// What comes out in the end while `in` stays. Allocates nothing; what the runner remembers is
/// lost.
[[nodiscard]] inline Value settled(StageRunner& runner, Value in) noexcept
{
    reset(runner);
    return apply(runner, in, {});
}

/// Whether a stage of this kind ever changes its output while its input stays.
[[nodiscard]] inline bool canMove(const StageRunner& runner) noexcept
{
    return std::visit([](const auto& r) { return requires { r.isMoving(); }; }, runner);
}

/// Whether it goes on changing its output while its input stays. RT-safe.
[[nodiscard]] inline bool isMoving(const StageRunner& runner) noexcept
{
    return std::visit(
        [](const auto& r) noexcept {
            if constexpr (requires { r.isMoving(); }) return r.isMoving();
            return false;
        },
        runner);
}

/// Takes over what the runner remembers that had its place until now, if that is of the same kind.
/// RT-safe.
inline void continueFrom(StageRunner& runner, const StageRunner& before) noexcept
{
    std::visit(
        [&before](auto& r) noexcept {
            using Runner = std::decay_t<decltype(r)>;
            if constexpr (requires { r.continueFrom(r); }) {
                if (const auto* same = std::get_if<Runner>(&before)) r.continueFrom(*same);
            }
        },
        runner);
}

}  // namespace jolly
