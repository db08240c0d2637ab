// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/craft/craft_compare.h"

#include "app/style/qt_text.h"

#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "core/layers/family.h"
#include "core/tangle/lookup.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

constexpr int kArrows = 66;  ///< the room between both sides

}  // namespace

CraftCompare::CraftCompare(Edits& edits, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_other(new QComboBox(this)),
      m_all(new QCheckBox(tr("also what is the same"), this)),
      m_count(new QLabel(this)),
      m_first(new ElidedLabel(this)),
      m_second(new ElidedLabel(this)),
      m_rows(new ScrollColumn("compared rows", 2, this))
{
    setObjectName(QStringLiteral("craft compare"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 10, 12);
    column->setSpacing(7);
    auto* row = new QHBoxLayout;
    auto* words = new QLabel(tr("Beside"), this);
    setTone(*words, "dim");
    m_other->setObjectName(QStringLiteral("other craft"));
    m_other->setAccessibleName(tr("The craft to compare with"));
    m_all->setObjectName(QStringLiteral("same too"));
    row->addWidget(words);
    row->addWidget(m_other, 1);
    row->addWidget(m_all);
    column->addLayout(row);
    m_count->setObjectName(QStringLiteral("differences"));
    m_count->setFont(textFont(TextSize::Small));
    setTone(*m_count, "dim");
    column->addWidget(m_count);
    auto* heads = new QHBoxLayout;
    for (auto* head : {m_first, m_second}) {
        head->setFont(textFont(TextSize::Normal, true));
        setTone(*head, "straw");
        heads->addWidget(head, 1);
        if (head == m_first) heads->addSpacing(kArrows);
    }
    column->addLayout(heads);
    column->addWidget(m_rows, 1);
    connect(m_other, &QComboBox::activated, this, [this] { fillRows(); });
    connect(m_all, &QCheckBox::toggled, this, [this] { fillRows(); });
}

void CraftCompare::show(const std::string& craft)
{
    m_craft = craft;
    fillChoice();
    fillRows();
}

std::string CraftCompare::other() const
{
    return m_other->currentData().toString().toStdString();
}

/// The other one stays as long as it can; else it is the parent, or the first child.
void CraftCompare::fillChoice()
{
    const auto& tangle = m_edits.tangle();
    const auto before = other();
    const QSignalBlocker quiet(m_other);
    m_other->clear();
    for (const auto& each : craftByFamily(tangle)) {
        if (each.craft->id != m_craft)
            m_other->addItem(toQt(each.craft->name), toQt(each.craft->id));
    }
    const auto* craft = findBy(tangle.craft, &Craft::id, m_craft);
    auto place = before.empty() ? -1 : m_other->findData(toQt(before));
    if (place < 0 && craft) place = m_other->findData(toQt(craft->parent));
    m_other->setCurrentIndex(std::max(place, 0));
}

QString CraftCompare::deeds(const std::vector<const Strand*>& strands) const
{
    QStringList names;
    for (const auto* strand : strands) names << toQt(deedOf(m_edits.tangle(), *strand));
    names.removeAll(QString());
    return names.isEmpty() ? QStringLiteral("–") : names.join(QStringLiteral(", "));
}

void CraftCompare::fillRows()
{
    clearLayout(m_rows->column());
    if (m_other->count() == 0) {
        m_count->setText(tr("There is no other craft yet."));
        return;
    }
    const auto rows = compareCraft(m_edits.tangle(), m_craft, other());
    const auto different = countDifferent(rows);
    m_count->setText(different == 0
                         ? tr("Both do the same with every control.")
                         : tr("%1 of %n meaning(s) differ.", nullptr, static_cast<int>(rows.size()))
                               .arg(different));
    const auto* first = findBy(m_edits.tangle().craft, &Craft::id, m_craft);
    m_first->setText(first ? toQt(first->name) : QString());
    m_second->setText(m_other->currentText());
    for (const auto& row : rows) {
        if (!row.areSame || m_all->isChecked()) addRow(row);
    }
    m_rows->column().addStretch();
}

void CraftCompare::addRow(const Compared& row)
{
    const auto& tangle = m_edits.tangle();
    const auto* controller = findController(tangle, row.source.controller);
    const auto* control = controller ? findControl(*controller, row.source.control) : nullptr;
    const auto& layer = tangle.layers[row.layer];
    auto* line = new QWidget;
    auto* column = new QVBoxLayout(line);
    column->setContentsMargins(0, 3, 0, 3);
    column->setSpacing(1);
    auto* where = new ElidedLabel(line);
    auto words = control ? toQt(say("%1 · %2", controller->alias, nameOf(*controller, *control)))
                         : QString();
    if (layer.id != kBase) words += QStringLiteral(" · ") + toQt(layer.name);
    where->setText(words);
    where->setFont(textFont(TextSize::Small));
    setTone(*where, "dim");
    column->addWidget(where);
    auto* sides = new QHBoxLayout;
    const auto addSide = [&](const std::vector<const Strand*>& strands) {
        auto* side = new ElidedLabel(deeds(strands), line);
        side->setFont(textFont(TextSize::Normal, !row.areSame));
        sides->addWidget(side, 1);
    };
    const auto addArrow = [&](const char* name, const QString& arrow, const std::string& from,
                              const std::string& to) {
        auto* button = new QPushButton(arrow, line);
        button->setObjectName(QLatin1String(name) + QLatin1Char(' ') +
                              toQt(toText(row.source.control)));
        const auto* craft = findBy(tangle.craft, &Craft::id, to);
        button->setAccessibleName(tr("Give it to %1").arg(toQt(craft ? craft->name : to)));
        button->setToolTip(button->accessibleName());
        setTone(*button, "plain");
        connect(
            button, &QPushButton::clicked, this,
            [this, source = row.source, layer = layer.id, from, to] {
                take(source, layer, from, to);
            },
            Qt::QueuedConnection);
        sides->addWidget(button);
    };
    addSide(row.first);
    if (row.areSame) {
        auto* same = new QLabel(QStringLiteral("="), line);
        setTone(*same, "dim");
        sides->addWidget(same);
    } else {
        addArrow("take right", QStringLiteral("→"), m_craft, other());
        addArrow("take left", QStringLiteral("←"), other(), m_craft);
    }
    addSide(row.second);
    column->addLayout(sides);
    m_rows->column().addWidget(line);
}

void CraftCompare::take(const Source& source, const std::string& layer, const std::string& from,
                        const std::string& to)
{
    m_edits.applyToWhole({tr("take over from another craft")}, [&](Tangle& tangle) {
        return takeMeaning(tangle, source, layer, from, to);
    });
}

}  // namespace jolly::app
