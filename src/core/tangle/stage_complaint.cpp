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
Sentence number(double value)
{
    std::ostringstream text;
    text.imbue(std::locale::classic());
    text << value;
    return Sentence::number(text.str());
}

Sentence said(const AmountField&, double value)
{
    return std::isfinite(value) ? percent(value) : number(value);
}

Sentence said(const NumberField& field, double value)
{
    return say("%1 %2", number(value), field.unit);
}

template <class Field>
requires requires(Field field)
{
    field.low;
}
Sentence complaintAbout(const Field& field, double value)
{
    if (value >= field.low && value <= field.high) return {};
    return say("\"%1\" is %2; it goes from %3 to %4", field.label, said(field, value),
               said(field, field.low), said(field, field.high));
}

Sentence complaintAbout(const PointsField& field, const CurvePoints& points)
{
    if (points.size() > field.most)
        return say("\"%1\" has %2 points; %3 are the most", field.label, points.size(), field.most);
    const auto isWithin = [](double v) { return v >= -1.0 && v <= 1.0; };
    for (std::size_t i = 0; i < points.size(); ++i) {
        if (isWithin(points[i].in) && isWithin(points[i].out)) continue;
        return say("point %1 of \"%2\" is outside of -100 % to 100 %", i + 1, field.label);
    }
    return {};
}

Sentence complaintAbout(const SlicesField& field, const SliceParts& slices)
{
    if (slices.size() <= field.most) return {};
    return say("it has %1 slices; at most %2 are allowed", slices.size(), field.most);
}

Sentence complaintAbout(const PlacesField& field, const SwitchPlaces& places)
{
    return complaintAboutPlaces(field, places);
}

Sentence complaintAbout(const PlacesField& field, const ValuePlaces& places)
{
    return complaintAboutPlaces(field, plain(places));
}

Sentence complaintAbout(const DetentsField&, const DetentList& detents)
{
    for (const auto& detent : detents) {
        const auto at = complaintAbout(AmountField{"at", words("at"), -1.0, 1.0}, detent.at);
        const auto to = complaintAbout(AmountField{"to", words("gives"), -1.0, 1.0}, detent.to);
        const auto half = complaintAbout(AmountField{"halfWidth", words("half width"), 0.0, 0.5},
                                         detent.halfWidth);
        for (const auto& complaint : {at, to, half}) {
            if (!complaint.empty()) return say("notch \"%1\": %2", detent.name, complaint);
        }
    }
    return {};
}

}  // namespace

Sentence complaintOf(const StageParameters& parameters)
{
    Sentence complaint;
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
