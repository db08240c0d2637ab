// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"
#include "core/value/value.h"

#include <string_view>
#include <vector>

/// What kinds of parameters a stage may have: each says its word in the file and its words for the
/// pilot.
namespace jolly
{

/// A parameter that is a part of the travel, shown in percent. `low` <= value <= `high`.
struct AmountField {
    std::string_view key;
    Words label;
    double low = 0.0;
    double high = 1.0;
    bool isOfLowerSide = false;  ///< means nothing where an axis has one side only
};

/// A parameter that is a number with a unit. `low` <= value <= `high`.
struct NumberField {
    std::string_view key;
    Words label;
    double low = 0.0;
    double high = 1.0;
    Words unit{};
    int decimals = 2;
};

/// A parameter that is one of a few ways, an enumeration from 0 on.
struct ChoiceField {
    std::string_view key;
    Words label;
    std::vector<Words> ways;  ///< in the enumeration's order, for the pilot
};

/// A parameter that names another control, a Source; `kind` is what it has to be.
struct ControlField {
    std::string_view key;
    Words label;
    ControlKind kind = ControlKind::Axis;
    bool mayBeNone = false;
    std::string_view name{};  ///< what the pilot calls it, where it is one of a list
};

/// What a pilot calls it.
[[nodiscard]] inline Sentence calledBy(const ControlField& field)
{
    return field.name.empty() ? Sentence(field.label) : Sentence(field.name);
}

/// A parameter that is on or off.
struct FlagField {
    std::string_view key;
    Words label;
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
    Words label;
    Words inWords = words("in");  ///< of a point, as a heading
    Words outWords = words("out");
    bool isDrawn = true;  ///< they lie on the stage's own line in a plot
    unsigned fewest = 2;
    unsigned most = 32;
};

using CurvePoints = std::vector<CurvePoint>;

}  // namespace jolly
