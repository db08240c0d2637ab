// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/layers_page.h"

#include "app/pages/column_plan.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

constexpr int kWidestStack = 1100;
constexpr int kNarrow = 1060;  ///< narrower pages have two columns
constexpr int kFolded = 300;

}  // namespace

LayersPage::LayersPage(Studio& studio, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_choice(studio.edits(), studio.selection()),
      m_left(new QVBoxLayout),
      m_stack(new StackList(studio.edits(), studio.selection())),
      m_middle(new ScrollColumn("middle", kGap)),
      m_plate(new MeaningPlate(studio.edits(), studio.selection())),
      m_across(new AcrossCard(studio.edits(), studio.selection())),
      m_strands(new QVBoxLayout),
      m_right(new ScrollColumn("right", kGap)),
      m_editor(new LayerEditor(studio.edits(), studio.selection())),
      m_family(new FamilyCard(studio.edits()))
{
    setObjectName(QStringLiteral("layers"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 6, 10);
    row->setSpacing(12);
    m_middle->setMaximumWidth(kWidestStack);
    for (QWidget* part : {static_cast<QWidget*>(m_stack), static_cast<QWidget*>(m_middle),
                          static_cast<QWidget*>(m_right)})
        part->setProperty("part", true);  // for F6
    m_strands->setSpacing(kGap);
    m_middle->column().addWidget(m_plate);
    m_middle->column().addWidget(m_across);
    m_middle->column().addLayout(m_strands);
    m_middle->column().addStretch();
    m_right->column().addWidget(m_editor);
    m_right->column().addWidget(m_family);
    m_right->column().addStretch();
    m_left->setSpacing(kGap);
    m_left->addWidget(m_stack, 1);
    row->addLayout(m_left);
    row->addWidget(m_middle, 1);
    row->addWidget(m_right);
    connect(m_family, &FamilyCard::libraryWanted, this, &LayersPage::libraryWanted);
    connect(&studio.edits(), &Edits::settled, this, &LayersPage::rebuild);
    connect(&studio.selection(), &Selection::selectionChanged, this, &LayersPage::showSelection);
    connect(&studio.feed(), &LiveFeed::moved, this, &LayersPage::showValues);
    connect(&studio.stance(), &Stance::shownChanged, this, &LayersPage::showLamps);
}

void LayersPage::rebuild()
{
    if (!isVisible()) return;  // showEvent() makes up for it
    m_stack->rebuild();
    m_plate->rebuild();
    m_across->rebuild();
    m_editor->rebuild();
    m_family->rebuild();
    rebuildStrands();
}

void LayersPage::showLamps()
{
    if (!isVisible()) return;
    m_stack->showLamps();
    m_plate->rebuild();
    m_across->rebuild();
}

void LayersPage::showSelection()
{
    if (!isVisible()) return;
    m_plate->rebuild();
    m_across->rebuild();
    rebuildStrands();
}

void LayersPage::showValues()
{
    if (!isVisible()) return;
    m_plate->showValues();
    for (auto* card : m_cards) card->showValues();
}

/// The strands of the chosen control in the chosen layer, to be edited in place.
void LayersPage::rebuildStrands()
{
    const auto& selected = m_studio.selection().selected();
    const auto& footing = m_studio.stance().footing();
    std::vector<const Strand*> strands;
    if (selected) strands = m_studio.stance().strandsFrom(*selected);
    std::erase_if(strands, [&](const Strand* strand) { return strand->layer != footing.layer; });
    const bool fit = !strands.empty() &&
                     std::ranges::equal(strands, m_cards, [](const Strand* s, const StrandCard* c) {
                         return c->fits(*s);
                     });
    if (fit) {
        for (std::size_t i = 0; i < strands.size(); ++i) m_cards[i]->refresh(*strands[i]);
        return;
    }
    clearLayout(*m_strands);
    m_cards.clear();
    for (const auto* strand : strands) {
        m_cards.push_back(
            new StrandCard(m_studio.weaver(), m_studio.preflight(), m_choice, *strand));
        m_strands->addWidget(m_cards.back());
    }
    if (strands.empty() && selected && m_studio.feed().controllerOf(*selected))
        addInvitation(*selected);
    showValues();
}

/// Where the layer has nothing for the control: what it could have.
void LayersPage::addInvitation(const Source& control)
{
    auto* card = new Card;
    card->setDashed(true);
    auto* column = new QVBoxLayout(card);
    column->setContentsMargins(14, 10, 14, 12);
    const auto layer = m_studio.stance().layerName();
    auto* words = new QLabel(tr("%1 has nothing for %2: what is beneath shows through.")
                                 .arg(layer, m_studio.feed().nameOf(control)));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* row = new WrapLayout(6);
    auto* lead = new QPushButton(tr("Lead it to the next free one"));
    lead->setObjectName(QStringLiteral("next free"));
    connect(lead, &QPushButton::clicked, &m_studio.weaver(), &Weaver::leadToNextFree,
            Qt::QueuedConnection);
    auto* silence = new QPushButton(tr("Silence it here"));
    silence->setObjectName(QStringLiteral("silence"));
    connect(silence, &QPushButton::clicked, &m_studio.weaver(), &Weaver::silence,
            Qt::QueuedConnection);
    row->addWidget(lead);
    row->addWidget(silence);
    row->addStretch();
    column->addLayout(row);
    m_strands->addWidget(card);
}

/// A narrow window has two columns: the right one folds under the stack.
void LayersPage::divide()
{
    const bool isNarrow = width() < kNarrow;
    m_stack->setFixedWidth(isNarrow ? kFolded : sideWidth(width(), 216, 262, 360));
    m_right->setFixedWidth(isNarrow ? kFolded : sideWidth(width(), 268, 300, 460));
    const bool isFolded = m_left->indexOf(m_right) >= 0;
    if (isFolded == isNarrow) return;
    if (isNarrow) {
        m_left->addWidget(m_right, 1);
    } else {
        m_left->removeWidget(m_right);
        static_cast<QHBoxLayout*>(layout())->addWidget(m_right);
    }
}

void LayersPage::resizeEvent(QResizeEvent*)
{
    divide();
}

void LayersPage::showEvent(QShowEvent*)
{
    rebuild();
}

}  // namespace jolly::app
