// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/wheel_field.h"

#include "app/models/axis_strand.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr double kMostDegrees = 10'000.0;
constexpr double kUsualTurn = 900.0;

/// The first stage that makes a part of the travel all of it, or their end.
auto reachIn(auto& stages)
{
    return std::ranges::find_if(
        stages, [](const Stage& stage) { return partOf(stage.parameters).has_value(); });
}

double wantedOf(const Strand& strand, double turns)
{
    const auto reach = reachIn(strand.stages);
    if (reach == strand.stages.end()) return turns;
    const auto part = *partOf(reach->parameters);
    return (part.to - part.from) * turns;
}

}  // namespace

WheelField::WheelField(Edits& edits, const std::string& strand, QWidget* parent)
    : QWidget(parent), m_edits(edits), m_strand(strand)
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    const auto add = [&](const QString& words, const char* name) {
        auto* label = new QLabel(words, this);
        setTone(*label, "dim");
        row->addWidget(label);
        auto* box = makeDegrees(name, words);
        row->addWidget(box);
        return box;
    };
    m_turns = add(tr("it turns"), "wheel turns");
    m_wanted = add(tr("wanted"), "wheel wanted");
    row->addStretch();
    connect(m_turns, &QDoubleSpinBox::valueChanged, this, &WheelField::setTurns);
    connect(m_wanted, &QDoubleSpinBox::valueChanged, this, &WheelField::setWanted);
    refresh();
}

QDoubleSpinBox* WheelField::makeDegrees(const char* name, const QString& words)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(tr("%1, degrees").arg(words));
    box->setRange(1.0, kMostDegrees);
    box->setDecimals(0);
    box->setSuffix(QStringLiteral("°"));
    box->setKeyboardTracking(false);
    return box;
}

void WheelField::refresh()
{
    const auto* strand = findStrand(m_edits.tangle(), m_strand);
    const auto* axis = strand ? axisOf(m_edits.tangle(), *strand) : nullptr;
    if (!axis) return;
    const double turns = axis->degrees.value_or(kUsualTurn);
    const QSignalBlocker quietTurns(m_turns);
    const QSignalBlocker quietWanted(m_wanted);
    m_turns->setValue(turns);
    m_wanted->setValue(wantedOf(*strand, turns));
}

/// The hand has to turn as far as before for all of it.
void WheelField::setTurns(double turns)
{
    m_edits.apply({tr("degrees of the wheel"), m_strand}, [&](Tangle& tangle, Strand& strand) {
        auto* axis = findControl(tangle, strand.source);
        if (!axis) return;
        const double wanted = wantedOf(strand, axis->degrees.value_or(turns));
        const auto reach = reachIn(strand.stages);
        if (reach != strand.stages.end()) reach->parameters = Reach::ofDegrees(turns, wanted);
        axis->degrees = turns;
    });
}

/// Behind a dead zone at the beginning, so that it stays as wide for the hand.
void WheelField::setWanted(double wanted)
{
    const double turns = m_turns->value();
    m_edits.apply({tr("degrees wanted"), m_strand}, [&](Tangle& tangle, Strand& strand) {
        auto& stages = strand.stages;
        auto reach = reachIn(stages);
        if (reach == stages.end()) {
            const bool isAfterZone =
                !stages.empty() && restCoverOf(stages.front().parameters).has_value();
            reach = stages.insert(stages.begin() + (isAfterZone ? 1 : 0), {Reach{}});
        }
        reach->parameters = Reach::ofDegrees(turns, wanted);
        if (auto* axis = findControl(tangle, strand.source)) axis->degrees = turns;
    });
}

}  // namespace jolly::app
