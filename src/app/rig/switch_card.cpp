// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/switch_card.h"

#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>

namespace jolly::app
{

namespace
{

QPushButton* makeButton(const QString& words, const char* name)
{
    auto* button = new QPushButton(words);
    button->setObjectName(QLatin1String(name));
    return button;
}

/// The button after one of a controller, when no switch has it yet.
std::optional<ControlCode> nextButton(const RigController& rig, ControlCode code)
{
    bool isAfter = false;
    for (const auto& control : rig.controls) {
        if (isAfter && control.kind == ControlKind::Button && !switchAt(rig, control.code))
            return control.code;
        isAfter = isAfter || control.code == code;
    }
    return std::nullopt;
}

}  // namespace

SwitchCard::SwitchCard(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent), m_edits(edits), m_selection(selection), m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("switch card"));
    m_column->setContentsMargins(16, 12, 16, 14);
    auto* title = new QLabel(tr("Switch"));
    title->setFont(textFont(TextSize::Normal, true));
    m_column->addWidget(title);
}

const DeskController* SwitchCard::controller() const
{
    const auto& ref = m_selection.selected();
    const auto* desk = ref ? m_selection.feed().controllerOf(*ref) : nullptr;
    const auto* control = desk ? findControl(desk->rig, ref->control) : nullptr;
    return control && control->kind == ControlKind::Button ? desk : nullptr;
}

std::optional<std::size_t> SwitchCard::place() const
{
    const auto* desk = controller();
    const auto at = desk ? switchAt(desk->rig, m_selection.selected()->control) : std::nullopt;
    return at ? std::optional(at->first) : std::nullopt;
}

void SwitchCard::showSelection()
{
    const auto* desk = controller();
    setVisible(desk != nullptr);
    if (!desk) return;
    const auto at = place();
    const auto now = at ? desk->rig.switches[*at] : RigSwitch{};
    if (m_body && m_shownFor == m_selection.selected() && m_shown == now) return;
    m_shownFor = m_selection.selected();
    m_shown = now;
    rebuild();
}

void SwitchCard::rebuild()
{
    if (m_body) {
        m_body->hide();
        m_body->deleteLater();
    }
    m_body = new QWidget;
    auto* column = new QVBoxLayout(m_body);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    m_column->addWidget(m_body);
    if (m_shown.positions.empty()) {
        buildOffer();
    } else {
        buildSwitch(m_shown);
    }
}

void SwitchCard::buildOffer()
{
    auto* words =
        new QLabel(tr("Is it one position of a switch that reports only some of them, or "
                      "each by a button of its own?"));
    words->setWordWrap(true);
    setTone(*words, "dim");
    auto* two = makeButton(tr("Two positions"), "two positions");
    auto* three = makeButton(tr("Three positions"), "three positions");
    auto* row = new WrapLayout(6);
    row->addWidget(two);
    row->addWidget(three);
    row->addStretch();
    static_cast<QVBoxLayout*>(m_body->layout())->addWidget(words);
    static_cast<QVBoxLayout*>(m_body->layout())->addLayout(row);
    connect(two, &QPushButton::clicked, this,
            [this] { add(twoPositions(m_selection.selected()->control)); });
    connect(three, &QPushButton::clicked, this, [this] {
        const auto code = m_selection.selected()->control;
        if (controller()) add(threePositions(code, nextButton(controller()->rig, code)));
    });
}

void SwitchCard::buildSwitch(const RigSwitch& made)
{
    auto* column = static_cast<QVBoxLayout*>(m_body->layout());
    auto* name = new QLineEdit(toQt(made.name));
    name->setObjectName(QStringLiteral("switch name"));
    name->setAccessibleName(tr("Name of the switch"));
    connect(name, &QLineEdit::editingFinished, this, [this, name] {
        change(tr("rename switch"),
               [&](RigSwitch& s) { s.name = name->text().trimmed().toStdString(); });
    });
    column->addWidget(name);
    for (std::size_t i = 0; i < made.positions.size(); ++i) buildPosition(made, i);
    auto* more = makeButton(tr("Add position"), "add position");
    auto* apart = makeButton(tr("Take it apart"), "take apart");
    auto* row = new WrapLayout(6);
    row->addWidget(more);
    row->addWidget(apart);
    row->addStretch();
    column->addLayout(row);
    connect(more, &QPushButton::clicked, this, [this] {
        if (!controller()) return;
        const auto next = nextButton(controller()->rig, m_selection.selected()->control);
        change(tr("add position"), [&](RigSwitch& s) {
            s.positions.push_back({std::to_string(s.positions.size() + 1), next, {}});
        });
    });
    connect(apart, &QPushButton::clicked, this, &SwitchCard::takeApart);
}

void SwitchCard::buildPosition(const RigSwitch& made, std::size_t place)
{
    const auto& position = made.positions[place];
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    auto* name = new QLineEdit(toQt(position.name));
    name->setObjectName(tr("name of position %1").arg(place + 1));
    name->setAccessibleName(name->objectName());
    connect(name, &QLineEdit::editingFinished, this, [this, name, place] {
        change(tr("rename position"), [&](RigSwitch& s) {
            s.positions[place].name = name->text().trimmed().toStdString();
        });
    });
    const auto controllerId = m_selection.selected()->controller;
    auto* field = new ListenField(
        m_selection, m_edits.messages(),
        [controllerId](const DeskController& desk, const RigControl& control) {
            return desk.rig.id == controllerId && control.kind == ControlKind::Button;
        });
    field->setObjectName(tr("button of position %1").arg(place + 1));
    const auto& rig = controller()->rig;
    const auto* button = position.button ? findControl(rig, *position.button) : nullptr;
    auto nameless = rig;
    nameless.switches.clear();  // its own name, not that of the position
    field->setText(button ? toQt(jolly::nameOf(nameless, *findControl(nameless, button->code)))
                          : tr("no button"));
    connect(
        field, &ListenField::chosen, this,
        [this, place](const Source& ref) {
            change(tr("button of position"),
                   [&](RigSwitch& s) { s.positions[place].button = ref.control; });
        },
        Qt::QueuedConnection);
    auto* none = new QToolButton;
    none->setText(QStringLiteral("∅"));
    none->setToolTip(tr("No button is pressed in this position"));
    none->setAccessibleName(none->toolTip());
    none->setObjectName(tr("no button in position %1").arg(place + 1));
    connect(none, &QToolButton::clicked, this, [this, place] {
        change(tr("button of position"), [&](RigSwitch& s) { s.positions[place].button.reset(); });
    });
    auto* remove = new QToolButton;
    remove->setText(QStringLiteral("×"));
    remove->setToolTip(tr("Remove this position"));
    remove->setAccessibleName(remove->toolTip());
    remove->setObjectName(tr("remove position %1").arg(place + 1));
    connect(remove, &QToolButton::clicked, this, [this, place] {
        change(tr("remove position"), [&](RigSwitch& s) {
            s.positions.erase(s.positions.begin() + static_cast<std::ptrdiff_t>(place));
        });
    });
    name->setMaximumWidth(96);
    row->addWidget(name);
    row->addWidget(field, 1);
    row->addWidget(none);
    row->addWidget(remove);
    static_cast<QVBoxLayout*>(m_body->layout())->addLayout(row);
}

void SwitchCard::add(const RigSwitch& made)
{
    const auto* desk = controller();
    if (!desk) return;
    auto rig = desk->rig;
    if (const auto put = putSwitch(rig, std::nullopt, made); !put)
        return m_edits.messages().refuse(toQt(put.error().text()));
    m_edits.applyToWhole({tr("make switch")}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void SwitchCard::make(const std::string& controllerId, const std::vector<std::size_t>& places)
{
    const auto* desk = m_selection.feed().desk().find(controllerId);
    if (!desk) return;
    std::vector<ControlCode> buttons;
    buttons.reserve(places.size());
    for (const auto each : places) buttons.push_back(desk->rig.controls[each].code);
    add(selectorOf(buttons));
}

void SwitchCard::change(const QString& step, const std::function<void(RigSwitch&)>& edit)
{
    const auto* desk = controller();
    const auto at = place();
    if (!desk || !at) return;
    auto rig = desk->rig;
    auto made = rig.switches[*at];
    edit(made);
    if (made == rig.switches[*at]) return;
    if (const auto put = putSwitch(rig, at, made); !put) {
        m_edits.messages().refuse(toQt(put.error().text()));
        // The field that is being edited goes: not while it still tells what changed.
        QMetaObject::invokeMethod(this, &SwitchCard::rebuild, Qt::QueuedConnection);
        return;
    }
    m_edits.applyToWhole({step}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void SwitchCard::takeApart()
{
    const auto* desk = controller();
    const auto at = place();
    if (!desk || !at) return;
    auto rig = desk->rig;
    jolly::takeApart(rig, *at);
    m_edits.applyToWhole({tr("take switch apart")},
                         [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

}  // namespace jolly::app
