// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractSpinBox>
#include <QComboBox>
#include <QLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QVBoxLayout>
#include <QWidget>

namespace jolly::app
{

/// Fields that go tell nothing any more: one of a row that is gone would speak for another.
inline void silenceFields(QWidget& widget)
{
    auto widgets = widget.findChildren<QWidget*>();
    widgets.append(&widget);
    for (auto* each : widgets) {
        const bool isField = qobject_cast<QLineEdit*>(each) ||
                             qobject_cast<QAbstractSpinBox*>(each) ||
                             qobject_cast<QComboBox*>(each);
        if (isField) each->blockSignals(true);
    }
}

/// Takes everything out of a layout. What was in it ends with the next turn of the event loop, so
/// that a widget may have it done about itself.
inline void clearLayout(QLayout& layout)
{
    while (auto* item = layout.takeAt(0)) {
        if (item->layout()) clearLayout(*item->layout());
        if (item->widget()) {
            silenceFields(*item->widget());
            item->widget()->hide();
            item->widget()->deleteLater();
        }
        delete item;
    }
}

/// Does something with the next turn of the event loop: what is built anew by it may be what asks.
template <class Deed>
void later(QObject* context, Deed&& deed)
{
    QMetaObject::invokeMethod(context, std::forward<Deed>(deed), Qt::QueuedConnection);
}

/// Things one under the other, which scroll when they are too many.
class ScrollColumn : public QScrollArea
{
 public:
    ScrollColumn(const char* name, int spacing, QWidget* parent = nullptr) : QScrollArea(parent)
    {
        setObjectName(QLatin1String(name));
        setWidgetResizable(true);
        setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        setFocusPolicy(Qt::NoFocus);
        auto* inside = new QWidget;
        inside->setObjectName(QStringLiteral("scrolled"));
        m_column = new QVBoxLayout(inside);
        m_column->setContentsMargins(0, 0, 6, 0);
        m_column->setSpacing(spacing);
        setWidget(inside);
    }

    [[nodiscard]] QVBoxLayout& column() { return *m_column; }

 private:
    QVBoxLayout* m_column;
};

}  // namespace jolly::app
