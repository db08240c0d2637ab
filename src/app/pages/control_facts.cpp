// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/control_facts.h"

#include "app/style/theme.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QGridLayout>
#include <QSignalBlocker>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr std::size_t kRecent = 60;

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
    column->addStretch();
    auto* grid = new QGridLayout(m_body);
    grid->setContentsMargins(0, 8, 0, 0);
    grid->setVerticalSpacing(9);
    grid->setHorizontalSpacing(14);
    grid->setColumnStretch(1, 1);
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
    m_range = addRow(*grid, tr("Range seen"), "range");
    m_noise = addRow(*grid, tr("Noise at rest"), "noise");
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
    m_title->setText(controller ? QString::fromStdString(controller->rig.alias) +
                                      QStringLiteral(" · ") + m_studio.nameOf(*ref)
                                : tr("Move a control to see all about it here."));
    if (!controller) return;
    const auto& control = *findControl(controller->rig, ref->code);
    if (m_watched != ref) {
        m_seen.reset();
        m_recent.clear();
        m_watched = ref;
    }
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

void ControlFacts::watch(std::int32_t raw, std::uint64_t moves)
{
    if (!m_seen) m_seen = {raw, raw};
    m_seen = {std::min(m_seen->first, raw), std::max(m_seen->second, raw)};
    if (moves == m_moves) return;
    m_moves = moves;
    m_recent.push_back(raw);
    if (m_recent.size() > kRecent) m_recent.erase(m_recent.begin());
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
        for (auto* label : {m_raw, m_range, m_noise}) label->setText(tr("away"));
        m_value->setText(tr("away"));
        return;
    }
    const auto& live = m_studio.values().slots[static_cast<std::size_t>(slot)];
    watch(live.raw.x, live.moves);
    m_value->setText(isAxis ? percentText(value.x, control.sides == Sides::Two)
                            : (value.isPressed() ? tr("pressed") : tr("released")));
    if (control.kind == ControlKind::Hat)
        m_value->setText(QStringLiteral("%1, %2").arg(value.x).arg(value.y));
    m_raw->setText(QString::number(live.raw.x));
    m_range->setText(QStringLiteral("%1 … %2").arg(m_seen->first).arg(m_seen->second));
    const auto [low, high] =
        m_recent.empty() ? std::pair(0, 0)
                         : std::pair(std::ranges::min(m_recent), std::ranges::max(m_recent));
    const double travel =
        std::max(1.0, static_cast<double>(control.calibration.high) - control.calibration.low);
    const bool isResting = (high - low) / travel < 0.02;
    m_noise->setText(!isAxis
                         ? tr("none")
                         : (isResting ? tr("%1 counts").arg(high - low) : tr("let go to see it")));
}

}  // namespace jolly::app
