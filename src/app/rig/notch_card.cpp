// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/notch_card.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// Half the width of a notch set by hand, of the range.
constexpr double kHandHalf = 0.02;

/// The middle of the widest room between notches and ends.
std::int32_t freePlace(const NotchList& notches, const AxisRange& range)
{
    auto from = range.low;
    std::int64_t widest = -1;
    std::int32_t place = range.low;
    const auto look = [&](std::int32_t to) {
        const auto room = static_cast<std::int64_t>(to) - from;
        if (room > widest) place = static_cast<std::int32_t>(from + room / 2);
        widest = std::max(widest, room);
    };
    for (const auto& notch : notches) {
        look(notch.at - notch.half);
        from = notch.at + notch.half;
    }
    look(range.high);
    return place;
}

AxisRange rangeOf(const RigControl& axis)
{
    return {axis.calibration.low, axis.calibration.high, axis.calibration.low};
}

}  // namespace

NotchCard::NotchCard(Edits& edits, Selection& selection, const AxisWatch& axis, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_axis(axis),
      m_table(new NotchTable),
      m_capture(new QPushButton(tr("Capture here"))),
      m_byHand(new QPushButton(tr("By hand"))),
      m_match(new QPushButton(tr("Match…"))),
      m_menu(new QMenu(this))
{
    setObjectName(QStringLiteral("notch card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 14);
    column->setSpacing(8);
    auto* title = new QLabel(tr("Notches"));
    title->setFont(textFont(TextSize::Normal, true));
    auto* words = new QLabel(tr("Put the lever into a notch and capture it, in any order."));
    words->setWordWrap(true);
    setTone(*words, "dim");
    m_capture->setObjectName(QStringLiteral("capture here"));
    m_byHand->setObjectName(QStringLiteral("notch by hand"));
    m_byHand->setToolTip(tr("A notch that the hardware does not have"));
    m_match->setObjectName(QStringLiteral("match notches"));
    m_match->setToolTip(tr("Both levers give the same value at notches of one name"));
    m_match->setMenu(m_menu);
    auto* buttons = new WrapLayout(6);
    buttons->addWidget(m_capture);
    buttons->addWidget(m_byHand);
    buttons->addWidget(m_match);
    buttons->addStretch();
    column->addWidget(title);
    column->addWidget(words);
    column->addWidget(m_table);
    column->addLayout(buttons);
    connect(m_capture, &QPushButton::clicked, this, &NotchCard::capture);
    connect(m_byHand, &QPushButton::clicked, this, &NotchCard::setByHand);
    connect(m_menu, &QMenu::aboutToShow, this, &NotchCard::fillMenu);
    connect(m_table, &NotchTable::refused, &edits.messages(), &Messages::refuse);
    connect(
        m_table, &NotchTable::changed, this,
        [this](const NotchList& notches) { set(tr("change notch"), notches); },
        Qt::QueuedConnection);
}

const RigControl* NotchCard::axisAt(const Source& ref) const
{
    const auto* controller = m_selection.feed().controllerOf(ref);
    const auto* control = controller ? findControl(controller->rig, ref.control) : nullptr;
    return control && control->kind == ControlKind::Axis ? control : nullptr;
}

const RigControl* NotchCard::axis() const
{
    const auto& ref = m_selection.selected();
    return ref ? axisAt(*ref) : nullptr;
}

void NotchCard::showSelection()
{
    const auto* control = axis();
    setVisible(control && (control->sides == Sides::One || !control->notches.empty()));
    if (!control) return;
    m_capture->setEnabled(m_axis.isWatching());
    m_match->setVisible(!control->notches.empty());
    m_table->show(control->notches, rangeOf(*control));
}

void NotchCard::set(const QString& step, const NotchList& notches)
{
    if (!axis()) return;
    const auto ref = *m_selection.selected();
    auto rig = m_selection.feed().controllerOf(ref)->rig;
    findControl(rig, ref.control)->notches = notches;
    m_edits.applyToWhole({step}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void NotchCard::add(const QString& step, Notch notch)
{
    auto notches = axis()->notches;
    notch.name = freshNotchName(notches);
    if (const auto added = addNotch(notches, notch); !added)
        return m_edits.messages().refuse(toQt(added.error().text()));
    set(step, notches);
}

void NotchCard::capture()
{
    if (!axis() || !m_axis.isWatching()) return;
    const auto notch = captureNotch(m_axis.samples(), m_axis.range(), m_selection.feed().now());
    if (!notch)
        return m_edits.messages().refuse(
            tr("The lever still moves. Leave it in its notch for a moment, then capture it."));
    add(tr("capture notch"), *notch);
}

void NotchCard::setByHand()
{
    if (!axis()) return;
    const auto range = rangeOf(*axis());
    Notch notch;
    notch.at = freePlace(axis()->notches, range);
    notch.half = std::max(1, static_cast<std::int32_t>(kHandHalf * range.travel()));
    add(tr("set notch"), notch);
}

void NotchCard::fillMenu()
{
    m_menu->clear();
    for (const auto& controller : m_selection.feed().desk().controllers) {
        for (const auto& control : controller.rig.controls) {
            const Source ref{controller.rig.id, control.code};
            if (control.notches.empty() || ref == *m_selection.selected()) continue;
            m_menu->addAction(
                toQt(controller.rig.alias) + QStringLiteral(" · ") + m_selection.feed().nameOf(ref),
                this, [this, ref] { matchWith(ref); });
        }
    }
    if (m_menu->isEmpty())
        m_menu->addAction(tr("No other axis has notches yet"))->setEnabled(false);
}

void NotchCard::matchWith(const Source& other)
{
    if (!axis() || !axisAt(other)) return;
    const auto selected = *m_selection.selected();
    if (axisAt(selected)->sides != axisAt(other)->sides)
        return m_edits.messages().refuse(
            tr("One of the two rests in the middle, the other at its low end: they "
               "are no pair."));
    int matched = 0;
    const auto match = [&](Tangle& tangle) {
        for (const auto& each : {selected, other})
            putIntoRig(tangle, m_selection.feed().controllerOf(each)->rig);
        auto* here = findControl(tangle, selected);
        auto* there = findControl(tangle, other);
        return keep(matchNotches(here->notches, here->calibration, there->notches,
                                 there->calibration, here->sides),
                    matched);
    };
    if (!m_edits.applyToWhole({tr("match notches")}, match)) return;
    m_edits.messages().say(tr("Both give the same value at %n notch(es) now.", nullptr, matched));
}

}  // namespace jolly::app
