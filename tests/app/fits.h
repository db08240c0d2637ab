// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/strands/strand_card.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"

#include <QAbstractButton>
#include <QAbstractScrollArea>
#include <QAbstractSpinBox>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QToolButton>

namespace jolly::test
{

/// Where a widget is, for those who look for it: "weave left / Skerry Stick / 2".
inline QString pathOf(const QWidget& widget)
{
    QString path = widget.objectName().isEmpty() ? QLatin1String(widget.metaObject()->className())
                                                 : widget.objectName();
    for (const auto* each = widget.parentWidget(); each; each = each->parentWidget()) {
        if (!each->objectName().isEmpty() && each->objectName() != QLatin1String("scrolled"))
            path = each->objectName() + QStringLiteral(" / ") + path;
    }
    return path;
}

/// What is wrong with the text of a widget: it is cut off.
inline QString clippedText(const QWidget& widget)
{
    constexpr int kSlack = 1;
    const bool isElided = dynamic_cast<const app::ElidedLabel*>(&widget) ||
                          dynamic_cast<const app::ElidedButton*>(&widget) ||
                          dynamic_cast<const app::Elided<QToolButton>*>(&widget) ||
                          dynamic_cast<const app::ElidedCheck*>(&widget);
    if (isElided) return {};  // the tooltip has the rest
    if (const auto* label = qobject_cast<const QLabel*>(&widget)) {
        if (label->text().isEmpty()) return {};
        if (label->wordWrap()) {
            const int needed = label->heightForWidth(label->width());
            return needed > label->height() + kSlack ? label->text() : QString();
        }
        return label->sizeHint().width() > label->width() + kSlack ? label->text() : QString();
    }
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget)) {
        const bool isPlain = qobject_cast<const QPushButton*>(button) ||
                             qobject_cast<const QCheckBox*>(button) ||
                             qobject_cast<const QToolButton*>(button);
        if (!isPlain || button->text().size() < 2) return {};  // else a mark
        return button->sizeHint().width() > button->width() + kSlack ? button->text() : QString();
    }
    return {};
}

/// Whether what a widget shows is beyond its parent, where nothing scrolls it into sight.
inline bool isOutside(const QWidget& widget)
{
    const auto* parent = widget.parentWidget();
    if (!parent || widget.isWindow()) return false;
    const bool isScrolled = qobject_cast<const QScrollArea*>(parent->parentWidget()) != nullptr;
    if (isScrolled &&
        parent == static_cast<const QScrollArea*>(parent->parentWidget())->viewport()) {
        const auto* area = static_cast<const QScrollArea*>(parent->parentWidget());
        const bool scrollsAcross = area->horizontalScrollBarPolicy() != Qt::ScrollBarAlwaysOff;
        return !scrollsAcross && widget.width() > parent->width();
    }
    return !parent->rect().adjusted(-1, -1, 1, 1).contains(widget.geometry());
}

/// What makes a widget wider than there is room for: the narrowest of its parts that is too wide.
inline QString tooWideIn(const QWidget& widget, int room)
{
    QString found;
    int least = QWIDGETSIZE_MAX;
    for (auto* part : widget.findChildren<QWidget*>()) {
        const int needed = std::max(part->minimumSizeHint().width(), part->minimumWidth());
        if (!part->isVisibleTo(&widget) || needed <= room * 8 / 10 || needed > least) continue;
        least = needed;
        found = QStringLiteral("%1 needs %2").arg(pathOf(*part)).arg(needed);
        if (const auto* label = qobject_cast<QLabel*>(part)) found += ": " + label->text();
        if (const auto* button = qobject_cast<QAbstractButton*>(part))
            found += ": " + button->text();
    }
    return found;
}

/// A widget beside it that lies on the same place, where nothing is meant to float.
inline const QWidget* overlapped(const QWidget& widget)
{
    const auto floats = [](const QWidget& each) {
        return each.testAttribute(Qt::WA_TransparentForMouseEvents) || each.isWindow() ||
               !each.isVisible() || each.size().isEmpty() || each.inherits("QSizeGrip") ||
               (qobject_cast<const QLabel*>(&each) &&
                static_cast<const QLabel&>(each).text().isEmpty());
    };
    if (floats(widget) || !widget.parentWidget()) return nullptr;
    for (auto* child : widget.parentWidget()->children()) {
        auto* beside = qobject_cast<QWidget*>(child);
        if (!beside || beside == &widget || floats(*beside)) continue;
        const auto both = beside->geometry() & widget.geometry();
        if (both.width() > 2 && both.height() > 2 && beside > &widget) return beside;  // told once
    }
    return nullptr;
}

/// Whether a strand's card is higher than what is in it needs.
inline bool hasSpareRoom(const QWidget& widget)
{
    constexpr int kSlack = 4;
    const auto* card = dynamic_cast<const app::StrandCard*>(&widget);
    return card && card->height() > card->layout()->heightForWidth(card->width()) + kSlack;
}

/// Everything in a window that is cut off or beyond what holds it, a line each.
inline QStringList misfitsIn(QWidget& window)
{
    QStringList misfits;
    for (auto* widget : window.findChildren<QWidget*>()) {
        if (!widget->isVisible() || widget->size().isEmpty()) continue;
        const auto name = widget->objectName();
        if (name.startsWith(QLatin1String("qt_"))) continue;
        bool isOfQt = false;  // the parts of Qt's own fields and lists
        for (auto* each = widget->parentWidget(); each; each = each->parentWidget())
            isOfQt =
                isOfQt || qobject_cast<QAbstractSpinBox*>(each) || qobject_cast<QComboBox*>(each) ||
                qobject_cast<QLineEdit*>(each) ||
                (qobject_cast<QAbstractScrollArea*>(each) && !qobject_cast<QScrollArea*>(each));
        if (isOfQt) continue;
        if (const auto text = clippedText(*widget); !text.isEmpty())
            misfits << pathOf(*widget) + QStringLiteral(": cut off: ") + text;
        if (hasSpareRoom(*widget))
            misfits << pathOf(*widget) + QStringLiteral(": is higher than it needs");
        if (const auto* other = overlapped(*widget))
            misfits << pathOf(*widget) + QStringLiteral(": lies on ") + pathOf(*other);
        if (isOutside(*widget))
            misfits << QStringLiteral("%1: outside of what holds it: %2 %3 %4x%5 in %6x%7")
                               .arg(pathOf(*widget))
                               .arg(widget->x())
                               .arg(widget->y())
                               .arg(widget->width())
                               .arg(widget->height())
                               .arg(widget->parentWidget()->width())
                               .arg(widget->parentWidget()->height()) +
                           QStringLiteral("; ") +
                           tooWideIn(*widget, widget->parentWidget()->width());
    }
    misfits.removeDuplicates();
    return misfits;
}

}  // namespace jolly::test
