// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/wheel_field.h"

#include "app/style/theme.h"
#include "core/tangle/lookup.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>

namespace jolly::app
{

namespace
{

constexpr double kMostDegrees = 10'000.0;
constexpr double kUsualTurn = 900.0;

}  // namespace

const RigControl* axisOf(const Tangle& tangle, const Strand& strand)
{
    if (strand.sources.empty()) return nullptr;
    const auto* controller = findController(tangle, strand.sources.front().controller);
    return controller ? findControl(*controller, strand.sources.front().control) : nullptr;
}

WheelField::WheelField(Studio& studio, const std::string& strand, std::size_t stage,
                       QWidget* parent)
    : QWidget(parent), m_studio(studio), m_strand(strand), m_stage(stage)
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
    connect(m_turns, &QDoubleSpinBox::valueChanged, this,
            [this] { set(m_turns->value(), m_wanted->value()); });
    connect(m_wanted, &QDoubleSpinBox::valueChanged, this,
            [this] { set(m_turns->value(), m_wanted->value()); });
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
    const auto* strand = findStrand(m_studio.tangle(), m_strand);
    const auto* axis = strand ? axisOf(m_studio.tangle(), *strand) : nullptr;
    if (!axis || m_stage >= strand->stages.size()) return;
    const auto* reach = std::get_if<Reach>(&strand->stages[m_stage].parameters);
    if (!reach) return;
    const double turns = axis->degrees.value_or(kUsualTurn);
    const QSignalBlocker quietTurns(m_turns);
    const QSignalBlocker quietWanted(m_wanted);
    m_turns->setValue(turns);
    m_wanted->setValue((reach->to - reach->from) * turns);
}

void WheelField::set(double turns, double wanted)
{
    m_studio.document().edit(tr("degrees of the wheel"), [&](Tangle& tangle) {
        auto* strand = findStrand(tangle, m_strand);
        if (!strand || m_stage >= strand->stages.size()) return;
        strand->stages[m_stage].parameters = Reach::ofDegrees(turns, wanted);
        const auto& source = strand->sources.front();
        if (auto* controller = findController(tangle, source.controller)) {
            if (auto* axis = findControl(*controller, source.control)) axis->degrees = turns;
        }
    });
}

}  // namespace jolly::app
