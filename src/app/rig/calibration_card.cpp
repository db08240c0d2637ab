// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/calibration_card.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollArea>
#include <algorithm>

namespace jolly::app
{

namespace
{

using Step = CalibrationWalk::Step;
constexpr Time kLookEvery = std::chrono::milliseconds(200);

QString titleOf(const CalibrationWalk& walk)
{
    static const QString kNames[] = {CalibrationCard::tr("ends"), CalibrationCard::tr("rest"),
                                     CalibrationCard::tr("notches"),
                                     CalibrationCard::tr("verdict")};
    return CalibrationCard::tr("Step %1 of %2 · %3")
        .arg(walk.stepNumber())
        .arg(walk.stepCount())
        .arg(kNames[static_cast<std::size_t>(walk.step())]);
}

QString taskOf(Step step)
{
    switch (step) {
        case Step::Ends:
            return CalibrationCard::tr(
                "Move everything slowly to both of its ends. Each axis ticks itself off.");
        case Step::LetGo:
            return CalibrationCard::tr(
                "Push what springs back well to one side and let go, three times, from different "
                "sides. Pull levers to their idle end, three times. Then take your hands off.");
        case Step::Notches:
            return CalibrationCard::tr(
                "If a lever has notches: put it into one, wait a moment, press Capture. In any "
                "order; the lever you moved last is meant. The same notch again makes it surer.");
        default:
            return CalibrationCard::tr(
                "What is ticked will be set. It is one step of the history: undo takes it back.");
    }
}

}  // namespace

CalibrationCard::CalibrationCard(Edits& edits, LiveFeed& feed, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_feed(feed),
      m_title(new QLabel),
      m_step(new QLabel),
      m_task(new QLabel),
      m_capture(new QPushButton(tr("Capture the notch"))),
      m_leave(new QPushButton(tr("Leave"))),
      m_anew(new QPushButton(tr("Begin anew"))),
      m_reset(new QPushButton(tr("Forget calibration"))),
      m_back(new QPushButton(tr("Back"))),
      m_next(new QPushButton)
{
    setObjectName(QStringLiteral("calibration"));
    build();
}

void CalibrationCard::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 16);
    column->setSpacing(8);
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setWordWrap(true);
    m_step->setObjectName(QStringLiteral("calibration step"));
    setTone(*m_step, "straw");
    m_task->setObjectName(QStringLiteral("calibration task"));
    m_task->setWordWrap(true);
    m_list = new QWidget;
    m_list->setObjectName(QStringLiteral("scrolled"));
    m_rowColumn = new QVBoxLayout(m_list);
    m_rowColumn->setContentsMargins(0, 0, 6, 0);
    m_rowColumn->setSpacing(12);
    m_rowColumn->addStretch();
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    area->setWidget(m_list);
    m_capture->setObjectName(QStringLiteral("capture notch"));
    m_leave->setObjectName(QStringLiteral("leave calibration"));
    m_leave->setToolTip(tr("The walk waits until you go on with it"));
    m_anew->setObjectName(QStringLiteral("calibrate anew"));
    m_reset->setObjectName(QStringLiteral("forget calibration"));
    m_reset->setToolTip(tr("Back to the ends and the rest that the device itself tells"));
    m_back->setObjectName(QStringLiteral("calibration back"));
    m_next->setObjectName(QStringLiteral("calibration next"));
    auto* buttons = new WrapLayout(6);
    buttons->addWidget(m_leave);
    buttons->addWidget(m_reset);
    buttons->addWidget(m_anew);
    buttons->addStretch();
    buttons->addWidget(m_back);
    buttons->addWidget(m_next);
    column->addWidget(m_title);
    column->addWidget(m_step);
    column->addWidget(m_task);
    column->addWidget(m_capture, 0, Qt::AlignLeft);
    column->addWidget(area, 1);
    column->addLayout(buttons);
    connect(m_capture, &QPushButton::clicked, this, &CalibrationCard::capture);
    connect(m_leave, &QPushButton::clicked, this, [this] { leave({}); });
    connect(m_anew, &QPushButton::clicked, this, &CalibrationCard::beginAnew);
    connect(m_reset, &QPushButton::clicked, this, &CalibrationCard::forget);
    connect(m_next, &QPushButton::clicked, this, &CalibrationCard::goOn);
    connect(m_back, &QPushButton::clicked, this, [this] { go(m_walk->previous()); });
}

bool CalibrationCard::isWaiting(const std::string& controller) const
{
    return m_walk && m_isWaiting && m_controller == controller;
}

bool CalibrationCard::begin(const std::string& controller, std::optional<ControlCode> only)
{
    const auto* desk = m_feed.desk().find(controller);
    if (!desk) return false;
    if (isWaiting(controller) && m_only == only && resume(*desk)) return true;
    begin(*desk, only);
    return m_walk.has_value();
}

void CalibrationCard::begin(const DeskController& desk, std::optional<ControlCode> only)
{
    clear();
    std::vector<CalibrationWalk::Axis> axes;
    for (std::size_t i = 0; i < desk.rig.controls.size(); ++i) {
        const auto& control = desk.rig.controls[i];
        const auto* described = describedAt(m_feed.session().status(), desk.slotOf[i]);
        if (control.kind != ControlKind::Axis || !described) continue;
        if (only && control.code != *only) continue;
        const auto range = rangeOf(*described, control);
        const auto axis = axes.size();
        axes.push_back({range, control.sides, control.calibration, control.notches});
        auto* row =
            new CalibrationRow(control, toQt(nameOf(desk.rig, control)), range, desk.slotOf[i]);
        connect(row, &CalibrationRow::refused, &m_edits.messages(), &Messages::refuse);
        connect(row, &CalibrationRow::notchesChanged, this, [this, axis](const NotchList& notches) {
            m_walk->setNotches(axis, notches);
            QMetaObject::invokeMethod(this, &CalibrationCard::showRows, Qt::QueuedConnection);
        });
        m_rowColumn->insertWidget(m_rowColumn->count() - 1, row);
        m_rows.push_back(row);
    }
    if (m_rows.empty()) return;
    m_controller = desk.rig.id;
    m_only = only;
    m_isWaiting = false;
    m_title->setText(tr("Calibrate %1").arg(toQt(desk.rig.alias)));
    m_walk.emplace(axes, counts(), m_feed.now());
    showStep();
}

/// Goes on with the walk that waits. @return false when the axes are not those of the walk any
/// more.
bool CalibrationCard::resume(const DeskController& desk)
{
    for (auto* row : m_rows) {
        const auto found = std::ranges::find(desk.rig.controls, row->code(), &RigControl::code);
        const auto place = static_cast<std::size_t>(found - desk.rig.controls.begin());
        const auto* described = found == desk.rig.controls.end()
                                    ? nullptr
                                    : describedAt(m_feed.session().status(), desk.slotOf[place]);
        if (!described || rangeOf(*described, *found) != row->range()) return false;
        row->setSlot(desk.slotOf[place]);
    }
    m_isWaiting = false;
    m_walk->resume(counts(), m_feed.now());
    showStep();
    return true;
}

void CalibrationCard::beginAnew()
{
    if (const auto* desk = m_feed.desk().find(m_controller)) begin(*desk, m_only);
}

void CalibrationCard::clear()
{
    for (auto* row : m_rows) {
        row->hide();
        row->deleteLater();
    }
    m_rows.clear();
    m_walk.reset();
}

std::vector<std::int32_t> CalibrationCard::counts() const
{
    std::vector<std::int32_t> counts;
    const auto& slots = m_feed.values().slots;
    for (const auto* row : m_rows) {
        const auto slot = static_cast<std::size_t>(row->slot());
        counts.push_back(slot < slots.size() ? slots[slot].raw.x : row->range().rest);
    }
    return counts;
}

void CalibrationCard::takeMoves()
{
    if (!m_walk || m_isWaiting) return;
    for (const auto& move : m_feed.session().moves()) {
        const auto row =
            std::ranges::find(m_rows, static_cast<int>(move.slot), &CalibrationRow::slot);
        if (row == m_rows.end() || move.isHatY) continue;
        m_walk->take(static_cast<std::size_t>(row - m_rows.begin()), {move.time, move.raw});
    }
    const auto time = m_feed.now();
    if (time - m_looked < kLookEvery || m_walk->step() == Step::Verdict) return;
    m_looked = time;
    m_walk->look(time);
    showRows();
}

void CalibrationCard::checkController()
{
    if (!m_walk || m_isWaiting) return;
    const auto* desk = m_feed.desk().find(m_controller);
    const bool isSame =
        desk && std::ranges::all_of(m_rows, [&](const CalibrationRow* row) {
            const auto found =
                std::ranges::find(desk->rig.controls, row->code(), &RigControl::code);
            return found != desk->rig.controls.end() &&
                   desk->slotOf[static_cast<std::size_t>(found - desk->rig.controls.begin())] ==
                       row->slot();
        });
    if (!isSame)
        leave(tr("The calibration waits: its controller went away. Go on when it is back."));
}

void CalibrationCard::go(Step step)
{
    m_walk->begin(step, counts(), m_feed.now());
    showStep();
}

void CalibrationCard::goOn()
{
    if (m_walk->step() == Step::Verdict) return set();
    m_walk->look(m_feed.now());
    go(m_walk->next());
}

void CalibrationCard::capture()
{
    const auto captured = m_walk->capture(m_feed.now());
    if (!captured) return m_edits.messages().refuse(toQt(captured.error().text()));
    showRows();
}

void CalibrationCard::showStep()
{
    const auto step = m_walk->step();
    m_step->setText(titleOf(*m_walk));
    m_task->setText(taskOf(step));
    m_capture->setVisible(step == Step::Notches);
    m_back->setVisible(step != Step::Ends);
    m_anew->setVisible(step != Step::Ends);
    m_reset->setVisible(step == Step::Ends);
    m_reset->setEnabled(isCalibrated());
    m_next->setText(step == Step::Verdict ? tr("Set what is ticked") : tr("Next"));
    if (step == Step::Verdict) {
        for (std::size_t i = 0; i < m_rows.size(); ++i) showVerdict(i);
    } else {
        showRows();
    }
    m_next->setEnabled(step != Step::Verdict ||
                       std::ranges::any_of(m_rows, &CalibrationRow::canBeChosen));
    (step == Step::Notches ? m_capture : m_next)->setFocus();
}

void CalibrationCard::showRows()
{
    if (!m_walk || m_walk->step() == Step::Verdict) return;
    const auto present = counts();
    for (std::size_t i = 0; i < m_rows.size(); ++i) m_rows[i]->showProgress(*m_walk, i, present[i]);
}

void CalibrationCard::showVerdict(std::size_t axis)
{
    const auto verdict = m_walk->verdict(axis);
    const auto strands = m_edits.stance().strandsFrom({m_controller, m_rows[axis]->code()});
    m_rows[axis]->showVerdict(verdict, m_walk->notches(axis),
                              std::ranges::count_if(strands, [&](const Strand* strand) {
                                  return coverOfRest(*strand) < verdict.deadZone;
                              }));
}

void CalibrationCard::set()
{
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    std::vector<std::pair<ControlCode, double>> covers;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        auto* control = findControl(rig, m_rows[i]->code());
        if (!m_rows[i]->isChosen() || !control) continue;
        const auto verdict = m_walk->verdict(i);
        *control = CalibrationRow::settled(*control, verdict, m_walk->notches(i));
        if (verdict.deadZone > 0.0) covers.emplace_back(control->code, verdict.deadZone);
    }
    const auto alias = toQt(rig.alias);
    const bool isNothing = rig == desk->rig && covers.empty();
    m_walk.reset();
    if (isNothing) return finish(tr("Nothing was ticked: %1 stays as it was.").arg(alias));
    m_edits.applyToWhole({tr("calibrate %1").arg(alias)}, [&](Tangle& tangle) {
        putIntoRig(tangle, rig);
        for (const auto& [code, amount] : covers) coverRest(tangle, {rig.id, code}, amount);
    });
    finish(tr("%1 is calibrated. Undo takes it back.").arg(alias));
}

const RigControl* CalibrationCard::controlOf(const CalibrationRow& row) const
{
    const auto* desk = m_feed.desk().find(m_controller);
    return desk ? findControl(desk->rig, row.code()) : nullptr;
}

bool CalibrationCard::isCalibrated() const
{
    return std::ranges::any_of(m_rows, [this](const CalibrationRow* row) {
        const auto* control = controlOf(*row);
        return control &&
               control->calibration != Calibration::ofRange(row->range().low, row->range().high);
    });
}

void CalibrationCard::forget()
{
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    for (const auto* row : m_rows) {
        if (auto* control = findControl(rig, row->code()))
            control->calibration = Calibration::ofRange(row->range().low, row->range().high);
    }
    m_walk.reset();
    m_edits.applyToWhole({tr("forget calibration")},
                         [&](Tangle& tangle) { putIntoRig(tangle, rig); });
    finish(
        tr("%1 is as the device tells it. Undo brings its calibration back.").arg(toQt(rig.alias)));
}

void CalibrationCard::leave(const QString& sentence)
{
    if (m_walk) m_walk->pause(m_feed.now());
    m_isWaiting = m_walk.has_value();
    if (!sentence.isEmpty()) m_edits.messages().say(sentence);
    Q_EMIT ended();
}

void CalibrationCard::finish(const QString& sentence)
{
    clear();
    leave(sentence);
}

void CalibrationCard::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape) return Card::keyPressEvent(event);
    leave({});
}

}  // namespace jolly::app
