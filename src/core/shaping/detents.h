// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// One notch: inside the half width about `at` the output is exactly `to`.
struct Detent {
    std::string name{};
    double at = 0.0;          ///< where the lever is, in the axis's values
    double to = 0.0;          ///< what comes out
    double halfWidth = 0.02;  ///< [0, 0.5]

    friend bool operator==(const Detent&, const Detent&) = default;
};

using DetentList = std::vector<Detent>;

/// A parameter that is a list of detents, ordered by `at`.
struct DetentsField {
    std::string_view key;
    Words label;
};

/// Stage "detents": a lever's notches. Inside a notch the output is exactly what is wanted there;
/// between them it goes straight, and so from the travel's ends, which stay what they are unless
/// they lie inside a notch.
struct Detents {
    static constexpr StageInfo kInfo{
        .name = words("detents"),
        .sentence = words("Hits exact values at a lever's notches; straight between."),
        .isFeel = false,
        .want = Want::Feel,
        .also = words("notch, gate, step")};

    DetentList detents{{"middle", 0.5, 0.5, 0.02}};

    friend bool operator==(const Detents&, const Detents&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(DetentsField{"detents", words("notches")}, self.detents);
    }

    /// What is wrong with the notches taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `to`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint to, const StageInput& input);

    class Runner
    {
     public:
        Runner(const DetentList& detents, double low);

        /// @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept;

     private:
        CurvePoints m_corners;  ///< two for each notch, and the travel's ends
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {detents, input.low()}; }
};

}  // namespace jolly
