// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/stage_stack.h"

#include "app/models/axis_strand.h"
#include "app/shape/wheel_field.h"
#include "app/shape/when_field.h"
#include "app/strands/stage_editor.h"
#include "app/strands/stage_finds.h"
#include "app/strands/stage_words.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "app/widgets/card.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"

#include <QHBoxLayout>
#include <QPointer>
#include <QPushButton>
#include <QToolButton>
#include <algorithm>

namespace jolly::app
{

namespace
{

bool isWheel(const Tangle& tangle, const Strand& strand)
{
    const auto* controller = findController(tangle, strand.source.controller);
    const auto* axis = axisOf(tangle, strand);
    return controller && controller->kind == ControllerKind::Wheel && axis &&
           axis->sides == Sides::Two;
}

}  // namespace

StageStack::StageStack(Edits& edits, Selection& selection, QWidget* parent)
    : ScrollColumn("stages", 8, parent), m_edits(edits), m_selection(selection)
{
}

const Strand* StageStack::strand() const
{
    return findStrand(m_edits.tangle(), m_strand);
}

bool StageStack::fits(const Strand& strand) const
{
    if (strand.stages.size() != m_cards.size()) return false;
    const auto signals = signalsOf(m_edits.tangle(), strand);
    for (std::size_t i = 0; i < m_cards.size(); ++i) {
        const auto& stage = strand.stages[i];
        const auto& card = m_cards[i];
        if (card.kind != stage.parameters.index() || card.isOn != stage.isOn ||
            card.input.sides != signals[i].sides)
            return false;
    }
    return true;
}

void StageStack::show(const std::string& id)
{
    const auto before = std::exchange(m_strand, id);
    const auto* now = strand();
    const bool isItsOwn = now && !before.empty() && now->insteadOf == before;
    const bool isOther = id != before && !isItsOwn;
    if (isOther || !now || !fits(*now)) return rebuild(now ? *now : Strand{});
    for (std::size_t i = 0; i < m_cards.size(); ++i) {
        m_cards[i].editor->follow(id);
        m_cards[i].editor->refresh(now->stages[i]);
        m_cards[i].when->show(now->stages[i].when);
    }
    if (m_wheel) m_wheel->follow(id);
}

void StageStack::rebuild(const Strand& strand)
{
    clearLayout(column());
    m_cards.clear();
    m_wheel = nullptr;
    m_calibrated = nullptr;
    if (!strand.id.empty()) {
        addCalibrated(strand);
        const auto signals = signalsOf(m_edits.tangle(), strand);
        for (std::size_t i = 0; i < strand.stages.size(); ++i) addCard(strand, i, {signals[i], {}});
        addButton();
    }
    column().addStretch();
}

void StageStack::addCalibrated(const Strand& strand)
{
    const auto* axis = axisOf(m_edits.tangle(), strand);
    if (!axis) return;
    auto* card = new Card;
    auto* inner = new QVBoxLayout(card);
    inner->setContentsMargins(12, 8, 12, 8);
    inner->setSpacing(2);
    auto* title = new QLabel(tr("Calibrated"), card);
    title->setFont(textFont(TextSize::Normal, true));
    const auto& c = axis->calibration;
    auto words = tr("raw %1 … %2").arg(c.low).arg(c.high);
    if (axis->sides == Sides::Two) words += tr(", rest %1").arg(c.centre);
    if (c.noise > 0) words += tr(", noise %1").arg(c.noise);
    auto* facts = new ElidedLabel(words, card);
    setTone(*facts, "dim");
    inner->addWidget(title);
    inner->addWidget(facts);
    m_calibrated = new FactLine(-1);
    inner->addWidget(m_calibrated);
    if (isWheel(m_edits.tangle(), strand)) {
        m_wheel = new WheelField(m_edits, strand.id);
        inner->addWidget(m_wheel);
    }
    column().addWidget(card);
}

void StageStack::addHead(QVBoxLayout& column, const Stage& stage, std::size_t place,
                         std::size_t count)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(1);
    auto* title =
        new ElidedLabel(stage.isOn ? titleOf(stage) : tr("%1 (off)").arg(titleOf(stage)), this);
    title->setFont(textFont(TextSize::Normal, true));
    title->setToolTip(sentenceOf(stage));
    row->addWidget(title);
    row->addStretch();
    const auto add = [&](const QString& sign, const QString& words, bool isEnabled,
                         const std::function<void()>& deed) {
        QAbstractButton* button = nullptr;
        if (sign.size() == 1) {
            button = new QToolButton;
            button->setFixedWidth(22);
        } else {
            button = new Elided<QToolButton>;
        }
        button->setText(sign);
        button->setToolTip(words);
        button->setObjectName(QStringLiteral("%1 %2").arg(words).arg(place));
        button->setAccessibleName(words);
        button->setEnabled(isEnabled);
        button->setProperty("tone", "plain");
        connect(button, &QAbstractButton::clicked, this, deed, Qt::QueuedConnection);
        row->addWidget(button);
    };
    auto* when = new ElidedButton;
    when->setMinimumWidth(44);
    when->setObjectName(QStringLiteral("when %1").arg(place));
    row->addWidget(when);
    m_cards.back().whenButton = when;
    const auto swapWith = [this, place](std::size_t other) {
        edit(tr("move stage"), [&](Strand& s) { std::swap(s.stages[place], s.stages[other]); });
    };
    add(QStringLiteral("↑"), tr("earlier"), place > 0, [=] { swapWith(place - 1); });
    add(QStringLiteral("↓"), tr("later"), place + 1 < count, [=] { swapWith(place + 1); });
    add(stage.isOn ? tr("on") : tr("off"), stage.isOn ? tr("switch off") : tr("switch on"), true,
        [this, place] {
            edit(tr("switch stage"),
                 [&](Strand& s) { s.stages[place].isOn = !s.stages[place].isOn; });
        });
    add(QStringLiteral("×"), tr("remove"), true, [this, place] {
        m_edits.apply({tr("remove stage")},
                      [&](Tangle& tangle) { removeStage(tangle, m_strand, place); });
    });
    column.addLayout(row);
}

void StageStack::addCard(const Strand& strand, std::size_t place, const StageInput& input)
{
    const auto& stage = strand.stages[place];
    auto* card = new Card;
    card->setObjectName(QStringLiteral("stage card %1").arg(place));
    card->setDashed(!stage.isOn);
    m_cards.push_back(
        {.card = card, .kind = stage.parameters.index(), .isOn = stage.isOn, .input = input});
    auto* inner = new QVBoxLayout(card);
    inner->setContentsMargins(12, 6, 8, 8);
    inner->setSpacing(4);
    addHead(*inner, stage, place, strand.stages.size());
    auto& mine = m_cards.back();
    mine.editor = new StageEditor(m_edits, m_selection, strand.id, place, input,
                                  StageEditor::Points::Numbers);
    inner->addWidget(mine.editor);
    mine.fact = new FactLine(static_cast<int>(place));
    inner->addWidget(mine.fact);
    mine.when = new WhenField(m_edits, m_selection, *mine.whenButton);
    inner->addWidget(mine.when);
    mine.when->show(stage.when);
    connect(mine.when, &WhenField::changed, this, [this, place](const std::optional<When>& when) {
        edit(tr("when a stage works"), [&](Strand& s) { s.stages[place].when = when; });
    });
    column().addWidget(card);
}

void StageStack::addButton()
{
    auto* add = new QPushButton(tr("+ stage…"));
    add->setObjectName(QStringLiteral("add stage"));
    connect(add, &QPushButton::clicked, this, [this] {
        if (!strand()) return;
        openStages(*window(), m_edits.tangle(), *strand(),
                   [stack = QPointer(this)](const StageParameters& stage) {
                       if (stack) stack->add(stage);
                   });
    });
    column().addWidget(add, 0, Qt::AlignLeft);
}

void StageStack::add(const StageParameters& stage)
{
    m_edits.apply({tr("add %1").arg(nameOf(Stage{stage}))},
                  [&](Tangle& tangle) { jolly::addStage(tangle, m_strand, stage); });
}

void StageStack::edit(const QString& step, const std::function<void(Strand&)>& change)
{
    m_edits.apply({step, m_strand}, change);
}

void StageStack::mark(int stage)
{
    for (std::size_t i = 0; i < m_cards.size(); ++i)
        m_cards[i].card->setMarked(static_cast<int>(i) == stage);
    if (stage >= 0 && static_cast<std::size_t>(stage) < m_cards.size())
        ensureWidgetVisible(m_cards[static_cast<std::size_t>(stage)].card, 0, 10);
}

void StageStack::setFact(int stage, const StageFact& fact)
{
    auto* line = stage < 0 ? m_calibrated
                 : static_cast<std::size_t>(stage) < m_cards.size()
                     ? m_cards[static_cast<std::size_t>(stage)].fact
                     : nullptr;
    if (line) line->show(fact);
}

void StageStack::showInputs(const Rehearsal& rehearsal)
{
    const auto count = std::ranges::count(m_cards, true, &StageCard::isOn);
    if (std::cmp_not_equal(count, rehearsal.strand().stages.count)) return;  // another one is tried
    auto in = rehearsal.in();
    std::size_t working = 0;
    for (const auto& card : m_cards) {
        const auto before = in;
        if (card.isOn) in = rehearsal.behind(working++);
        card.editor->setDot(before.x, in.x);
    }
}

}  // namespace jolly::app
