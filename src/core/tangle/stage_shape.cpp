// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_shape.h"

#include "core/tangle/stage_complaint.h"

namespace jolly
{

std::vector<PlotHandle> handlesOf(const StageParameters& stage, const StageInput& input)
{
    if (!complaintOf(stage).empty()) return {};
    return std::visit(
        [&](const auto& p) -> std::vector<PlotHandle> {
            if constexpr (requires { p.handles(input); }) return p.handles(input);
            return {};
        },
        stage);
}

void moveHandle(StageParameters& stage, std::size_t part, CurvePoint to, const StageInput& input)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.moveHandle(part, to, input); })
                p.moveHandle(part, to, input);
        },
        stage);
}

bool takesPoints(const StageParameters& stage)
{
    return std::visit(
        [](auto p) {
            return requires
            {
                p.addPoint(CurvePoint{});
            };
        },
        stage);
}

bool addPoint(StageParameters& stage, CurvePoint at)
{
    return std::visit(
        [&](auto& p) {
            if constexpr (requires { p.addPoint(at); }) return p.addPoint(at);
            return false;
        },
        stage);
}

bool removePoint(StageParameters& stage, std::size_t point)
{
    return std::visit(
        [&](auto& p) {
            if constexpr (requires { p.removePoint(point); }) return p.removePoint(point);
            return false;
        },
        stage);
}

void fit(StageParameters& stage, Sides sides)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.fit(sides); }) p.fit(sides);
        },
        stage);
}

void holdBeyond(StageParameters& stage, double amount)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.holdBeyond(amount); }) p.holdBeyond(amount);
        },
        stage);
}

void mirror(StageParameters& stage, Sides sides)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.mirror(sides); }) p.mirror(sides);
        },
        stage);
}

}  // namespace jolly
