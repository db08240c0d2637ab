// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_field.h"
#include "app/style/qt_text.h"

#include "app/style/elided_button.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>

namespace jolly::app
{

ListenField::ListenField(Selection& selection, Messages& messages, Filter wants, QWidget* parent)
    : QWidget(parent),
      m_selection(selection),
      m_messages(messages),
      m_wants(std::move(wants)),
      m_field(new ElidedButton),
      m_list(new QToolButton),
      m_menu(new QMenu(this))
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    m_field->setObjectName(QStringLiteral("listen"));
    m_list->setObjectName(QStringLiteral("choose from list"));
    m_list->setText(tr("list…"));
    m_list->setToolTip(tr("Choose from a list"));
    m_list->setAccessibleName(tr("Choose a control from a list"));
    m_list->setMenu(m_menu);
    m_list->setPopupMode(QToolButton::InstantPopup);
    row->addWidget(m_field, 1);
    row->addWidget(m_list);
    m_timer.setInterval(1000);
    connect(&m_timer, &QTimer::timeout, this, &ListenField::tick);
    connect(m_field, &QPushButton::clicked, this, [this] {
        if (isListening()) {
            giveUp();
        } else {
            listen();
        }
    });
    connect(m_menu, &QMenu::aboutToShow, this, &ListenField::fillList);
    connect(&selection, &Selection::touchedChanged, this, &ListenField::hear);
    connect(&selection, &Selection::listenerChanged, this, [this] {
        if (m_selection.listener() != this) giveUp();  // another field listens now
    });
    showState();
}

ListenField::~ListenField()
{
    giveUp();
}

void ListenField::setText(const QString& text)
{
    m_text = text;
    showState();
}

void ListenField::listen()
{
    m_left = kSeconds;
    m_selection.setListener(this);
    m_timer.start();
    m_field->setFocus();
    showState();
}

void ListenField::giveUp()
{
    if (!isListening()) return;
    m_left = 0;
    m_timer.stop();
    if (m_selection.listener() == this) m_selection.setListener(nullptr);
    showState();
}

void ListenField::tick()
{
    if (m_left > 1) {
        --m_left;
        return showState();
    }
    giveUp();
    m_messages.refuse(tr("No control was touched. Listen again, or choose one from the list."));
}

void ListenField::showState()
{
    m_field->setText(isListening()      ? tr("Touch it… %1 s").arg(m_left)
                     : m_text.isEmpty() ? tr("Touch to choose")
                                        : m_text);
    m_field->setToolTip(isListening() ? tr("Listening; click or press Escape to give up")
                                      : tr("Click, then touch the control on your desk"));
    m_field->setAccessibleName(m_field->text());
}

void ListenField::hear()
{
    if (!isListening() || !m_selection.touched()) return;
    const auto& touched = *m_selection.touched();
    const auto* controller = m_selection.feed().controllerOf(touched);
    if (!controller) return;
    if (!m_wants(*controller, *findControl(controller->rig, touched.control)))
        return m_messages.refuse(
            tr("%1 does not fit here; touch another one.").arg(m_selection.feed().nameOf(touched)));
    choose(touched);
}

void ListenField::choose(const Source& control)
{
    giveUp();
    Q_EMIT chosen(control);
}

void ListenField::fillList()
{
    giveUp();
    m_menu->clear();
    for (const auto& controller : m_selection.feed().desk().controllers) {
        QMenu* sub = nullptr;
        for (const auto& control : controller.rig.controls) {
            if (!m_wants(controller, control)) continue;
            if (!sub) sub = m_menu->addMenu(toQt(controller.rig.alias));
            const Source ref{controller.rig.id, control.code};
            sub->addAction(m_selection.feed().nameOf(ref), this, [this, ref] { choose(ref); });
        }
    }
    if (m_menu->isEmpty()) m_menu->addAction(tr("Nothing fits here"))->setEnabled(false);
}

void ListenField::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape || !isListening()) return QWidget::keyPressEvent(event);
    giveUp();
}

void ListenField::hideEvent(QHideEvent*)
{
    giveUp();
}

}  // namespace jolly::app
