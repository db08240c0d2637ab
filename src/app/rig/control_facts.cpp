// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/control_facts.h"

#include "app/style/theme.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/value/percent.h"

#include <QGridLayout>
#include <QSignalBlocker>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kTitleWidth = 92;
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

QGridLayout* gridOn(QWidget& body)
{
    auto* grid = new QGridLayout(&body);
    grid->setContentsMargins(0, 8, 0, 0);
    grid->setVerticalSpacing(9);
    grid->setHorizontalSpacing(14);
    grid->setColumnMinimumWidth(0, kTitleWidth);
    grid->setColumnStretch(1, 1);
    return grid;
}

}  // namespace

ControlFacts::ControlFacts(Studio& studio, QWidget* parent) : Card(parent), m_studio(studio)
{
    setObjectName(QStringLiteral("control facts"));
    build();
    showSelection();
}

ValueLabel* ControlFacts::addRow(QGridLayout& grid, const QString& title, const char* name)
{
    auto* label = new QLabel(title);
    setTone(*label, "dim");
    auto* value = new ValueLabel;
    value->setObjectName(QLatin1String(name));
    value->setMinimumWidth(150);
    const int row = grid.rowCount();
    grid.addWidget(label, row, 0);
    grid.addWidget(value, row, 1);
    return value;
}

void ControlFacts::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 16);
    m_title = new QLabel;
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    m_body = new QWidget;
    column->addWidget(m_body);
    buildAxisFacts(*column);
    column->addStretch();
    auto* grid = gridOn(*m_body);
    m_label = new QLineEdit;
    m_label->setObjectName(QStringLiteral("label"));
    m_label->setAccessibleName(tr("Name of the control"));
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("kind"));
    m_kind->setAccessibleName(tr("How the control behaves"));
    const auto addField = [&](const QString& title, QWidget* field) {
        auto* label = new QLabel(title);
        setTone(*label, "dim");
        const int row = grid->rowCount();
        grid->addWidget(label, row, 0);
        grid->addWidget(field, row, 1);
    };
    addField(tr("Name"), m_label);
    addField(tr("Behaves"), m_kind);
    m_value = addRow(*grid, tr("Value"), "value");
    m_raw = addRow(*grid, tr("Raw count"), "raw");
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
    m_axisFacts = new QWidget;
    auto* grid = gridOn(*m_axisFacts);
    m_range = addRow(*grid, tr("Range seen"), "range");
    m_rest = addRow(*grid, tr("Rests at"), "rest");
    m_noise = addRow(*grid, tr("Noise at rest"), "noise");
    m_spikes = addRow(*grid, tr("Spikes"), "spikes");
    auto* dwells = new QLabel(tr("Dwells"));
    setTone(*dwells, "dim");
    m_track = new AxisTrack(true);
    m_track->setObjectName(QStringLiteral("dwell"));
    m_track->setAccessibleName(tr("Where the axis dwelt since it was selected"));
    grid->addWidget(dwells, grid->rowCount(), 0, Qt::AlignBottom);
    grid->addWidget(m_track, grid->rowCount() - 1, 1);
    m_calibrate = new QPushButton;
    m_calibrate->setObjectName(QStringLiteral("calibrate"));
    connect(m_calibrate, &QPushButton::clicked, this, [this] {
        if (m_studio.selected()) Q_EMIT calibrationWanted(m_studio.selected()->controller);
    });
    grid->addWidget(m_calibrate, grid->rowCount(), 0, 1, 2);
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
