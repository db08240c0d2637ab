// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/controller_facts.h"

#include "app/style/qt_text.h"

#include "app/rig/fact_grid.h"
#include "app/style/theme.h"
#include "core/value/kind_words.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// Bus types of linux/input.h that controllers come by.
QString busName(std::uint16_t bus)
{
    switch (bus) {
        case 0x03:
            return ControllerFacts::tr("USB");
        case 0x05:
            return ControllerFacts::tr("Bluetooth");
        case 0x06:
            return ControllerFacts::tr("made by a program");
        default:
            return ControllerFacts::tr("bus %1").arg(bus);
    }
}

QString numbersOf(const Identity& identity)
{
    return QStringLiteral("%1 %2:%3")
        .arg(busName(identity.bus))
        .arg(identity.vendor, 4, 16, QLatin1Char('0'))
        .arg(identity.product, 4, 16, QLatin1Char('0'));
}

QString countsOf(const RigController& rig)
{
    QStringList parts;
    for (const auto kind :
         {ControlKind::Axis, ControlKind::Button, ControlKind::Hat, ControlKind::Turner}) {
        const auto count = std::ranges::count(rig.controls, kind, &RigControl::kind);
        const auto words = wordsOf(kind);
        if (count > 0)
            parts << QStringLiteral("%1 %2").arg(count).arg(
                toQt(count == 1 ? words.one : words.several));
    }
    return parts.isEmpty() ? ControllerFacts::tr("no control at all")
                           : parts.join(QStringLiteral(", "));
}

/// The kernel's driver and device files, as far as they are known.
QString kernelText(const EngineStatus& status, const DeskController& controller)
{
    const auto slot = std::ranges::find_if(controller.slotOf, [](int s) { return s >= 0; });
    const auto* present = slot == controller.slotOf.end() ? nullptr : presentAt(status, *slot);
    QStringList parts;
    if (present && !present->description.driver.empty()) parts << toQt(present->description.driver);
    if (present) {
        for (const auto& node : present->description.nodes) parts << toQt(node);
    }
    return parts.isEmpty() ? ControllerFacts::tr("not told") : parts.join(QStringLiteral(", "));
}

}  // namespace

ControllerFacts::ControllerFacts(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_alias(new QLineEdit),
      m_hiding(new QComboBox)
{
    setObjectName(QStringLiteral("controller facts"));
    build();
    showSelection();
}

void ControllerFacts::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 6, 16, 16);
    auto* grid = new FactGrid;
    column->addWidget(grid);
    m_alias->setObjectName(QStringLiteral("alias"));
    m_alias->setAccessibleName(tr("Your name for the controller"));
    grid->addField(tr("Controller"), m_alias);
    m_name = grid->addText(tr("It is"), "device name");
    m_numbers = grid->addText(tr("Numbers"), "numbers");
    m_has = grid->addText(tr("Has"), "has");
    m_port = grid->addText(tr("Port"), "port");
    m_kernel = grid->addText(tr("Kernel"), "kernel");
    m_games = grid->addText(tr("Games"), "games");
    for (const auto& words : kHidings) m_hiding->addItem(toQt(words.label));
    m_hiding->setObjectName(QStringLiteral("hiding"));
    m_hiding->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    m_hiding->setAccessibleName(tr("How it is kept out of the games' way"));
    grid->addField(tr("While live"), m_hiding);
    m_meaning = grid->addText({}, "hiding meaning");
    auto* arrange = new QPushButton(tr("Arrange its faceplate…"));
    arrange->setObjectName(QStringLiteral("arrange"));
    grid->addWide(arrange);
    connect(arrange, &QPushButton::clicked, this, [this] {
        if (controller()) Q_EMIT arrangeWanted(controller()->rig.id);
    });
    connect(m_alias, &QLineEdit::editingFinished, this, &ControllerFacts::rename);
    connect(m_hiding, &QComboBox::activated, this, &ControllerFacts::hide);
}

const DeskController* ControllerFacts::controller() const
{
    return m_subject ? m_selection.feed().controllerOf(*m_subject) : nullptr;
}

QString ControllerFacts::whatGamesHear(const DeskController& controller) const
{
    if (!controller.isPresent) return tr("do not see it: it is away");
    if (controller.hold == Hold::Held) return tr("list it, but do not hear it");
    if (controller.hold == Hold::Waiting) return tr("hear it until its buttons are let go");
    return m_selection.feed().session().isLive() ? tr("hear it as well") : tr("hear it");
}

void ControllerFacts::showSelection()
{
    if (m_subject != m_selection.selected()) {
        if (m_alias->isModified()) rename();  // of the controller that it was typed for
        m_alias->setModified(false);
        m_subject = m_selection.selected();
    }
    const auto* desk = controller();
    setVisible(desk != nullptr);
    if (!desk) return;
    const auto& rig = desk->rig;
    if (!m_alias->isModified()) m_alias->setText(toQt(rig.alias));
    m_name->setText(toQt(rig.identity.name));
    m_numbers->setText(numbersOf(rig.identity));
    m_has->setText(countsOf(rig));
    const auto serial = toQt(rig.identity.uniq);
    m_port->setText((desk->port.isEmpty() ? tr("not told") : desk->port) +
                    (serial.isEmpty() ? QString() : tr(", serial %1").arg(serial)));
    m_kernel->setText(kernelText(m_selection.feed().session().status(), *desk));
    m_games->setText(whatGamesHear(*desk));
    m_hiding->setCurrentIndex(static_cast<int>(rig.hiding));
    m_meaning->setText(toQt(wordsFor(rig.hiding).sentence));
}

void ControllerFacts::set(const QString& step, const RigController& rig)
{
    m_edits.applyToWhole({step}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void ControllerFacts::rename()
{
    const auto* desk = controller();
    const auto alias = m_alias->text().trimmed().toStdString();
    m_alias->setModified(false);
    if (!desk || alias == desk->rig.alias) return;
    const bool isTaken =
        std::ranges::any_of(m_selection.feed().desk().controllers, [&](const auto& other) {
            return other.rig.id != desk->rig.id && other.rig.alias == alias;
        });
    if (alias.empty() || isTaken) {
        m_alias->setText(toQt(desk->rig.alias));
        return m_edits.messages().refuse(
            alias.empty() ? tr("A controller needs a name.")
                          : tr("Another controller is called %1 already.").arg(toQt(alias)));
    }
    auto rig = desk->rig;
    rig.alias = alias;
    set(tr("rename controller"), rig);
}

void ControllerFacts::hide(int choice)
{
    const auto* desk = controller();
    if (!desk) return;
    auto rig = desk->rig;
    rig.hiding = kHidings[static_cast<std::size_t>(choice)].hiding;
    set(tr("hide controller"), rig);
}

}  // namespace jolly::app
