// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/curve.h"

#include "core/shaping/curve_points.h"
#include "core/value/percent.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace jolly
{

namespace
{

constexpr double kExact = 1e-12;
constexpr double kLeastStep = 0.001;  ///< along the travel, from point to point
/// The last of Newton's steps: what is left after it is as small as its square.
constexpr double kLastStep = 1e-8;
constexpr int kMostSteps = 60;

double secant(const CurvePoint& from, const CurvePoint& to) noexcept
{
    return (to.out - from.out) / (to.in - from.in);
}

double hermite(const CurvePoint& from, const CurvePoint& to, double slopeFrom, double slopeTo,
               double in) noexcept
{
    const double h = to.in - from.in;
    const double t = (in - from.in) / h;
    const double t2 = t * t;
    const double t3 = t2 * t;
    return (2 * t3 - 3 * t2 + 1) * from.out + (t3 - 2 * t2 + t) * h * slopeFrom +
           (3 * t2 - 2 * t3) * to.out + (t3 - t2) * h * slopeTo;
}

void liftFallingPoints(CurvePoints& points)
{
    for (std::size_t i = 1; i < points.size(); ++i) {
        points[i].out = std::max(points[i].out, points[i - 1].out);
    }
}

/// Whether a curve can be laid through them.
bool areSound(const CurvePoints& points)
{
    const auto isOut = [](const CurvePoint& p) {
        return !(std::abs(p.in) <= 1.0 && std::abs(p.out) <= 1.0);
    };
    const auto doesNotRise = [](const CurvePoint& a, const CurvePoint& b) {
        return !(b.in > a.in);
    };
    return points.size() >= 2 && std::ranges::none_of(points, isOut) &&
           std::ranges::adjacent_find(points, doesNotRise) == points.end();
}

}  // namespace

Sentence Curve::complaint() const
{
    if (points.size() < 2) return words("\"points\" needs two points or more");
    if (points.size() > kMostPoints)
        return say("\"points\" has %1 points; keep %2 or fewer", points.size(), kMostPoints);
    for (std::size_t i = 1; i < points.size(); ++i) {
        const double step = points[i].in - points[i - 1].in;
        if (step >= kLeastStep - kExact) continue;
        const auto at = percent(points[i].in);
        return step <= 0.0 ? say("\"points\" must go from left to right: point %1 at %2 is not to "
                                 "the right of the one before it",
                                 i + 1, at)
                           : say("\"points\" must be 0.1 % apart or more: point %1 at %2 is closer "
                                 "to the one before it",
                                 i + 1, at);
    }
    if (isMirrored && points.front() != CurvePoint{}) {
        return words(
            "a mirrored curve must begin at 0, 0, or it would jump at rest; move the first "
            "point "
            "there or set \"mirrored\" to false");
    }
    return {};
}

Sentence Curve::summary() const
{
    return isMirrored ? say("%1 points, mirrored", points.size()) : say("%1 points", points.size());
}

void mirrorPoints(Curve& curve, Sides sides)
{
    auto& points = curve.points;
    if (curve.isMirrored) {
        std::erase_if(points, [](const CurvePoint& p) { return p.in <= 0.0; });
        points.insert(points.begin(), CurvePoint{});
        if (points.size() < 2) points.push_back({1.0, 1.0});
        return;
    }
    if (sides == Sides::One || points.empty() || points.front().in < 0.0) return;
    CurvePoints whole;
    for (auto p = points.rbegin(); p != points.rend(); ++p) {
        if (p->in > 0.0) whole.push_back({-p->in, -p->out});
    }
    whole.insert(whole.end(), points.begin(), points.end());
    points = std::move(whole);
}

std::vector<double> monotoneSlopes(const CurvePoints& points)
{
    const auto last = points.size() - 1;
    std::vector<double> slopes(points.size());
    slopes.front() = secant(points[0], points[1]);
    slopes.back() = secant(points[last - 1], points[last]);
    for (std::size_t i = 1; i < last; ++i) {
        const double before = secant(points[i - 1], points[i]);
        const double after = secant(points[i], points[i + 1]);
        slopes[i] = before * after <= 0.0 ? 0.0 : (before + after) / 2.0;
    }
    for (std::size_t i = 0; i < last; ++i) {
        const double line = secant(points[i], points[i + 1]);
        if (line == 0.0) {
            slopes[i] = slopes[i + 1] = 0.0;
            continue;
        }
        const double size = std::hypot(slopes[i] / line, slopes[i + 1] / line);
        if (size <= 3.0) continue;
        slopes[i] *= 3.0 / size;
        slopes[i + 1] *= 3.0 / size;
    }
    return slopes;
}

Curve::Runner::Runner(const Curve& curve) : m_points(curve.points), m_isMirrored(curve.isMirrored)
{
    if (!areSound(m_points)) m_points = {{-1.0, -1.0}, {1.0, 1.0}};
    if (curve.keepsRising) liftFallingPoints(m_points);
    if (curve.isSmooth) m_slopes = monotoneSlopes(m_points);
}

double Curve::Runner::at(double in) const noexcept
{
    if (in <= m_points.front().in) return m_points.front().out;
    if (in >= m_points.back().in) return m_points.back().out;
    std::size_t i = 0;
    while (in > m_points[i + 1].in) ++i;
    const auto& from = m_points[i];
    const auto& to = m_points[i + 1];
    if (m_slopes.empty()) return from.out + secant(from, to) * (in - from.in);
    return hermite(from, to, m_slopes[i], m_slopes[i + 1], in);
}

/// Newton's method on the segment's cubic, within its ends: where a step would leave what is known
/// to hold the answer, that is halved instead.
double Curve::Runner::inverseAt(double out) const noexcept
{
    if (out <= m_points.front().out) return m_points.front().in;
    if (out >= m_points.back().out) return m_points.back().in;
    std::size_t i = 0;
    while (out > m_points[i + 1].out) ++i;
    const auto& from = m_points[i];
    const auto& to = m_points[i + 1];
    const double width = to.in - from.in;
    const double height = to.out - from.out;
    const double goal = out - from.out;
    double part = goal / height;
    if (m_slopes.empty()) return from.in + width * part;
    const double begin = m_slopes[i] * width;
    const double end = m_slopes[i + 1] * width;
    const double cubic = begin + end - 2.0 * height;
    const double square = 3.0 * height - 2.0 * begin - end;
    double low = 0.0;
    double high = 1.0;
    for (int step = 0; step < kMostSteps && high - low > kExact; ++step) {
        const double wrong = ((cubic * part + square) * part + begin) * part - goal;
        high = wrong > 0.0 ? part : high;
        low = wrong > 0.0 ? low : part;
        const double slope = (3.0 * cubic * part + 2.0 * square) * part + begin;
        const double next = part - wrong / slope;
        const bool isInside = next > low && next < high;
        const double before = part;
        part = isInside ? next : (low + high) / 2.0;
        if (isInside && std::abs(part - before) < kLastStep) break;
    }
    return from.in + width * part;
}

double Curve::Runner::inverse(double out) const noexcept
{
    return m_isMirrored && out < 0.0 ? -inverseAt(-out) : inverseAt(out);
}

Value Curve::Runner::apply(Value in, const Moment&) const noexcept
{
    return {m_isMirrored && in.x < 0.0 ? -at(-in.x) : at(in.x), in.y};
}

std::vector<PlotHandle> Curve::handles(const StageInput&) const
{
    std::vector<PlotHandle> all;
    for (std::size_t i = isMirrored ? 1 : 0; i < points.size(); ++i)  // rest stays rest
        all.push_back({say("curve point %1", i + 1), i, points[i], PlotHandle::Way::Both});
    return all;
}

void Curve::moveHandle(std::size_t part, CurvePoint to, const StageInput&)
{
    movePoint(points, isMirrored, part, to);
}

bool Curve::addPoint(CurvePoint at)
{
    return jolly::addPoint(points, isMirrored, at).has_value();
}

bool Curve::removePoint(std::size_t point)
{
    return jolly::removePoint(points, isMirrored, point);
}

void Curve::mirror(Sides sides)
{
    mirrorPoints(*this, sides);
}

bool Curve::isBent() const
{
    return std::ranges::any_of(
        points, [](const CurvePoint& p) { return std::abs(p.out - p.in) > kBentBy; });
}

}  // namespace jolly
