// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/handles.h"

#include "core/shaping/curve_points.h"
#include "core/tangle/stage_complaint.h"

#include <QObject>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr double kLeft = 0.02;       ///< of a side that is left between two dead zones
constexpr double kSoftnessAt = 0.5;  ///< where the handle of the one dial is

QString words(const char* text)
{
    return QObject::tr(text);
}

std::vector<PlotHandle> handles(const DeadZone& z, const StageInput& input)
{
    std::vector<PlotHandle> all;
    const bool isTwoSided = input.sides == Sides::Two;
    if (isTwoSided) all.push_back({words("dead zone below rest"), 0, {-z.below, 0.0}});
    all.push_back({words("dead zone above rest"), 1, {z.above, 0.0}});
    if (isTwoSided) all.push_back({words("dead zone at the low end"), 2, {-1.0 + z.lowEnd, -1.0}});
    all.push_back({words("dead zone at the high end"), 3, {1.0 - z.highEnd, 1.0}});
    return all;
}

void moveTo(DeadZone& z, std::size_t part, CurvePoint to, const StageInput&)
{
    const auto fit = [](double amount, double other) {
        return std::clamp(amount, 0.0, std::min(DeadZone::kMost, 1.0 - other - kLeft));
    };
    if (part == 0) z.below = fit(-to.in, z.lowEnd);
    if (part == 1) z.above = fit(to.in, z.highEnd);
    if (part == 2) z.lowEnd = fit(1.0 + to.in, z.below);
    if (part == 3) z.highEnd = fit(1.0 - to.in, z.above);
}

std::vector<PlotHandle> handles(const RoundDeadZone& z, const StageInput&)
{
    return {{words("round dead zone around rest"), 0, {z.size, 0.0}},
            {words("round dead zone at the end"), 1, {1.0 - z.end, 1.0}}};
}

void moveTo(RoundDeadZone& z, std::size_t part, CurvePoint to, const StageInput&)
{
    const auto fit = [](double amount, double other) {
        return std::clamp(amount, 0.0, std::min(RoundDeadZone::kMost, 1.0 - other - kLeft));
    };
    if (part == 0) z.size = fit(std::abs(to.in), z.end);
    if (part == 1) z.end = fit(1.0 - to.in, z.size);
}

std::vector<PlotHandle> handles(const LeadIn& l, const StageInput&)
{
    return {{words("lead-in"), 0, {0.0, l.start}, PlotHandle::Way::Up}};
}

void moveTo(LeadIn& l, std::size_t, CurvePoint to, const StageInput&)
{
    l.start = std::clamp(to.out, 0.0, LeadIn::kMost);
}

std::vector<PlotHandle> handles(const Reach& r, const StageInput& input)
{
    const double low = input.low();
    return {{words("reach from"), 0, {low + (1.0 - low) * r.from, low}},
            {words("reach to"), 1, {low + (1.0 - low) * r.to, 1.0}}};
}

void moveTo(Reach& r, std::size_t part, CurvePoint to, const StageInput& input)
{
    const double place = (to.in - input.low()) / (1.0 - input.low());
    if (part == 0) r.from = std::clamp(place, 0.0, r.to - Reach::kLeast);
    if (part == 1) r.to = std::clamp(place, r.from + Reach::kLeast, 1.0);
}

std::vector<PlotHandle> handles(const Curve& c, const StageInput&)
{
    std::vector<PlotHandle> all;
    for (std::size_t i = c.isMirrored ? 1 : 0; i < c.points.size(); ++i)  // rest stays rest
        all.push_back({words("curve point %1").arg(i + 1), i, c.points[i], PlotHandle::Way::Both});
    return all;
}

void moveTo(Curve& c, std::size_t part, CurvePoint to, const StageInput&)
{
    movePoint(c.points, c.isMirrored, part, to);
}

std::vector<PlotHandle> handles(const Softness& s, const StageInput& input)
{
    auto runner = s.prepare(input);
    return {{words("softness"),
             0,
             {kSoftnessAt, runner.apply({kSoftnessAt, 0.0}, {}).x},
             PlotHandle::Way::Up}};
}

/// Solved for s: out = (1 - s) v + s v^3 at v for a soft one, with v and out exchanged for a quick
/// one.
void moveTo(Softness& s, std::size_t, CurvePoint to, const StageInput&)
{
    const double v = kSoftnessAt;
    const double least = v * v * v;
    const double out = std::clamp(to.out, least, std::cbrt(v));
    s.softness = out <= v ? (v - out) / (v - v * v * v) : -(out - v) / (out - out * out * out);
    s.softness = std::clamp(s.softness, -1.0, 1.0);
}

std::vector<PlotHandle> handles(const Detents& d, const StageInput&)
{
    std::vector<PlotHandle> all;
    for (std::size_t i = 0; i < d.detents.size(); ++i)
        all.push_back({words("notch %1").arg(QString::fromStdString(d.detents[i].name)),
                       i,
                       {d.detents[i].at, d.detents[i].to},
                       PlotHandle::Way::Both});
    return all;
}

void moveTo(Detents& d, std::size_t part, CurvePoint to, const StageInput& input)
{
    if (part >= d.detents.size()) return;
    auto moved = d;
    moved.detents[part].at = std::clamp(to.in, input.low(), 1.0);
    moved.detents[part].to = std::clamp(to.out, input.low(), 1.0);
    if (moved.complaint().empty()) d = moved;
}

}  // namespace

std::vector<PlotHandle> handlesOf(const StageParameters& stage, const StageInput& input)
{
    if (!complaintOf(stage).empty()) return {};
    return std::visit(
        [&](const auto& p) -> std::vector<PlotHandle> {
            if constexpr (requires { handles(p, input); }) return handles(p, input);
            return {};
        },
        stage);
}

void moveHandle(StageParameters& stage, std::size_t part, CurvePoint to, const StageInput& input)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { moveTo(p, part, to, input); }) moveTo(p, part, to, input);
        },
        stage);
}

}  // namespace jolly::app
