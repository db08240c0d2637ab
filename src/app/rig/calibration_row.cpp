// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/calibration_row.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "core/value/percent.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

using Step = CalibrationWalk::Step;

QString restWords(Sides sides)
{
    return sides == Sides::One ? CalibrationRow::tr("rests at its low end")
                               : CalibrationRow::tr("rests in the middle");
}

/// What a verdict would set, for the small print; empty when it is nothing.
QString offerText(const RigControl& was, const RigControl& will, double deadZone,
                  std::ptrdiff_t strands)
{
    QStringList parts;
    const auto& c = will.calibration;
    const auto& before = was.calibration;
    if (will.sides != was.sides)
        parts
            << CalibrationRow::tr("%1 (was: %2)").arg(restWords(will.sides), restWords(was.sides));
    if (c.low != before.low || c.high != before.high)
        parts << CalibrationRow::tr("ends %1 and %2 (were %3 and %4)")
                     .arg(c.low)
                     .arg(c.high)
                     .arg(before.low)
                     .arg(before.high);
    if (c.centre != before.centre && will.sides == Sides::Two)
        parts << CalibrationRow::tr("rest %1 (was %2)").arg(c.centre).arg(before.centre);
    if (c.noise != before.noise)
        parts << CalibrationRow::tr("noise %1 (was %2)").arg(c.noise).arg(before.noise);
    if (will.notches != was.notches)
        parts << CalibrationRow::tr("%n notch(es)", nullptr, static_cast<int>(will.notches.size()));
    if (deadZone > 0.0 && strands > 0)
        parts << CalibrationRow::tr("dead zone %1 on %n strand(s)", nullptr,
                                    static_cast<int>(strands))
                     .arg(toQt(percent(deadZone)));
    return parts.isEmpty() ? QString()
                           : CalibrationRow::tr("Sets %1.").arg(parts.join(QStringLiteral(", ")));
}

QLabel* makeWords(const char* stem, const QString& name)
{
    auto* label = new QLabel;
    label->setObjectName(QLatin1String(stem) + QLatin1Char(' ') + name);
    label->setWordWrap(true);
    return label;
}

}  // namespace

CalibrationRow::CalibrationRow(const RigControl& control, const QString& name,
                               const AxisRange& range, int slot, QWidget* parent)
    : QWidget(parent),
      m_control(control),
      m_range(range),
      m_slot(slot),
      m_name(new QCheckBox(name)),
      m_state(new QLabel),
      m_track(new AxisTrack(false)),
      m_words(makeWords("words", name)),
      m_offer(makeWords("offer", name)),
      m_notches(new NotchTable)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    m_name->setObjectName(QStringLiteral("set %1").arg(name));
    m_state->setObjectName(QStringLiteral("state %1").arg(name));
    m_notches->setObjectName(QStringLiteral("notches %1").arg(name));
    setTone(*m_words, "dim");
    auto* head = new QHBoxLayout;
    head->addWidget(m_name, 1);
    head->addWidget(m_state);
    column->addLayout(head);
    column->addWidget(m_track);
    column->addWidget(m_words);
    column->addWidget(m_notches);
    column->addWidget(m_offer);
    connect(m_notches, &NotchTable::changed, this, &CalibrationRow::notchesChanged);
    connect(m_notches, &NotchTable::refused, this, &CalibrationRow::refused);
}

void CalibrationRow::showProgress(const CalibrationWalk& walk, std::size_t axis,
                                  std::int32_t present)
{
    const auto& found = walk.findings(axis);
    const bool isTicked = walk.isTicked(axis);
    const auto range = walk.range(axis);
    m_words->hide();
    m_offer->hide();
    m_name->setEnabled(false);
    m_name->setChecked(isTicked);
    m_track->show(range, found, present);
    m_notches->show(walk.notches(axis), range);
    m_notches->setVisible(walk.step() == Step::Notches && !walk.notches(axis).empty());
    const auto part = (static_cast<double>(found.high) - found.low) / range.travel();
    switch (walk.step()) {
        case Step::Ends:
            m_state->setText(tr("%1 of its travel").arg(toQt(percent(part))));
            break;
        case Step::LetGo:
            m_state->setText(
                tr("%1 of %2").arg(found.rests.size()).arg(CalibrationWalk::kReleases));
            break;
        default:
            m_state->setText(tr("%1 captured").arg(walk.notches(axis).size()));
    }
    setTone(*m_state, isTicked ? "straw" : "dim");
}

RigControl CalibrationRow::settled(RigControl control, const AxisVerdict& verdict,
                                   const NotchList& notches)
{
    control.calibration = verdict.calibration;
    control.sides = verdict.sides;
    control.notches = notches;
    return control;
}

void CalibrationRow::showVerdict(const AxisVerdict& verdict, const NotchList& notches,
                                 std::ptrdiff_t uncovered)
{
    const auto offer =
        offerText(m_control, settled(m_control, verdict, notches), verdict.deadZone, uncovered);
    m_name->setEnabled(!offer.isEmpty());
    m_name->setChecked(!offer.isEmpty() && verdict.isSure);
    m_state->clear();
    m_notches->hide();
    m_words->setText(toQt(verdict.words));
    m_words->show();
    m_offer->setText(offer);
    m_offer->setVisible(!offer.isEmpty());
}

}  // namespace jolly::app
