// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/control_facts.h"

#include "app/rig/fact_grid.h"
#include "app/style/theme.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/value/percent.h"

#include <QSignalBlocker>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr std::size_t kMostSamples = 60'000;
constexpr Time kLookEvery = std::chrono::milliseconds(250);

QString countsText(std::int32_t counts)
{
    return counts == 1 ? ControlFacts::tr("1 count") : ControlFacts::tr("%1 counts").arg(counts);
}

QString restText(const AxisFindings& found, const AxisRange& range, Sides sides)
{
    if (found.rests.empty()) return ControlFacts::tr("let go to see it");
    return ControlFacts::tr("%1, within %2")
        .arg(found.rest)
        .arg(QString::fromStdString(
            percent((sides == Sides::Two ? 2.0 : 1.0) * found.stray / range.travel())));
}

QString spikesText(const AxisFindings& found)
{
    const int seconds = static_cast<int>(found.minutes * 60.0);
    if (found.spikes == 0) return ControlFacts::tr("none in %1 s").arg(seconds);
    return ControlFacts::tr("%1 in %2 s").arg(found.spikes).arg(seconds);
}

}  // namespace

ControlFacts::ControlFacts(Studio& studio, QWidget* parent) : Card(parent), m_studio(studio)
{
    setObjectName(QStringLiteral("control facts"));
    build();
    showSelection();
}

void ControlFacts::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 16);
    m_title = new QLabel;
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    auto* grid = new FactGrid;
    m_body = grid;
    column->addWidget(m_body);
    buildAxisFacts(*column);
    column->addStretch();
    m_label = new QLineEdit;
    m_label->setObjectName(QStringLiteral("label"));
    m_label->setAccessibleName(tr("Name of the control"));
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("kind"));
    m_kind->setAccessibleName(tr("How the control behaves"));
    grid->addField(tr("Name"), m_label);
    grid->addField(tr("Behaves"), m_kind);
    m_value = grid->addValue(tr("Value"), "value");
    m_raw = grid->addValue(tr("Raw count"), "raw");
    connect(m_label, &QLineEdit::editingFinished, this, [this] {
        const auto label = m_label->text().toStdString();
        setControl(tr("rename control"), [&](RigControl& control) { control.label = label; });
    });
    connect(m_kind, &QComboBox::activated, this, [this](int choice) {
        setControl(tr("kind of control"), [&](RigControl& control) {
            if (control.kind == ControlKind::Axis) control.sides = static_cast<Sides>(choice);
            if (control.kind == ControlKind::Button)
                control.buttonKind = static_cast<ButtonKind>(choice);
        });
    });
}

void ControlFacts::buildAxisFacts(QVBoxLayout& column)
{
    auto* grid = new FactGrid;
    m_axisFacts = grid;
    m_range = grid->addValue(tr("Range seen"), "range");
    m_rest = grid->addValue(tr("Rests at"), "rest");
    m_noise = grid->addValue(tr("Noise at rest"), "noise");
    m_spikes = grid->addValue(tr("Spikes"), "spikes");
    m_track = new AxisTrack(true);
    m_track->setObjectName(QStringLiteral("dwell"));
    m_track->setAccessibleName(tr("Where the axis dwelt since it was selected"));
    grid->addField(tr("Dwells"), m_track, Qt::AlignBottom);
    m_calibrate = new QPushButton;
    m_calibrate->setObjectName(QStringLiteral("calibrate"));
    connect(m_calibrate, &QPushButton::clicked, this, [this] {
        if (m_studio.selected()) Q_EMIT calibrationWanted(m_studio.selected()->controller);
    });
    grid->addWide(m_calibrate);
    column.addWidget(m_axisFacts);
}

void ControlFacts::setControl(const QString& step, const std::function<void(RigControl&)>& change)
{
    const auto ref = m_studio.selected();
    const auto* controller = ref ? m_studio.controllerOf(*ref) : nullptr;
    if (!controller) return;
    auto rig = controller->rig;
    change(*findControl(rig, ref->code));
    if (rig == controller->rig) return;
    m_studio.document().edit(step, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void ControlFacts::showSelection()
{
    const auto& ref = m_studio.selected();
    const auto* controller = ref ? m_studio.controllerOf(*ref) : nullptr;
    m_body->setVisible(controller != nullptr);
    m_axisFacts->setVisible(false);
    m_title->setText(controller ? QString::fromStdString(controller->rig.alias) +
                                      QStringLiteral(" · ") + m_studio.nameOf(*ref)
                                : tr("Move a control to see all about it here."));
    if (!controller) return;
    const auto& control = *findControl(controller->rig, ref->code);
    const auto place = static_cast<std::size_t>(&control - controller->rig.controls.data());
    const int slot = controller->slotOf[place];
    if (!m_watched || m_watched->ref != *ref || m_watched->slot != slot)
        m_watched = Watched{*ref, slot, {}, {}, {}};
    m_axisFacts->setVisible(control.kind == ControlKind::Axis);
    m_calibrate->setText(tr("Calibrate %1…").arg(QString::fromStdString(controller->rig.alias)));
    m_calibrate->setEnabled(slot >= 0);
    const QSignalBlocker quiet(m_kind);
    if (!m_label->hasFocus()) m_label->setText(QString::fromStdString(control.label));
    m_label->setPlaceholderText(m_studio.nameOf(*ref));
    m_kind->clear();
    if (control.kind == ControlKind::Axis) {
        m_kind->addItems({tr("rests in the middle"), tr("rests at its low end")});
        m_kind->setCurrentIndex(static_cast<int>(control.sides));
    } else if (control.kind == ControlKind::Button) {
        m_kind->addItems({tr("springs back"), tr("stays: a switch"),
                          tr("one position of a selector"), tr("a pulse of an endless dial")});
        m_kind->setCurrentIndex(static_cast<int>(control.buttonKind));
    } else {
        m_kind->addItem(control.kind == ControlKind::Hat ? tr("eight ways")
                                                         : tr("turns endlessly"));
    }
    showValues();
}

void ControlFacts::takeMoves()
{
    if (!m_watched || m_watched->slot < 0 || m_watched->samples.empty()) return;
    auto& samples = m_watched->samples;
    for (const auto& move : m_studio.session().moves()) {
        if (static_cast<int>(move.slot) != m_watched->slot || move.isHatY) continue;
        samples.push_back({std::max(move.time, samples.back().time), move.raw});
    }
    if (samples.size() > kMostSamples) samples.erase(samples.begin(), samples.end() - kMostSamples);
}

void ControlFacts::forget()
{
    m_watched.reset();
    showSelection();
}

void ControlFacts::showAxis(const RigControl& control, const LiveValue& live)
{
    const auto* described = describedAt(m_studio.session().status(), m_watched->slot);
    if (!described) return;
    const auto time = m_studio.now();
    if (m_watched->samples.empty()) m_watched->samples.push_back({time, live.raw.x});
    const auto range = rangeOf(*described, control);
    auto& found = m_watched->findings;
    if (time - m_watched->looked >= kLookEvery) {
        m_watched->looked = time;
        found = survey(m_watched->samples, range, time);
    }
    m_range->setText(QStringLiteral("%1 … %2").arg(found.low).arg(found.high));
    m_rest->setText(restText(found, range, control.sides));
    m_noise->setText(found.rests.empty() ? tr("let go to see it") : countsText(found.jitter));
    m_spikes->setText(spikesText(found));
    m_track->show(range, found, live.raw.x);
}

void ControlFacts::showValues()
{
    const auto& ref = m_studio.selected();
    const auto* controller = ref ? m_studio.controllerOf(*ref) : nullptr;
    if (!controller || !isVisible()) return;
    const auto& control = *findControl(controller->rig, ref->code);
    const auto place = static_cast<std::size_t>(&control - controller->rig.controls.data());
    const auto value = m_studio.desk().valueOf(*controller, place, m_studio.values());
    const bool isAxis = control.kind == ControlKind::Axis;
    const int slot = controller->slotOf[place];
    if (slot < 0 || static_cast<std::size_t>(slot) >= m_studio.values().slots.size()) {
        for (auto* label : {m_value, m_raw, m_range, m_rest, m_noise, m_spikes})
            label->setText(tr("away"));
        return;
    }
    const auto& live = m_studio.values().slots[static_cast<std::size_t>(slot)];
    m_value->setText(isAxis ? percentText(value.x, control.sides == Sides::Two)
                            : (value.isPressed() ? tr("pressed") : tr("released")));
    if (control.kind == ControlKind::Hat)
        m_value->setText(QStringLiteral("%1, %2").arg(value.x).arg(value.y));
    m_raw->setText(QString::number(live.raw.x));
    if (isAxis && m_watched) showAxis(control, live);
}

}  // namespace jolly::app
