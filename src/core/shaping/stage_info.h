// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"
#include "core/value/value.h"

#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// What everybody may know of a kind of stage without running it.
struct StageInfo {
    std::string_view name;      ///< as in words.md and in the file
    std::string_view sentence;  ///< what it does, for the pilot
    bool takesAxes = true;
    bool takesButtons = false;
};

/// A parameter that is a part of the travel, shown in percent. `low` <= value <= `high`.
struct AmountField {
    std::string_view key;
    std::string_view label;
    double low = 0.0;
    double high = 1.0;
};

/// A parameter that is on or off.
struct FlagField {
    std::string_view key;
    std::string_view label;
};

/// One point of a curve: value in, value out, both in [-1, +1].
struct CurvePoint {
    double in = 0.0;
    double out = 0.0;

    friend bool operator==(const CurvePoint&, const CurvePoint&) = default;
};

/// A parameter that is a list of curve points, ordered by `in`.
struct PointsField {
    std::string_view key;
    std::string_view label;
    unsigned fewest = 2;
    unsigned most = 32;
};

using CurvePoints = std::vector<CurvePoint>;

/// What a stage must know of the value it gets to prepare its runner.
struct StageInput {
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;
};

}  // namespace jolly
