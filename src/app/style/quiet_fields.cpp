// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/quiet_fields.h"

#include <QApplication>
#include <QComboBox>
#include <QEvent>
#include <QLineEdit>
#include <QSlider>

namespace jolly::app
{

QuietFields::QuietFields(QObject* parent) : QObject(parent)
{
    qApp->installEventFilter(this);
}

bool QuietFields::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Polish) {
        if (auto* number = qobject_cast<QAbstractSpinBox*>(watched))
            number->setKeyboardTracking(false);
    }
    if (event->type() != QEvent::Wheel) return false;
    const bool isField = qobject_cast<QAbstractSpinBox*>(watched) ||
                         qobject_cast<QComboBox*>(watched) || qobject_cast<QSlider*>(watched);
    if (isField) event->ignore();  // so that it goes on to its parents
    return isField;
}

bool isBeingTyped(const QAbstractSpinBox& field)
{
    const auto* text = field.findChild<QLineEdit*>();
    return field.hasFocus() && text && text->isModified();
}

void commitTyped(QWidget& widget)
{
    for (auto* field : widget.findChildren<QLineEdit*>()) {
        if (!field->isModified()) continue;
        field->setModified(false);
        Q_EMIT field->editingFinished();
    }
}

}  // namespace jolly::app
