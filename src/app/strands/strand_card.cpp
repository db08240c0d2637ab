// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/strand_card.h"
#include "app/style/qt_text.h"

#include "app/goals/goal.h"
#include "app/strands/origin_bar.h"
#include "app/strands/outlet_rows.h"
#include "app/strands/stage_editor.h"
#include "app/strands/stage_finds.h"
#include "app/strands/stage_plot.h"
#include "app/strands/stage_words.h"
#include "app/style/elided_label.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/weave/weave.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QPointer>
#include <QPushButton>

namespace jolly::app
{

namespace
{

/// The stages that have a button of their own; the others are in a menu.
constexpr std::array<std::string_view, 3> kOnChips = {"dead zone", "curve", "invert"};

const RigControl* sourceOf(const Desk& desk, const Strand& strand)
{
    if (!strand.hasSource()) return nullptr;
    const auto* controller = desk.find(strand.source.controller);
    return controller ? findControl(controller->rig, strand.source.control) : nullptr;
}

/// The layer and the craft in which a strand counts.
QString whereText(const Tangle& tangle, const Strand& strand)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, strand.layer);
    const auto* craft = findBy(tangle.craft, &Craft::id, strand.craft);
    return toQt(layer ? layer->name : strand.layer) + QStringLiteral(" · ") +
           (strand.craft == kEverywhere ? QObject::tr("everywhere")
                                        : toQt(craft ? craft->name : strand.craft));
}

/// Whether a strand shows where a switch stands, whatever its own button says.
bool isSwitch(const Strand& strand)
{
    return std::ranges::any_of(strand.stages, [](const Stage& stage) {
        return stage.isOn && infoOf(stage.parameters).picture == Picture::Positions;
    });
}

}  // namespace

StrandCard::StrandCard(Weaver& weaver, Preflight& preflight, RowChoice& choice,
                       const Strand& strand, QWidget* parent)
    : Card(parent),
      m_weaver(weaver),
      m_preflight(preflight),
      m_choice(choice),
      m_id(strand.id),
      m_trace(weaver.selection().feed())
{
    setObjectName(toQt(strand.id));
    setMarked(true);
    build(strand);
    refresh(strand);
}

bool StrandCard::fits(const Strand& strand) const
{
    const auto isSameKind = [](const Stage& a, const Stage& b) {
        return a.parameters.index() == b.parameters.index();
    };
    const bool isIt = strand.id == m_id || strand.insteadOf == m_id;
    return isIt && strand.source == m_shown.source && strand.layer == m_shown.layer &&
           std::ranges::equal(strand.stages, m_shown.stages, isSameKind) && m_outlets->fits(strand);
}

void StrandCard::build(const Strand& strand)
{
    if (const auto* control = sourceOf(m_weaver.selection().feed().desk(), strand))
        m_kind = control->kind;
    m_shown = strand;
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 12);
    column->setSpacing(8);
    buildHead(strand, *column);
    buildStages(strand, *column);
    buildLamp(*column);
    m_outlets = new OutletRows(m_weaver, m_choice, strand, this);
    column->addWidget(m_outlets);
    buildChips(*column);
    m_editorPlace = new QWidget(this);
    new QVBoxLayout(m_editorPlace);
    m_editorPlace->layout()->setContentsMargins(0, 0, 0, 0);
    m_editorPlace->hide();
    column->addWidget(m_editorPlace);
}

void StrandCard::buildHead(const Strand& strand, QVBoxLayout& column)
{
    auto* row = new QHBoxLayout;
    m_name = new ElidedLabel(this);
    m_name->setFont(textFont(TextSize::Normal, true));
    setTone(*m_name, "title");
    m_target = new ElidedLabel(this);
    setTone(*m_target, "dim");
    m_where = new ElidedLabel(whereText(m_weaver.edits().tangle(), strand), this);
    m_where->setObjectName(QStringLiteral("layer and craft"));
    m_where->setFont(textFont(TextSize::Small, true));
    row->addWidget(m_name);
    row->addWidget(m_target, 1);
    row->addWidget(m_where);
    column.addLayout(row);
    m_origin = new OriginBar(m_weaver.edits(), this);
    column.addWidget(m_origin);
    m_note = new QLabel(this);
    m_note->setWordWrap(true);
    setTone(*m_note, "dim");
    column.addWidget(m_note);
    m_clash = new QLabel(this);
    m_clash->setWordWrap(true);
    setTone(*m_clash, "coral");
    column.addWidget(m_clash);
}

StrandCard::StageBox StrandCard::makeBox(std::size_t stage)
{
    StageBox box;
    box.card = new Card(this);
    box.card->setObjectName(QStringLiteral("stage %1").arg(stage));
    box.card->setFocusPolicy(Qt::StrongFocus);
    box.card->setCursor(Qt::PointingHandCursor);
    box.card->installEventFilter(this);
    auto* column = new QVBoxLayout(box.card);
    column->setContentsMargins(8, 6, 8, 6);
    column->setSpacing(4);
    box.title = new QLabel(box.card);
    box.title->setFont(textFont(TextSize::Small, true));
    box.plot = new StagePlot(box.card);
    box.summary = new ElidedLabel(box.card);
    box.summary->setFont(textFont(TextSize::Small));
    setTone(*box.summary, "dim");
    for (QWidget* widget : {static_cast<QWidget*>(box.title), static_cast<QWidget*>(box.plot),
                            static_cast<QWidget*>(box.summary)}) {
        column->addWidget(widget);
        widget->setAttribute(Qt::WA_TransparentForMouseEvents);
    }
    return box;
}

void StrandCard::buildStages(const Strand& strand, QVBoxLayout& column)
{
    constexpr int kInARow = 3;
    auto* grid = new QGridLayout;
    grid->setSpacing(8);
    for (int i = 0; i < kInARow; ++i) grid->setColumnStretch(i, 1);
    for (std::size_t i = 0; i < strand.stages.size(); ++i) {
        m_boxes.push_back(makeBox(i));
        const int row = static_cast<int>(i) / kInARow * 2;
        grid->addWidget(m_boxes.back().card, row, static_cast<int>(i) % kInARow);
        m_boxes.back().value = new ValueLabel(this);
        m_boxes.back().value->setFont(textFont(TextSize::Small));
        grid->addWidget(m_boxes.back().value, row + 1, static_cast<int>(i) % kInARow);
    }
    column.addLayout(grid);
}

void StrandCard::buildLamp(QVBoxLayout& column)
{
    auto* row = new QHBoxLayout;
    m_in = new ValueLabel(this);
    m_in->setMinimumWidth(104);
    m_in->setColour(&Palette::dim);
    m_out = new ValueLabel(this);
    m_out->setObjectName(QStringLiteral("out"));
    m_out->setMinimumWidth(104);
    m_out->setAlignment(Qt::AlignRight);
    m_out->setFont(textFont(TextSize::Normal, true));
    m_out->setColour(&Palette::straw);
    row->addWidget(m_in);
    row->addStretch();
    row->addWidget(m_out);
    column.addLayout(row);
}

int StrandCard::rowOf(const std::string& outlet) const
{
    constexpr int kHead = 24;
    const int place = m_outlets->placeOf(outlet);
    return place < 0 ? kHead : m_outlets->y() + place;
}

void StrandCard::buildChips(QVBoxLayout& column)
{
    auto* row = new WrapLayout(6);
    bool hasOthers = false;
    StageList::forEach([&](const auto& kind) {
        const auto& info = kind.kInfo;
        if (!isUseful(m_weaver.edits().tangle(), m_shown, kind)) return;
        const bool isUsual = std::ranges::find(kOnChips, info.name.english()) != kOnChips.end();
        hasOthers = hasOthers || !isUsual;
        if (!isUsual) return;
        const auto name = toQt(info.name);
        auto* chip = new QPushButton(QStringLiteral("+ ") + name, this);
        chip->setObjectName(QStringLiteral("add ") + name);
        chip->setToolTip(toQt(info.sentence));
        connect(chip, &QPushButton::clicked, this, [this, kind] { addStage(kind); });
        row->addWidget(chip);
    });
    if (hasOthers) {
        auto* stages = new QPushButton(tr("+ stage…"), this);
        stages->setObjectName(QStringLiteral("add stage"));
        connect(stages, &QPushButton::clicked, this, [this] {
            openStages(*window(), m_weaver.edits().tangle(), m_shown,
                       [card = QPointer(this)](const StageParameters& stage) {
                           if (card) card->addStage(stage);
                       });
        });
        row->addWidget(stages);
    }
    row->addStretch();
    auto* more = new QPushButton(tr("more…"), this);
    more->setObjectName(QStringLiteral("more"));
    more->setMenu(makeMenu());
    row->addWidget(more);
    column.addLayout(row);
}

void StrandCard::edit(const QString& name, const std::function<void(Tangle&, Strand&)>& change)
{
    m_weaver.edits().apply({name, m_id}, change);
}

void StrandCard::addStage(StageParameters parameters)
{
    const auto place = placeFor(m_weaver.edits().tangle(), m_shown, parameters);
    const auto gets = signalsOf(m_weaver.edits().tangle(), m_shown)[place];
    const bool turns = signalAfter(parameters, gets).kind != gets.kind;
    m_openStage = turns ? -1 : static_cast<int>(place);
    edit(tr("add %1").arg(toQt(infoOf(parameters).name)),
         [&](Tangle& tangle, Strand&) { jolly::addStage(tangle, m_id, parameters); });
}

void StrandCard::removeStage(std::size_t stage)
{
    m_openStage = -1;
    edit(tr("remove %1").arg(toQt(infoOf(m_shown.stages[stage].parameters).name)),
         [&](Tangle& tangle, Strand&) { jolly::removeStage(tangle, m_id, stage); });
}

void StrandCard::moveStage(std::size_t stage, int by)
{
    const auto to = stage + static_cast<std::size_t>(by);  // wraps far above below 0
    if (to >= m_shown.stages.size()) return;
    m_openStage = static_cast<int>(to);
    edit(tr("move stage"),
         [&](Tangle&, Strand& strand) { std::swap(strand.stages[stage], strand.stages[to]); });
}

QString StrandCard::targetText(const Strand& strand) const
{
    QStringList targets;
    for (const auto& end : strand.ends) {
        const auto goal = goalText(m_weaver.edits().tangle(), end.goal);
        targets << (end.part == Part::Whole   ? goal
                    : end.part == Part::Upper ? tr("upper half of %1").arg(goal)
                                              : tr("lower half of %1").arg(goal));
    }
    return targets.join(QStringLiteral(", "));
}

QString StrandCard::clashText(const Strand& strand) const
{
    const auto index = &strand - m_weaver.edits().tangle().strands.data();
    const auto path = "/strands/" + std::to_string(index);
    QStringList sentences;
    for (const auto& problem : m_preflight.problems()) {
        const bool isHere = problem.path == path || problem.path.starts_with(path + "/");
        if (isHere) sentences << toQt(oneAfterOther(problem.sentence, problem.cure));
    }
    return sentences.join(QLatin1Char('\n'));
}

/// What is of another layer or inherited is drawn as such.
void StrandCard::showWhere()
{
    const auto& footing = m_weaver.edits().stance().footing();
    const bool isOurs = m_shown.layer == footing.layer && m_shown.craft == footing.craft;
    m_where->setText(whereText(m_weaver.edits().tangle(), m_shown));
    setTone(*m_where, isOurs ? "straw" : "dim");
    setMarked(m_shown.isOn && isOurs);
    m_origin->show(m_shown);
}

void StrandCard::refresh(const Strand& strand)
{
    m_shown = strand;
    m_id = strand.id;
    setObjectName(toQt(m_id));
    showWhere();
    m_trace.follow(m_weaver.edits().tangle(), m_id);
    setDashed(!strand.isOn);
    m_name->setText(toQt(strand.name.empty() ? strand.id : strand.name) +
                    (strand.isOn ? QString() : tr(" (off)")));
    m_target->setText(m_outlets->isEmpty() ? QStringLiteral("→ ") + targetText(strand) : QString());
    m_outlets->show(strand);
    const auto signals = signalsOf(m_weaver.edits().tangle(), strand);
    const auto* live = findStrand(m_weaver.edits().tangle(), m_id);
    const auto clash = live ? clashText(*live) : QString();
    m_clash->setText(clash);
    m_clash->setVisible(!clash.isEmpty());
    m_note->setText(toQt(strand.note));
    m_note->setVisible(!strand.note.empty());
    for (std::size_t i = 0; i < m_boxes.size(); ++i) {
        const auto& stage = strand.stages[i];
        m_boxes[i].title->setText(titleOf(stage));
        m_boxes[i].card->setAccessibleName(
            tr("Stage %1: %2, %3").arg(i + 1).arg(m_boxes[i].title->text(), summaryOf(stage)));
        m_boxes[i].summary->setText(summaryOf(stage));
        m_boxes[i].plot->setVisible(signals[i].kind == ControlKind::Axis);
        m_boxes[i].plot->setStage(stage, {signals[i]});
        m_boxes[i].value->setVisible(!forks(stage.parameters));  // its outlets have rows
    }
    if (m_editor && m_openStage >= 0 &&
        static_cast<std::size_t>(m_openStage) < strand.stages.size()) {
        m_editor->follow(m_id);
        m_editor->refresh(strand.stages[static_cast<std::size_t>(m_openStage)]);
    }
}

void StrandCard::showValues()
{
    m_trace.takeMoves();
    if (!m_trace.isThere()) {
        m_in->setText({});
        for (auto& box : m_boxes) box.value->setText({});
        m_out->setText(tr("nothing comes out"));
        return;
    }
    const auto& rehearsal = m_trace.rehearsal();
    const auto signals = signalsOf(m_weaver.edits().tangle(), m_shown);
    auto in = rehearsal.in();
    m_in->setText(tr("in: %1").arg(valueText(in, signals.front())));
    m_in->setVisible(!isSwitch(m_shown));
    std::size_t working = 0;  // of the stages, those that are switched on
    for (std::size_t i = 0; i < m_shown.stages.size(); ++i) {
        const auto before = in;
        if (m_shown.stages[i].isOn) in = rehearsal.behind(working++);
        m_boxes[i].plot->setDot(before.x, in.x);
        m_boxes[i].value->setText(valueText(in, signals[i + 1]));
        if (m_editor && m_openStage == static_cast<int>(i)) m_editor->setDot(before.x, in.x);
    }
    const auto out = valueText(in, signals.back());
    const bool sleeps = m_shown.isOn && !m_weaver.edits().stance().acts(m_shown);
    m_out->setText(!m_outlets->isEmpty() ? (sleeps ? tr("asleep") : QString())
                   : sleeps              ? tr("asleep; would be %1").arg(out)
                                         : tr("out: %1").arg(out));
    m_out->setColour(sleeps ? &Palette::dim : &Palette::straw);
    m_outlets->showValues(sleeps ? std::span<const Value>() : rehearsal.outlets());
}

/// What moves while it is hidden is not seen.
void StrandCard::hideEvent(QHideEvent* event)
{
    Card::hideEvent(event);
    m_trace.forget();
}

}  // namespace jolly::app
