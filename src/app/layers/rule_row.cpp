// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/rule_row.h"
#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"
#include "app/style/elided_button.h"
#include "app/style/theme.h"
#include "core/layers/layer_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

RuleRow::RuleRow(Edits& edits, Selection& selection, const std::string& layer,
                 const EngageRule& rule, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_selection(selection),
      m_layer(layer),
      m_strand(rule.strand->id)
{
    const auto& tangle = edits.tangle();
    const auto* controller = findController(tangle, rule.strand->source.controller);
    const auto* control = findControl(tangle, rule.strand->source);
    const bool isPush = control && control->kind == ControlKind::Button;
    const auto kind = control ? control->kind : ControlKind::Button;
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    auto* way = new QComboBox(this);
    way->setObjectName(QStringLiteral("engages"));
    way->setAccessibleName(tr("How it engages"));
    const bool stays = control && !springsBack(control->buttonKind);
    way->addItem(!isPush ? tr("while the axis is inside a range")
                 : stays ? tr("while the switch stays on")
                         : tr("while the control is held"));
    way->addItem(tr("flips with a press"));
    const auto* of = findBy(tangle.layers, &Layer::id, layer);
    if (of && !of->group.empty()) {
        way->addItem(tr("a press steps on in its group"));
        way->addItem(tr("a press steps back in its group"));
    }
    way->setCurrentIndex(static_cast<int>(rule.engage));
    connect(
        way, &QComboBox::activated, this,
        [this](int index) {
            m_edits.apply({tr("how it engages")}, [&](Tangle& t) {
                setEngage(t, m_strand, m_layer, static_cast<Engage>(index));
            });
        },
        Qt::QueuedConnection);
    column->addWidget(way);
    auto* row = new QHBoxLayout;
    auto* field = new ListenField(
        selection, edits.messages(),
        [kind](const DeskController&, const RigControl& each) { return each.kind == kind; });
    field->setObjectName(QStringLiteral("rule control"));
    field->setText(controller && control ? toQt(say("%1 · %2", controller->alias,
                                                    jolly::nameOf(*controller, *control)))
                                         : tr("a control that is not in the rig"));
    connect(field, &ListenField::chosen, this, &RuleRow::changeControl, Qt::QueuedConnection);
    auto* remove = new QPushButton(tr("remove"), this);
    remove->setObjectName(QStringLiteral("remove rule"));
    setTone(*remove, "plain");
    connect(
        remove, &QPushButton::clicked, this,
        [this] {
            m_edits.apply({tr("remove rule")}, [&](Tangle& t) {
                std::erase_if(t.strands, [&](const Strand& s) { return s.id == m_strand; });
            });
        },
        Qt::QueuedConnection);
    row->addWidget(field, 1);
    row->addWidget(remove);
    column->addLayout(row);
    addTap();
}

/// What else the modifier does: always, or on a short tap only.
void RuleRow::addTap()
{
    const auto& tangle = m_edits.tangle();
    const auto* rule = findStrand(tangle, m_strand);
    if (!rule) return;
    QStringList taps, others;
    for (const auto* strand : m_edits.stance().strandsFrom(rule->source)) {
        if (strand->id == m_strand || strand->layer != rule->layer) continue;
        const bool isTap = std::ranges::any_of(strand->stages, [](const Stage& stage) {
            return infoOf(stage.parameters).name == "tap";
        });
        (isTap ? taps : others) << toQt(deedOf(tangle, *strand));
    }
    auto* column = static_cast<QVBoxLayout*>(layout());
    if (!taps.isEmpty()) {
        auto* words = new QLabel(
            tr("A short tap alone still does: %1").arg(taps.join(QStringLiteral(", "))), this);
        words->setObjectName(QStringLiteral("tap words"));
        words->setWordWrap(true);
        setTone(*words, "dim");
        column->addWidget(words);
    }
    if (others.isEmpty()) return;
    auto* only =
        new ElidedButton(tr("%1 only on a short tap").arg(others.join(QStringLiteral(", "))), this);
    only->setObjectName(QStringLiteral("tap only"));
    only->setToolTip(tr("The control also does that with every press now."));
    connect(
        only, &QPushButton::clicked, this,
        [this] {
            m_edits.apply({tr("only on a short tap")}, [&](Tangle& t) { tapOnly(t, m_strand); });
        },
        Qt::QueuedConnection);
    column->addWidget(only, 0, Qt::AlignLeft);
}

void RuleRow::changeControl(const Source& control)
{
    const auto* desk = m_selection.feed().controllerOf(control);
    if (!desk) return;
    m_edits.apply({tr("another control")}, [&](Tangle& tangle) {
        return beginAt(tangle, m_strand, desk->rig, control.control);
    });
}

}  // namespace jolly::app
