// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_run.h"

#include "core/tangle/stage_complaint.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

StageRunner prepare(const StageParameters& parameters, const StageInput& input)
{
    if (!complaintOf(parameters).empty()) return LetThrough{};
    return std::visit([&](const auto& p) -> StageRunner { return p.prepare(input); }, parameters);
}

Value apply(StageRunner& runner, Value in, const Moment& moment, std::span<Value> outlets) noexcept
{
    return std::visit(
        [&](auto& r) noexcept -> Value {
            if constexpr (requires { r.kTakesCounts; }) {
                if (!std::isfinite(in.x)) in.x = 0.0;
            } else {
                if (!(in.x >= -1.0 && in.x <= 1.0))
                    in.x = in.x > 1.0 ? 1.0 : in.x < -1.0 ? -1.0 : 0.0;
            }
            if constexpr (requires { r.apply(in, moment, outlets); }) {
                r.apply(in, moment, outlets);
                return outlets.empty() ? Value{} : outlets.front();
            } else {
                return r.apply(in, moment);
            }
        },
        runner);
}

void reset(StageRunner& runner) noexcept
{
    std::visit(
        [](auto& r) noexcept {
            if constexpr (requires { r.reset(); }) r.reset();
        },
        runner);
}

void wake(StageRunner& runner, Value in, const Moment& moment) noexcept
{
    std::visit(
        [&](auto& r) noexcept {
            if constexpr (requires { r.wake(in, moment); }) {
                r.wake(in, moment);
            } else if constexpr (requires { r.reset(); }) {
                r.reset();
            }
        },
        runner);
}

void stop(StageRunner& runner) noexcept
{
    std::visit(
        [](auto& r) noexcept {
            if constexpr (requires { r.stop(); }) r.stop();
        },
        runner);
}

bool isPerforming(const StageRunner& runner) noexcept
{
    return std::visit(
        [](const auto& r) noexcept {
            if constexpr (requires { r.isPerforming(); }) return r.isPerforming();
            return false;
        },
        runner);
}

void look(StageRunner& runner, const Moment& moment) noexcept
{
    std::visit(
        [&](auto& r) noexcept {
            if constexpr (requires { r.look(moment); }) r.look(moment);
        },
        runner);
}

Value settled(StageRunner& runner, Value in, std::span<Value> outlets) noexcept
{
    reset(runner);
    return apply(runner, in, {}, outlets);
}

bool canMove(const StageRunner& runner) noexcept
{
    return std::visit(
        [](const auto& r) {
            return requires
            {
                r.isMoving();
            }
            || requires
            {
                r.nextAt();
            };
        },
        runner);
}

Time nextAt(const StageRunner& runner, Time now) noexcept
{
    return std::visit(
        [now](const auto& r) noexcept {
            if constexpr (requires { r.nextAt(); }) return r.nextAt();
            if constexpr (requires { r.isMoving(); })
                return r.isMoving() ? now + kTick : Time::max();
            return Time::max();
        },
        runner);
}

int dropped(const StageRunner& runner) noexcept
{
    return std::visit(
        [](const auto& r) noexcept {
            if constexpr (requires { r.dropped(); }) return r.dropped();
            return 0;
        },
        runner);
}

void continueFrom(StageRunner& runner, const StageRunner& before) noexcept
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
