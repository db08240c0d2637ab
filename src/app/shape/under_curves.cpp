// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/under_curves.h"

#include "app/models/axis_curve.h"
#include "app/models/axis_strand.h"
#include "app/models/axis_trace.h"
#include "app/shape/shape_plot.h"
#include "app/style/palette.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"

#include <QObject>
#include <QStringList>
#include <array>

namespace jolly::app
{

namespace
{

const Dash& wasDash()
{
    static const Dash kDash{{}, QStringLiteral("——")};
    return kDash;
}

const Dash& simDash()
{
    static const Dash kDash{{9, 4}, QStringLiteral("— —")};
    return kDash;
}

/// The curves of other strands, each in a colour and a dash of its own.
const std::array<Dash, kMostCompared>& otherDashes()
{
    static const std::array<Dash, kMostCompared> kDashes = {
        {{{3, 3}, QStringLiteral("---")},
         {{6, 3, 1, 3}, QStringLiteral("– ·")},
         {{1, 3}, QStringLiteral("····")},
         {{6, 3, 1, 3, 1, 3}, QStringLiteral("– ··")}}};
    return kDashes;
}

constexpr std::array<QColor Palette::*, kMostCompared> kOtherColours = {
    &Palette::sky, &Palette::coral, &Palette::mint, &Palette::violet};

/// How the sim answers, as the last stage that undoes it has it; nothing when none does.
std::optional<Curve> bendOf(const Strand& strand)
{
    std::optional<Curve> bend;
    for (const auto& stage : strand.stages) {
        auto answer = stage.isOn ? answerOf(stage.parameters) : std::nullopt;
        if (answer) bend = std::move(answer);
    }
    return bend;
}

std::vector<CurvePoint> bent(std::vector<CurvePoint> line, const Curve& answer)
{
    const Curve::Runner sim(answer);
    for (auto& point : line) point.out = sim.apply({point.out, 0.0}, {}).x;
    return line;
}

}  // namespace

std::vector<UnderCurve> underCurves(const Tangle& tangle, const Strand& strand,
                                    const std::vector<Stage>& old,
                                    const std::set<std::string>& compared)
{
    const auto& p = jolly::app::palette();
    std::vector<UnderCurve> curves;
    if (strand.stages != old) {
        auto before = rehearsed(tangle, strand.id);
        findStrand(before, strand.id)->stages = old;
        curves.push_back(
            {QObject::tr("as it was"), p.dim, wasDash(), curveOf(before, strand.id).points});
    }
    if (const auto bend = bendOf(strand))
        curves.push_back({QObject::tr("what the sim makes of it"), p.strong, simDash(),
                          bent(curveOf(tangle, strand.id).points, *bend)});
    std::size_t next = 0;
    for (const auto& id : compared) {
        const auto* other = findStrand(tangle, id);
        if (!other || id == strand.id || next == kMostCompared) continue;
        curves.push_back({nameWithCraft(tangle, *other), p.*kOtherColours[next],
                          otherDashes()[next], curveOf(tangle, id).points});
        ++next;
    }
    std::erase_if(curves, [](const UnderCurve& curve) { return curve.line.empty(); });
    return curves;
}

QString legendOf(const std::vector<UnderCurve>& curves)
{
    QStringList legend;
    for (const auto& curve : curves)
        legend << QStringLiteral("<span style='color:%1'>%2 %3</span>")
                      .arg(curve.colour.name(), curve.dash.sign, curve.name.toHtmlEscaped());
    return legend.join(QStringLiteral("&nbsp;&nbsp;&nbsp;"));
}

}  // namespace jolly::app
