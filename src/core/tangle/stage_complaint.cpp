// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_complaint.h"

#include "core/value/percent.h"

#include <cmath>
#include <sstream>

namespace jolly
{

namespace
{

/// Without needless digits, whatever the locale.
std::string number(double value)
{
    std::ostringstream text;
    text.imbue(std::locale::classic());
    text << value;
    return text.str();
}

std::string said(const AmountField&, double value)
{
    return std::isfinite(value) ? percent(value) : number(value);
}

std::string said(const NumberField& field, double value)
{
    return number(value) + " " + std::string(field.unit);
}

template <class Field>
requires requires(Field field)
{
    field.low;
}
std::string complaintAbout(const Field& field, double value)
{
    if (value >= field.low && value <= field.high) return {};
    return "\"" + std::string(field.label) + "\" is " + said(field, value) + "; it goes from " +
           said(field, field.low) + " to " + said(field, field.high);
}

std::string complaintAbout(const PointsField& field, const CurvePoints& points)
{
    if (points.size() > field.most)
        return "\"" + std::string(field.label) + "\" has " + std::to_string(points.size()) +
               " points; " + std::to_string(field.most) + " are the most";
    const auto isWithin = [](double v) { return v >= -1.0 && v <= 1.0; };
    for (std::size_t i = 0; i < points.size(); ++i) {
        if (isWithin(points[i].in) && isWithin(points[i].out)) continue;
        return "point " + std::to_string(i + 1) + " of \"" + std::string(field.label) +
               "\" is outside of -100 % to 100 %";
    }
    return {};
}

std::string complaintAbout(const SlicesField& field, const SliceParts& slices)
{
    if (slices.size() <= field.most) return {};
    return "it has " + std::to_string(slices.size()) + " slices; at most " +
           std::to_string(field.most) + " are allowed";
}

std::string complaintAbout(const PlacesField& field, const SwitchPlaces& places)
{
    return complaintAboutPlaces(field, places);
}

std::string complaintAbout(const PlacesField& field, const ValuePlaces& places)
{
    return complaintAboutPlaces(field, plain(places));
}

std::string complaintAbout(const DetentsField&, const DetentList& detents)
{
    for (const auto& detent : detents) {
        const auto at = complaintAbout(AmountField{"at", "at", -1.0, 1.0}, detent.at);
        const auto to = complaintAbout(AmountField{"to", "gives", -1.0, 1.0}, detent.to);
        const auto half =
            complaintAbout(AmountField{"halfWidth", "half width", 0.0, 0.5}, detent.halfWidth);
        for (const auto& complaint : {at, to, half}) {
            if (!complaint.empty()) return "notch \"" + detent.name + "\": " + complaint;
        }
    }
    return {};
}

}  // namespace

std::string complaintOf(const StageParameters& parameters)
{
    std::string complaint;
    std::visit(
        [&](const auto& p) {
            p.fields(p, [&](const auto& spec, const auto& value) {
                if constexpr (requires { complaintAbout(spec, value); }) {
                    if (complaint.empty()) complaint = complaintAbout(spec, value);
                }
            });
            if (complaint.empty()) complaint = p.complaint();
        },
        parameters);
    return complaint;
}

}  // namespace jolly
