// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_editor.h"
#include "app/style/qt_text.h"

#include "app/layers/rule_row.h"
#include "app/listen/listen_field.h"
#include "app/style/elided_button.h"
#include "app/style/layer_mark.h"
#include "app/style/quiet_fields.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "core/layers/family.h"
#include "core/layers/layer_edit.h"
#include "core/tangle/lookup.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QVBoxLayout>
#include <set>

namespace jolly::app
{

LayerEditor::LayerEditor(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent), m_edits(edits), m_selection(selection), m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("layer editor"));
    m_column->setContentsMargins(14, 12, 14, 14);
    m_column->setSpacing(7);
}

const Layer* LayerEditor::layer() const
{
    return findBy(m_edits.tangle().layers, &Layer::id, m_edits.stance().footing().layer);
}

void LayerEditor::change(const QString& step, const std::function<void(Layer&)>& how)
{
    m_edits.applyToWhole({step}, [&](Tangle& tangle) {
        if (auto* changed = findBy(tangle.layers, &Layer::id, m_footing.layer)) how(*changed);
    });
}

/// What was typed is of the layer that it was typed for, whichever is shown by then.
void LayerEditor::changeLater(const QString& step, std::function<void(Layer&)> how)
{
    later(this, [this, id = m_footing.layer, step, how = std::move(how)] {
        m_edits.applyToWhole({step}, [&](Tangle& tangle) {
            if (auto* changed = findBy(tangle.layers, &Layer::id, id)) how(*changed);
        });
    });
}

/// Built anew only when what it shows is another.
void LayerEditor::rebuild()
{
    const auto* now = layer();
    if (!now) return;
    const auto& footing = m_edits.stance().footing();
    std::vector<Strand> rules;
    for (const auto& rule : rulesOf(m_edits.tangle(), *now, m_edits.stance().strands())) {
        rules.push_back(*rule.strand);
        for (const auto* other : m_edits.stance().strandsFrom(rule.strand->source))
            rules.push_back(*other);
    }
    if (m_shown == m_edits.tangle().layers && m_rules == rules && m_footing == footing) return;
    if (m_footing.layer != footing.layer) commitTyped(*this);
    m_shown = m_edits.tangle().layers;
    m_rules = std::move(rules);
    m_footing = footing;
    m_place = placeOfLayer(m_edits.tangle(), now->id);
    clearLayout(*m_column);
    addHead(*now, m_place);
    if (now->id == kBase) {
        addWords(
            tr("Base is always engaged. What it has counts wherever no layer above has "
               "anything for a control."));
    } else {
        addRules(*now);
        addNeeds(*now);
        addGroup(*now);
        addCrossing(*now);
    }
    update();
}

void LayerEditor::addWords(const QString& words)
{
    auto* label = new QLabel(words, this);
    label->setWordWrap(true);
    label->setFont(textFont(TextSize::Small));
    setTone(*label, "dim");
    m_column->addWidget(label);
}

void LayerEditor::addHead(const Layer& layer, std::size_t)
{
    auto* name = new QLineEdit(toQt(layer.name), this);
    name->setObjectName(QStringLiteral("layer name"));
    name->setAccessibleName(tr("Name of the layer"));
    name->setFont(textFont(TextSize::Title, true));
    m_nameRow = name->sizeHint().height();
    connect(name, &QLineEdit::editingFinished, this, [this, name] {
        const auto words = name->text().trimmed().toStdString();
        if (words.empty()) return m_edits.messages().refuse(tr("A layer needs a name."));
        changeLater(tr("rename layer"), [words](Layer& changed) { changed.name = words; });
    });
    auto* row = new QHBoxLayout;
    row->addSpacing(24);
    row->addWidget(name);
    m_column->addLayout(row);
}

void LayerEditor::addRules(const Layer& layer)
{
    addWords(tr("Engages"));
    for (const auto& rule : rulesOf(m_edits.tangle(), layer, m_edits.stance().strands()))
        m_column->addWidget(new RuleRow(m_edits, m_selection, layer.id, rule, this));
    auto* more = new ListenField(
        m_selection, m_edits.messages(), [](const DeskController&, const RigControl& control) {
            return control.kind == ControlKind::Button || control.kind == ControlKind::Axis;
        });
    more->setObjectName(QStringLiteral("another rule"));
    more->setText(tr("another control: touch it"));
    connect(
        more, &ListenField::chosen, this,
        [this, id = layer.id](const Source& control) {
            const auto* desk = m_selection.feed().controllerOf(control);
            if (!desk) return;
            std::string rule;
            m_edits.applyToWhole({tr("new rule")}, [&](Tangle& tangle) {
                return keep(engageBy(tangle, desk->rig, control.control, id, Engage::Hold,
                                     m_edits.stance().footing().craft),
                            rule);
            });
        },
        Qt::QueuedConnection);
    m_column->addWidget(more);
}

void LayerEditor::addNeeds(const Layer& layer)
{
    const auto& layers = m_edits.tangle().layers;
    if (layers.size() < 3) return;
    addWords(layer.needs.empty() ? tr("Only while another layer is engaged, too:")
                                 : tr("Only while all of these are engaged, too:"));
    for (const auto& other : layers) {
        if (other.id == layer.id || other.id == kBase) continue;
        auto* needs = new ElidedCheck(toQt(other.name), this);
        needs->setObjectName(QStringLiteral("needs ") + toQt(other.name));
        needs->setChecked(std::ranges::find(layer.needs, other.id) != layer.needs.end());
        connect(
            needs, &QCheckBox::clicked, this,
            [this, id = other.id](bool isNeeded) {
                change(tr("what a layer needs"), [&](Layer& changed) {
                    std::erase(changed.needs, id);
                    if (isNeeded) changed.needs.push_back(id);
                });
            },
            Qt::QueuedConnection);
        m_column->addWidget(needs);
    }
}

void LayerEditor::addGroup(const Layer& layer)
{
    auto* group = new QComboBox(this);
    group->setObjectName(QStringLiteral("group"));
    group->setAccessibleName(tr("Group of which one only is engaged"));
    group->setEditable(true);
    std::set<std::string> groups;
    for (const auto& other : m_edits.tangle().layers) groups.insert(other.group);
    for (const auto& each : groups) group->addItem(toQt(each));
    group->setEditText(toQt(layer.group));
    group->lineEdit()->setPlaceholderText(tr("none: it minds no other"));
    connect(group->lineEdit(), &QLineEdit::editingFinished, this, [this, group] {
        changeLater(tr("group of a layer"), [words = group->currentText().trimmed().toStdString()](
                                                Layer& changed) { changed.group = words; });
    });
    addWords(tr("One only of the group"));
    m_column->addWidget(group);
}

void LayerEditor::addCrossing(const Layer& layer)
{
    auto* crossing = new QComboBox(this);
    crossing->setObjectName(QStringLiteral("crossing"));
    crossing->setAccessibleName(tr("Axes that it takes over"));
    crossing->addItems(
        {tr("Axes jump to where the hand is"), tr("Axes wait until the hand meets them")});
    crossing->setCurrentIndex(static_cast<int>(layer.crossing));
    connect(
        crossing, &QComboBox::activated, this,
        [this](int index) {
            change(tr("how axes go over"),
                   [&](Layer& changed) { changed.crossing = static_cast<Crossing>(index); });
        },
        Qt::QueuedConnection);
    m_column->addWidget(crossing);
    const auto add = [&](const char* name, const QString& words, bool Layer::*flag) {
        auto* box = new ElidedCheck(words, this);
        box->setObjectName(QLatin1String(name));
        box->setChecked(layer.*flag);
        connect(
            box, &QCheckBox::clicked, this,
            [this, flag](bool isOn) {
                change(tr("how a layer goes over"), [&](Layer& l) { l.*flag = isOn; });
            },
            Qt::QueuedConnection);
        m_column->addWidget(box);
    };
    add("tells switches", tr("Switches say their state again"), &Layer::tellsSwitches);
    add("remembers", tr("Latches survive while it is asleep"), &Layer::remembers);
}

void LayerEditor::paintEvent(QPaintEvent* event)
{
    Card::paintEvent(event);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(layerColour(m_place), 1.8));
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), kRadius, kRadius);
    drawLayerMark(painter, {25, m_nameRow / 2.0 + 12}, 10, m_place,
                  m_edits.stance().isEngaged(m_place));
}

}  // namespace jolly::app
