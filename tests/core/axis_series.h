// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/axis_survey.h"

#include <cmath>
#include <cstdint>
#include <vector>

namespace jolly::test
{

/// A recorded axis as a vocabulary: 250 reports a second, only changes are kept, as evdev does.
class AxisSeries
{
 public:
    explicit AxisSeries(std::int32_t start) { put(start); }

    AxisSeries& stay(double seconds, std::int32_t jitter = 0)
    {
        const auto middle = m_held;
        for (int i = 0; i < seconds * kRate; ++i) step(middle + noise(jitter));
        m_held = middle;
        return *this;
    }
    AxisSeries& moveTo(std::int32_t raw, double seconds = 0.3)
    {
        const double from = m_held;
        const int steps = static_cast<int>(seconds * kRate);
        for (int i = 1; i <= steps; ++i)
            step(static_cast<std::int32_t>(std::lround(from + (raw - from) * i / steps)));
        m_held = raw;
        return *this;
    }
    AxisSeries& spike(std::int32_t raw)
    {
        const auto held = m_held;
        step(raw);
        step(held);
        m_held = held;
        return *this;
    }

    [[nodiscard]] const std::vector<AxisSample>& samples() const { return m_samples; }
    [[nodiscard]] Time now() const { return m_now; }
    [[nodiscard]] AxisFindings survey(const AxisRange& range) const
    {
        return jolly::survey(m_samples, range, m_now);
    }

 private:
    static constexpr int kRate = 250;

    void step(std::int32_t raw)
    {
        m_now += std::chrono::milliseconds(1000 / kRate);
        if (raw != m_samples.back().raw) put(raw);
    }
    void put(std::int32_t raw)
    {
        m_samples.push_back({m_now, raw});
        m_held = raw;
    }
    /// Evenly between -size and +size; the same at each run.
    std::int32_t noise(std::int32_t size)
    {
        m_random = m_random * 1664525U + 1013904223U;
        return size == 0 ? 0
                         : static_cast<std::int32_t>((m_random >> 8) %
                                                     (2U * static_cast<unsigned>(size) + 1U)) -
                               size;
    }

    std::vector<AxisSample> m_samples;
    Time m_now{};
    std::int32_t m_held = 0;
    std::uint32_t m_random = 1;
};

}  // namespace jolly::test
