// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/softness.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Softness::summary() const
{
    return softness < 0.0 ? say("%1, quick about rest", percent(softness))
                          : say("%1, gentle about rest", percent(softness));
}

/// The inverse solves s v^3 + (1 - s) v = u. With one real root, as here where both coefficients
/// are positive, the hyperbolic form of Cardano's formula gives it without loss of digits:
/// v = 2 sqrt(p / 3) sinh(asinh(3 q / (2 p) sqrt(3 / p)) / 3) with p = (1 - s) / s, q = u / s.
Softness::Runner::Runner(double softness) noexcept : m_softness(softness)
{
    const double s = -softness;
    if (s <= 0.0 || s >= 1.0) return;
    m_width = 2.0 * std::sqrt((1.0 - s) / (3.0 * s));
    m_gain = 1.5 / (1.0 - s) * std::sqrt(3.0 * s / (1.0 - s));
}

Value Softness::Runner::apply(Value in, const Moment&) const noexcept
{
    const double v = in.x;
    if (std::abs(v) >= 1.0) return in;  // the end is the end, whatever rounding makes of it
    if (m_softness >= 0.0) return {(1.0 - m_softness) * v + m_softness * v * v * v, in.y};
    if (m_softness <= -1.0) return {std::cbrt(v), in.y};
    const double out = m_width * std::sinh(std::asinh(m_gain * v) / 3.0);
    return {out < -1.0 ? -1.0 : out > 1.0 ? 1.0 : out, in.y};
}

std::vector<PlotHandle> Softness::handles(const StageInput& input) const
{
    auto runner = prepare(input);
    return {{words("softness"),
             0,
             {kHandleAt, runner.apply({kHandleAt, 0.0}, {}).x},
             PlotHandle::Way::Up}};
}

/// Solved for s: out = (1 - s) v + s v^3 at v for a soft one, with v and out exchanged for a quick
/// one.
void Softness::moveHandle(std::size_t, CurvePoint to, const StageInput&)
{
    const double v = kHandleAt;
    const double least = v * v * v;
    const double out = std::clamp(to.out, least, std::cbrt(v));
    softness = out <= v ? (v - out) / (v - v * v * v) : -(out - v) / (out - out * out * out);
    softness = std::clamp(softness, -1.0, 1.0);
}

bool Softness::isBent() const
{
    return std::abs(softness) > kBentBy;
}

}  // namespace jolly
