// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/control_facts.h"
#include "app/style/qt_text.h"

#include "app/rig/control_words.h"
#include "app/style/elided_button.h"
#include "app/style/theme.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/roles.h"

#include <QSignalBlocker>
#include <algorithm>
#include <functional>

namespace jolly::app
{

namespace
{

/// What was typed or chosen, as a tangle has it: of the words that are offered, the English one.
std::string inOurWords(const QString& text, const auto& offered, auto wordsOf)
{
    const auto typed = text.trimmed();
    for (const auto& each : offered) {
        const Words words = std::invoke(wordsOf, each);
        if (toQt(words) == typed) return std::string(words.english());
    }
    return typed.toStdString();
}

/// A guess changes without a press only by a button that stays down.
constexpr Time kGuessEvery = std::chrono::milliseconds(250);

QComboBox* makeChoice(const char* name, const QString& accessibleName, bool isEditable)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(accessibleName);
    box->setEditable(isEditable);
    box->setInsertPolicy(QComboBox::NoInsert);
    box->setMinimumContentsLength(8);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    return box;
}

/// Words and a button under them.
QWidget* makeOffer(QLabel*& words, QPushButton*& button, const char* name)
{
    auto* offer = new QWidget;
    auto* column = new QVBoxLayout(offer);
    column->setContentsMargins(0, 8, 0, 0);
    words = new QLabel;
    words->setObjectName(QLatin1String(name) + QStringLiteral(" words"));
    words->setWordWrap(true);
    button = new ElidedButton;
    button->setObjectName(QLatin1String(name));
    column->addWidget(words);
    column->addWidget(button, 0, Qt::AlignLeft);
    return offer;
}

}  // namespace

ControlFacts::ControlFacts(Edits& edits, Selection& selection, AxisWatch& axis,
                           const ButtonWatch& buttons, QWidget* parent)
    : Card(parent), m_edits(edits), m_selection(selection), m_axis(axis), m_buttons(buttons)
{
    setObjectName(QStringLiteral("control facts"));
    build();
    showSelection();
}

void ControlFacts::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 16);
    m_title = new QLabel;
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    m_body = new FactGrid;
    column->addWidget(m_body);
    buildNature(*m_body);
    m_value = m_body->addValue(tr("Value"), "value");
    m_raw = m_body->addValue(tr("Raw count"), "raw");
    buildGuess(*column);
    buildAxisFacts(*column);
    column->addStretch();
}

void ControlFacts::buildNature(FactGrid& grid)
{
    m_label = new QLineEdit;
    m_label->setObjectName(QStringLiteral("label"));
    m_label->setAccessibleName(tr("Name of the control"));
    m_role = makeChoice("role", tr("What the control is for"), true);
    m_kind = makeChoice("kind", tr("How the control behaves"), false);
    m_more = makeChoice("more", tr("Which way of the hand is more"), true);
    grid.addField(tr("Name"), m_label);
    grid.addField(tr("Role"), m_role);
    grid.addField(tr("Behaves"), m_kind);
    grid.addField(tr("More is"), m_more);
    connect(m_label, &QLineEdit::editingFinished, this, [this] {
        const auto label = m_label->text().trimmed().toStdString();
        m_label->setModified(false);
        setControl(tr("rename control"), [&](RigControl& control) { control.label = label; });
    });
    connect(m_role->lineEdit(), &QLineEdit::editingFinished, this,
            [this] { setRole(m_role->currentText()); });
    connect(m_role, &QComboBox::textActivated, this, &ControlFacts::setRole);
    const auto setMore = [this] {
        const auto more = inOurWords(m_more->currentText(), knownWays(), std::identity());
        setControl(tr("direction of axis"), [&](RigControl& control) { control.more = more; });
    };
    connect(m_more->lineEdit(), &QLineEdit::editingFinished, this, setMore);
    connect(m_more, &QComboBox::textActivated, this, setMore);
    connect(m_kind, &QComboBox::activated, this, [this](int choice) {
        setControl(tr("kind of control"), [&](RigControl& control) {
            if (control.kind == ControlKind::Axis) control.sides = static_cast<Sides>(choice);
            if (control.kind == ControlKind::Button)
                control.buttonKind = static_cast<ButtonKind>(choice);
        });
    });
}

void ControlFacts::buildGuess(QVBoxLayout& column)
{
    m_guess = makeOffer(m_guessWords, m_takeGuess, "guess");
    m_guess->hide();
    column.addWidget(m_guess);
    connect(m_takeGuess, &QPushButton::clicked, this, &ControlFacts::takeGuess);
}

void ControlFacts::buildAxisFacts(QVBoxLayout& column)
{
    auto* grid = new FactGrid;
    m_axisFacts = grid;
    m_range = grid->addValue(tr("Range seen"), "range");
    m_rest = grid->addValue(tr("Rests at"), "rest");
    m_noise = grid->addValue(tr("Noise at rest"), "noise");
    m_spikes = grid->addValue(tr("Spikes"), "spikes");
    m_steps = grid->addValue(tr("Resolution"), "steps");
    m_track = new AxisTrack(true);
    m_track->setObjectName(QStringLiteral("dwell"));
    m_track->setAccessibleName(tr("Where the axis dwelt since it was first selected"));
    grid->addField(tr("Dwells"), m_track, Qt::AlignBottom);
    m_filter = makeOffer(m_filterWords, m_straight, "straight");
    grid->addWide(m_filter);
    connect(m_straight, &QPushButton::clicked, this, &ControlFacts::setStraight);
    m_calibrate = new ElidedButton;
    m_calibrate->setObjectName(QStringLiteral("calibrate"));
    m_calibrateOne = new ElidedButton(tr("Only this axis…"));
    m_calibrateOne->setObjectName(QStringLiteral("calibrate one"));
    grid->addWide(m_calibrate);
    grid->addWide(m_calibrateOne);
    for (auto* button : {m_calibrate, m_calibrateOne}) {
        connect(button, &QPushButton::clicked, this, [this, button] {
            if (m_selection.selected())
                Q_EMIT calibrationWanted(m_selection.selected()->controller,
                                         button == m_calibrateOne);
        });
    }
    column.addWidget(m_axisFacts);
}

void ControlFacts::setControl(const QString& step, const std::function<void(RigControl&)>& change)
{
    const auto* controller = m_subject ? m_selection.feed().controllerOf(*m_subject) : nullptr;
    if (!controller) return;
    auto rig = controller->rig;
    change(*findControl(rig, m_subject->control));
    if (rig == controller->rig) return;
    m_edits.applyToWhole({step}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

/// A known role brings its usual direction along, unless the pilot said another.
void ControlFacts::setRole(const QString& role)
{
    const auto name = inOurWords(role, knownRoles(), &Role::name);
    setControl(tr("role of control"), [&](RigControl& control) {
        const auto* before = findRole(control.role);
        const auto* known = findRole(name);
        if (control.more.empty() || (before && before->more == control.more))
            control.more = known ? std::string(known->more.english()) : std::string();
        control.role = name;
    });
}

void ControlFacts::setStraight()
{
    const auto& ref = m_selection.selected();
    const auto* controller = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    if (!controller) return;
    auto rig = controller->rig;
    rig.isStraight = !rig.isStraight;
    m_edits.applyToWhole(
        {rig.isStraight ? tr("set axes straight") : tr("leave axes to the kernel")},
        [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void ControlFacts::setWalkWaiting(bool isWaiting)
{
    m_isWalkWaiting = isWaiting;
    showSelection();
}

void ControlFacts::showNature(const DeskController& controller, const RigControl& control)
{
    const bool isAxis = control.kind == ControlKind::Axis;
    const QSignalBlocker quietKind(m_kind);
    const QSignalBlocker quietRole(m_role);
    const QSignalBlocker quietMore(m_more);
    if (!m_label->isModified()) m_label->setText(toQt(control.label));
    m_label->setPlaceholderText(toQt(jolly::nameOf(controller.rig, control)));
    m_kind->clear();
    m_kind->addItems(kindsOf(control.kind));
    m_kind->setCurrentIndex(isAxis ? static_cast<int>(control.sides)
                            : control.kind == ControlKind::Button
                                ? static_cast<int>(control.buttonKind)
                                : 0);
    if (!m_role->lineEdit()->isModified()) {
        m_role->clear();
        for (const auto& role : knownRoles()) {
            if (role.kind == control.kind) m_role->addItem(toQt(role.name));
        }
        m_role->setCurrentText(toQt(Sentence::ourWord(control.role)));
    }
    m_body->setRowVisible(m_more, isAxis);
    if (isAxis && !m_more->lineEdit()->isModified()) {
        m_more->clear();
        for (const auto way : knownWays()) m_more->addItem(toQt(way));
        m_more->setCurrentText(toQt(Sentence::ourWord(control.more)));
    }
}

/// What was typed is of the control that it was typed for, also when another one is touched.
void ControlFacts::commit()
{
    for (auto* field : {m_label, m_role->lineEdit(), m_more->lineEdit()}) {
        if (!field->isModified()) continue;
        field->setModified(false);
        Q_EMIT field->editingFinished();
        field->setModified(false);
    }
}

void ControlFacts::showSelection()
{
    if (m_subject != m_selection.selected()) {
        commit();
        m_subject = m_selection.selected();
    }
    const auto& ref = m_selection.selected();
    const auto* controller = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    const auto* control = controller ? findControl(controller->rig, ref->control) : nullptr;
    m_body->setVisible(control != nullptr);
    m_axisFacts->setVisible(control && control->kind == ControlKind::Axis);
    m_title->setText(controller ? toQt(controller->rig.alias) + QStringLiteral(" · ") +
                                      m_selection.feed().nameOf(*ref)
                                : tr("Move a control to see all about it here."));
    showGuess();
    if (!control) return;
    const auto place = static_cast<std::size_t>(control - controller->rig.controls.data());
    const int slot = controller->slotOf[place];
    m_calibrate->setText((m_isWalkWaiting ? tr("Go on calibrating %1…") : tr("Calibrate %1…"))
                             .arg(toQt(controller->rig.alias)));
    m_calibrate->setEnabled(slot >= 0);
    m_calibrateOne->setEnabled(slot >= 0);
    showNature(*controller, *control);
    showFilter(*controller, slot);
    showValues();
}

/// One place of truth: says when the kernel bends the axis as well.
void ControlFacts::showFilter(const DeskController& controller, int slot)
{
    const auto* described = describedAt(m_selection.feed().session().status(), slot);
    m_filter->setVisible(described && described->isFiltered());
    if (!described || !described->isFiltered()) return;
    QString words = filterText(*described);
    if (controller.rig.isStraight) {
        words = tr("What the kernel did to this axis is switched off while Jolly Tangle runs.");
    } else if (controller.hold == Hold::Held) {
        words += tr(" Not now, while it is held.");
    } else {
        words += tr(" That bends it a second time.");
    }
    m_filterWords->setText(words);
    m_straight->setText(controller.rig.isStraight ? tr("Leave it to the kernel")
                                                  : tr("Set its axes straight"));
}

/// The sides as which the selected axis behaves, when the rig has it otherwise.
std::optional<Sides> ControlFacts::otherSides() const
{
    const auto& ref = m_selection.selected();
    const auto* controller = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    const auto* control = controller ? findControl(controller->rig, ref->control) : nullptr;
    if (!control || control->kind != ControlKind::Axis || !m_axis.isWatching()) return std::nullopt;
    const auto sides = m_axis.findings().sides;
    return sides == control->sides ? std::nullopt : std::optional(sides);
}

void ControlFacts::showGuess()
{
    const auto& ref = m_selection.selected();
    const auto guess = ref ? m_buttons.guess(*ref) : ButtonGuess{};
    const auto sides = otherSides();
    m_guess->setVisible(sides || guess.kind);
    m_takeGuess->setText(tr("Take it so"));
    if (sides) m_guessWords->setText(sidesText(*sides));
    if (!guess.kind) return;
    m_guessWords->setText(toQt(guess.words) + QLatin1Char('.'));
    if (!guess.group.empty()) m_takeGuess->setText(tr("Make them one selector…"));
}

void ControlFacts::showGuessWhenItMayBeAnother()
{
    const auto now = m_selection.feed().now();
    if (m_buttons.changes() == m_seenChanges && now - m_guessedAt < kGuessEvery) return;
    m_seenChanges = m_buttons.changes();
    m_guessedAt = now;
    showGuess();
}

void ControlFacts::takeGuess()
{
    const auto ref = m_selection.selected();
    const auto guess = ref ? m_buttons.guess(*ref) : ButtonGuess{};
    if (const auto sides = otherSides())
        return setControl(tr("kind of control"),
                          [&](RigControl& control) { control.sides = *sides; });
    if (!guess.kind) return;
    if (!guess.group.empty()) return Q_EMIT switchWanted(ref->controller, guess.group);
    setControl(tr("kind of control"),
               [&](RigControl& control) { control.buttonKind = *guess.kind; });
}

void ControlFacts::showAxis(const RigControl& control, const LiveValue& live)
{
    const auto& found = m_axis.findings().findings;
    const auto range = m_axis.range();
    m_range->setText(rangeText(found, range));
    m_steps->setText(stepsText(found, range));
    m_rest->setText(restText(found, range, control.sides));
    m_noise->setText(found.rests.empty() ? tr("let go to see it") : countsText(found.jitter));
    m_spikes->setText(spikesText(found));
    m_track->show(range, found, live.raw.x);
}

void ControlFacts::showValues()
{
    const auto& ref = m_selection.selected();
    const auto* controller = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    if (!controller || !isVisible()) return;
    const auto& control = *findControl(controller->rig, ref->control);
    const auto place = static_cast<std::size_t>(&control - controller->rig.controls.data());
    const auto value =
        m_selection.feed().desk().valueOf(*controller, place, m_selection.feed().values());
    const int slot = controller->slotOf[place];
    if (slot < 0 || static_cast<std::size_t>(slot) >= m_selection.feed().values().slots.size()) {
        for (auto* label : {m_value, m_raw, m_range, m_rest, m_noise, m_spikes, m_steps})
            label->setText(tr("away"));
        return;
    }
    const auto& live = m_selection.feed().values().slots[static_cast<std::size_t>(slot)];
    m_raw->setText(QString::number(live.raw.x));
    if (control.kind == ControlKind::Axis) {
        const auto way = toQt(Sentence::ourWord(wayOf(control, value.x)));
        const auto amount = percentText(way.isEmpty() ? value.x : std::abs(value.x),
                                        way.isEmpty() && control.sides == Sides::Two);
        m_value->setText(way.isEmpty() ? amount : amount + QLatin1Char(' ') + way);
        if (m_axis.isWatching()) showAxis(control, live);
        showGuess();
    } else if (control.kind == ControlKind::Hat) {
        m_value->setText(QStringLiteral("%1, %2").arg(value.x).arg(value.y));
    } else {
        m_value->setText(value.isPressed() ? tr("pressed") : tr("released"));
        showGuessWhenItMayBeAnother();
    }
}

}  // namespace jolly::app
