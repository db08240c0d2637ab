// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/when_field.h"
#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"
#include "app/style/theme.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"

#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

WhenField::WhenField(Edits& edits, Selection& selection, QPushButton& button, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_selection(selection),
      m_button(button),
      m_menu(new QMenu(this)),
      m_words(new QLabel(this))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    m_button.setText(tr("when…"));
    m_button.setProperty("tone", "plain");
    m_button.setMenu(m_menu);
    m_words->setObjectName(QStringLiteral("when words"));
    m_words->setFont(textFont(TextSize::Small));
    setTone(*m_words, "straw");
    m_listen = new ListenField(
        selection, edits.messages(),
        [](const DeskController& c, const RigControl& control) {
            return c.isKnown &&
                   (control.kind == ControlKind::Button || control.kind == ControlKind::Axis);
        },
        this);
    m_listen->setObjectName(QStringLiteral("when control"));
    m_listen->hide();
    column->addWidget(m_words);
    column->addWidget(m_listen);
    connect(m_menu, &QMenu::aboutToShow, this, &WhenField::fillMenu);
    connect(m_listen, &ListenField::chosen, this, [this](const Source& ref) {
        const bool isOff = m_when && m_when->isOff;
        m_listen->hide();
        Q_EMIT changed(When{.control = {ref.controller, ref.control}, .isOff = isOff});
    });
    show(std::nullopt);
}

QString WhenField::nameOf(const When& when) const
{
    if (when.output) return toQt(placeName(m_edits.tangle(), *when.output));
    const auto name = m_selection.feed().nameOf({when.control.controller, when.control.control});
    return name.isEmpty() ? toQt(toText(when.control.control)) : name;
}

void WhenField::show(const std::optional<When>& when)
{
    m_when = when;
    m_words->setText(!when         ? tr("works always")
                     : when->isOff ? tr("works while %1 is off").arg(nameOf(*when))
                                   : tr("works while %1 is on").arg(nameOf(*when)));
    m_button.setAccessibleName(tr("When the stage works: %1").arg(m_words->text()));
    m_words->setVisible(when.has_value());
    setVisible(when.has_value() || m_listen->isListening());
}

void WhenField::listen()
{
    setVisible(true);
    m_listen->show();
    m_listen->listen();
}

void WhenField::fillMenu()
{
    m_menu->clear();
    m_menu->addAction(tr("Always"), this, [this] { Q_EMIT changed(std::nullopt); });
    m_menu->addAction(tr("While a control is on: touch it…"), this, &WhenField::listen);
    fillOutputs(*m_menu->addMenu(tr("While a virtual control is on")));
    if (!m_when) return;
    m_menu->addSeparator();
    m_menu->addAction(m_when->isOff ? tr("While it is on instead") : tr("While it is off instead"),
                      this, [this] {
                          auto when = *m_when;
                          when.isOff = !when.isOff;
                          Q_EMIT changed(when);
                      });
}

/// The virtual buttons that something leads to.
void WhenField::fillOutputs(QMenu& menu)
{
    for (const auto& device : m_edits.tangle().devices) {
        for (const auto& slot : layoutOf(device)) {
            const Target place{device.id, slot.control};
            if (slot.control.kind != ControlKind::Button ||
                takersOf(m_edits.tangle(), place).empty())
                continue;
            menu.addAction(toQt(placeName(m_edits.tangle(), place)), this, [this, place] {
                When when;
                when.output = place;
                Q_EMIT changed(when);
            });
        }
    }
    menu.setEnabled(!menu.isEmpty());
}

}  // namespace jolly::app
