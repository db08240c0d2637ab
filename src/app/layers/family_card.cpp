// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/family_card.h"
#include "app/style/qt_text.h"

#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "core/layers/compare.h"
#include "core/layers/family.h"
#include "core/tangle/function_edit.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

FamilyCard::FamilyCard(Edits& edits, QWidget* parent)
    : Card(parent), m_edits(edits), m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("where it comes from"));
    m_column->setContentsMargins(14, 12, 14, 12);
    m_column->setSpacing(4);
}

void FamilyCard::rebuild()
{
    clearLayout(*m_column);
    const auto& tangle = m_edits.tangle();
    const auto& chosen = m_edits.stance().footing().craft;
    auto* title = new QLabel(tr("Where it comes from"), this);
    title->setFont(textFont(TextSize::Normal, true));
    setTone(*title, "title");
    m_column->addWidget(title);
    const auto counts = ownCounts(tangle);
    for (const auto& row : craftByFamily(tangle)) {
        const auto& count = counts[placeOfCraft(tangle, row.craft->id)];
        const auto name = toQt(row.craft->name);
        const auto words = row.craft->parent.empty()
                               ? tr("%n strand(s)", nullptr, static_cast<int>(count.added))
                               : tr("+ %1, changes %2").arg(count.added).arg(count.changed);
        auto* line = new QWidget(this);
        auto* inside = new QHBoxLayout(line);
        inside->setContentsMargins(row.depth * 16, 0, 0, 0);
        auto* button = new ElidedButton(name, line);
        button->setObjectName(QStringLiteral("family ") + name);
        button->setAccessibleName(name + QStringLiteral(", ") + words);
        button->setFont(textFont(TextSize::Normal, row.craft->id == chosen));
        setTone(*button, row.craft->id == chosen ? "plain-straw" : "plain");
        connect(
            button, &QPushButton::clicked, this,
            [this, id = row.craft->id] { m_edits.stance().chooseCraft(id); }, Qt::QueuedConnection);
        auto* facts = new QLabel(words, line);
        facts->setFont(textFont(TextSize::Small));
        setTone(*facts, row.craft->id == chosen ? "straw" : "dim");
        inside->addWidget(button);
        inside->addStretch();
        inside->addWidget(facts);
        m_column->addWidget(line);
    }
    const auto gaps = gapsOf(tangle, chosen);
    if (!gaps.empty()) {
        QStringList names;
        for (const auto& gap : gaps) names << toQt(functionName(tangle, gap));
        auto* words = new QLabel(
            tr("Planned, and nothing does it yet: %1").arg(names.join(QStringLiteral(", "))), this);
        words->setObjectName(QStringLiteral("gaps"));
        words->setWordWrap(true);
        words->setFont(textFont(TextSize::Small));
        setTone(*words, "coral");
        m_column->addWidget(words);
    }
    auto* compare = new ElidedButton(tr("Compare two craft side by side…"), this);
    compare->setObjectName(QStringLiteral("compare craft"));
    setTone(*compare, "plain-straw");
    connect(compare, &QPushButton::clicked, this, &FamilyCard::libraryWanted);
    m_column->addWidget(compare, 0, Qt::AlignLeft);
}

}  // namespace jolly::app
