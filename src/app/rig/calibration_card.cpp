// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/calibration_card.h"

#include "app/style/theme.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/value/percent.h"

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

/// What a verdict would set, for the small print.
QString offerText(const AxisVerdict& verdict, const RigControl& control, std::ptrdiff_t strands)
{
    QStringList parts;
    const auto& c = verdict.calibration;
    const auto& was = control.calibration;
    if (c.low != was.low || c.high != was.high)
        parts << CalibrationCard::tr("ends %1 and %2 (were %3 and %4)")
                     .arg(c.low)
                     .arg(c.high)
                     .arg(was.low)
                     .arg(was.high);
    if (c.centre != was.centre && control.sides == Sides::Two)
        parts << CalibrationCard::tr("rest %1 (was %2)").arg(c.centre).arg(was.centre);
    if (c.noise != was.noise)
        parts << CalibrationCard::tr("noise %1 (was %2)").arg(c.noise).arg(was.noise);
    if (verdict.deadZone > 0.0 && strands > 0) {
        const auto amount = QString::fromStdString(percent(verdict.deadZone));
        parts << (strands == 1
                      ? CalibrationCard::tr("dead zone %1 on its strand").arg(amount)
                      : CalibrationCard::tr("dead zone %1 on %2 strands").arg(amount).arg(strands));
    }
    return parts.isEmpty() ? QString()
                           : CalibrationCard::tr("Sets %1.").arg(parts.join(QStringLiteral(", ")));
}

}  // namespace

CalibrationCard::CalibrationCard(Studio& studio, QWidget* parent)
    : Card(parent),
      m_studio(studio),
      m_title(new QLabel),
      m_step(new QLabel),
      m_task(new QLabel),
      m_leave(new QPushButton(tr("Leave"))),
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
    m_leave->setObjectName(QStringLiteral("leave calibration"));
    m_reset->setObjectName(QStringLiteral("forget calibration"));
    m_reset->setToolTip(tr("Back to the ends and the rest that the device itself tells"));
    m_back->setObjectName(QStringLiteral("calibration back"));
    m_next->setObjectName(QStringLiteral("calibration next"));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_leave);
    buttons->addWidget(m_reset);
    buttons->addStretch();
    buttons->addWidget(m_back);
    buttons->addWidget(m_next);
    column->addWidget(m_title);
    column->addWidget(m_step);
    column->addWidget(m_task);
    column->addWidget(area, 1);
    column->addLayout(buttons);
    connect(m_leave, &QPushButton::clicked, this, [this] { leave({}); });
    connect(m_reset, &QPushButton::clicked, this, &CalibrationCard::forget);
    connect(m_next, &QPushButton::clicked, this, &CalibrationCard::goOn);
    connect(m_back, &QPushButton::clicked, this,
            [this] { go(m_walk->step() == Step::Verdict ? Step::LetGo : Step::Ends); });
}

bool CalibrationCard::begin(const std::string& controller)
{
    clear();
    const auto* desk = m_studio.desk().find(controller);
    if (!desk) return false;
    std::vector<CalibrationWalk::Axis> axes;
    for (std::size_t i = 0; i < desk->rig.controls.size(); ++i) {
        const auto& control = desk->rig.controls[i];
        const auto* described = describedAt(m_studio.session().status(), desk->slotOf[i]);
        if (control.kind != ControlKind::Axis || !described) continue;
        const auto range = rangeOf(*described, control);
        axes.push_back({range, control.sides, control.calibration});
        Row row;
        row.place = i;
        row.slot = desk->slotOf[i];
        row.range = range;
        buildRow(row, QString::fromStdString(nameOf(desk->rig, control)));
        m_rows.push_back(row);
    }
    if (m_rows.empty()) return false;
    m_controller = controller;
    m_title->setText(tr("Calibrate %1").arg(QString::fromStdString(desk->rig.alias)));
    m_walk.emplace(axes, counts(), m_studio.now());
    showStep();
    return true;
}

void CalibrationCard::buildRow(Row& row, const QString& name)
{
    auto* body = new QWidget;
    auto* column = new QVBoxLayout(body);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    row.name = new QCheckBox(name);
    row.name->setObjectName(QStringLiteral("set %1").arg(name));
    row.state = new QLabel;
    row.state->setObjectName(QStringLiteral("state %1").arg(name));
    row.track = new AxisTrack(false);
    row.words = new QLabel;
    row.words->setObjectName(QStringLiteral("words %1").arg(name));
    row.words->setWordWrap(true);
    setTone(*row.words, "dim");
    auto* head = new QHBoxLayout;
    head->addWidget(row.name, 1);
    head->addWidget(row.state);
    column->addLayout(head);
    column->addWidget(row.track);
    row.offer = new QLabel;
    row.offer->setObjectName(QStringLiteral("offer %1").arg(name));
    row.offer->setWordWrap(true);
    column->addWidget(row.words);
    column->addWidget(row.offer);
    m_rowColumn->insertWidget(m_rowColumn->count() - 1, body);
}

void CalibrationCard::clear()
{
    while (m_rowColumn->count() > 1) {
        auto* item = m_rowColumn->takeAt(0);
        delete item->widget();
        delete item;
    }
    m_rows.clear();
    m_walk.reset();
}

std::vector<std::int32_t> CalibrationCard::counts() const
{
    std::vector<std::int32_t> counts;
    const auto& slots = m_studio.values().slots;
    for (const auto& row : m_rows) {
        const auto slot = static_cast<std::size_t>(row.slot);
        counts.push_back(slot < slots.size() ? slots[slot].raw.x : row.range.rest);
    }
    return counts;
}

void CalibrationCard::takeMoves()
{
    if (!m_walk) return;
    for (const auto& move : m_studio.session().moves()) {
        const auto row = std::ranges::find(m_rows, static_cast<int>(move.slot), &Row::slot);
        if (row == m_rows.end() || move.isHatY) continue;
        m_walk->take(static_cast<std::size_t>(row - m_rows.begin()), {move.time, move.raw});
    }
    const auto time = m_studio.now();
    if (time - m_looked < kLookEvery || m_walk->step() == Step::Verdict) return;
    m_looked = time;
    m_walk->look(time);
    for (std::size_t i = 0; i < m_rows.size(); ++i) showRow(i);
}

void CalibrationCard::checkController()
{
    if (!m_walk) return;
    const auto* desk = m_studio.desk().find(m_controller);
    const bool isSame =
        desk && std::ranges::all_of(m_rows, [&](const Row& row) {
            return row.place < desk->slotOf.size() && desk->slotOf[row.place] == row.slot;
        });
    if (!isSame) leave(tr("The calibration ended: the controller went away or another one came."));
}

void CalibrationCard::go(Step step)
{
    m_walk->begin(step, counts(), m_studio.now());
    showStep();
}

void CalibrationCard::goOn()
{
    switch (m_walk->step()) {
        case Step::Ends:
            return go(Step::LetGo);
        case Step::LetGo:
            return go(Step::Verdict);
        case Step::Verdict:
            return set();
    }
}

void CalibrationCard::showStep()
{
    const auto step = m_walk->step();
    static const QString kSteps[] = {tr("Step 1 of 3 · ends"), tr("Step 2 of 3 · rest"),
                                     tr("Step 3 of 3 · verdict")};
    static const QString kTasks[] = {
        tr("Move everything slowly to both of its ends. Each axis ticks itself off."),
        tr("Push what springs back well to one side and let go, three times, from different sides. "
           "Pull levers to their idle end, three times. Then take your hands off."),
        tr("What is ticked will be set. It is one step of the history: undo takes it back.")};
    m_step->setText(kSteps[static_cast<int>(step)]);
    m_task->setText(kTasks[static_cast<int>(step)]);
    m_back->setVisible(step != Step::Ends);
    m_reset->setVisible(step == Step::Ends);
    m_reset->setEnabled(isCalibrated());
    m_next->setText(step == Step::Verdict ? tr("Set what is ticked") : tr("Next"));
    bool offersAny = false;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        m_rows[i].words->setVisible(step == Step::Verdict);
        m_rows[i].offer->hide();
        m_rows[i].name->setEnabled(step == Step::Verdict);
        if (step == Step::Verdict) {
            showVerdict(i);
        } else {
            showRow(i);
        }
        offersAny = offersAny || m_rows[i].name->isEnabled();
    }
    m_next->setEnabled(step != Step::Verdict || offersAny);
    m_next->setFocus();
}

void CalibrationCard::showRow(std::size_t axis)
{
    const auto& row = m_rows[axis];
    const auto& found = m_walk->findings(axis);
    const bool isTicked = m_walk->isTicked(axis);
    row.name->setChecked(isTicked);
    row.track->show(row.range, found, counts()[axis]);
    const auto part = (static_cast<double>(found.high) - found.low) / row.range.travel();
    row.state->setText(
        m_walk->step() == Step::Ends
            ? tr("%1 of its travel").arg(QString::fromStdString(percent(part)))
            : tr("%1 of %2").arg(found.rests.size()).arg(CalibrationWalk::kReleases));
    setTone(*row.state, isTicked ? "straw" : "dim");
}

void CalibrationCard::showVerdict(std::size_t axis)
{
    const auto& row = m_rows[axis];
    const auto verdict = m_walk->verdict(axis);
    const auto* desk = m_studio.desk().find(m_controller);
    if (!desk) return;
    const auto& control = desk->rig.controls[row.place];
    const auto strands = m_studio.strandsFrom({m_controller, control.code});
    const auto uncovered = std::ranges::count_if(
        strands, [&](const Strand* strand) { return coverOfRest(*strand) < verdict.deadZone; });
    const auto offer = offerText(verdict, control, uncovered);
    row.name->setEnabled(!offer.isEmpty());
    row.name->setChecked(!offer.isEmpty());
    row.state->clear();
    row.words->setText(QString::fromStdString(verdict.words));
    row.offer->setText(offer);
    row.offer->setVisible(!offer.isEmpty());
}

void CalibrationCard::set()
{
    const auto* desk = m_studio.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    std::vector<std::pair<ControlCode, double>> covers;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        if (!m_rows[i].name->isChecked()) continue;
        const auto verdict = m_walk->verdict(i);
        auto& control = rig.controls[m_rows[i].place];
        control.calibration = verdict.calibration;
        if (verdict.deadZone > 0.0) covers.emplace_back(control.code, verdict.deadZone);
    }
    const auto alias = QString::fromStdString(rig.alias);
    m_walk.reset();
    m_studio.document().edit(tr("calibrate %1").arg(alias), [&](Tangle& tangle) {
        putIntoRig(tangle, rig);
        for (const auto& [code, amount] : covers) coverRest(tangle, {rig.id, code}, amount);
    });
    leave(tr("%1 is calibrated. Undo takes it back.").arg(alias));
}

bool CalibrationCard::isCalibrated() const
{
    const auto* desk = m_studio.desk().find(m_controller);
    return desk && std::ranges::any_of(m_rows, [&](const Row& row) {
               return desk->rig.controls[row.place].calibration !=
                      Calibration::ofRange(row.range.low, row.range.high);
           });
}

void CalibrationCard::forget()
{
    const auto* desk = m_studio.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    for (const auto& row : m_rows)
        rig.controls[row.place].calibration = Calibration::ofRange(row.range.low, row.range.high);
    m_walk.reset();
    m_studio.document().edit(tr("forget calibration"),
                             [&](Tangle& tangle) { putIntoRig(tangle, rig); });
    leave(tr("%1 is as the device tells it. Undo brings its calibration back.")
              .arg(QString::fromStdString(rig.alias)));
}

void CalibrationCard::leave(const QString& sentence)
{
    m_walk.reset();
    if (!sentence.isEmpty()) m_studio.say(sentence);
    Q_EMIT ended();
}

void CalibrationCard::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape) return Card::keyPressEvent(event);
    leave({});
}

}  // namespace jolly::app
