// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "fits.h"

#include <QImage>
#include <cmath>
#include <unordered_map>

namespace jolly::test
{

/// Relative luminance of a colour, in [0, 1] (WCAG 2.1, "relative luminance").
inline double luminanceOf(QColor colour)
{
    const auto part = [](double c) {
        return c <= 0.03928 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * part(colour.redF()) + 0.7152 * part(colour.greenF()) +
           0.0722 * part(colour.blueF());
}

/// How well one colour is read on another, in [1, 21] (WCAG 2.1, "contrast ratio").
inline double contrastOf(QColor one, QColor other)
{
    const double a = luminanceOf(one) + 0.05;
    const double b = luminanceOf(other) + 0.05;
    return std::max(a, b) / std::min(a, b);
}

/// How well the text in a part of a picture is read: that of the colour that differs most from the
/// one that is there most.
inline double contrastIn(const QImage& picture, QRect part)
{
    std::unordered_map<QRgb, int> count;
    part &= picture.rect();
    for (int y = part.top(); y <= part.bottom(); ++y) {
        for (int x = part.left(); x <= part.right(); ++x) ++count[picture.pixel(x, y)];
    }
    if (count.size() < 2) return 21.0;  // nothing is seen of it
    const auto ground = std::ranges::max_element(count, {}, [](const auto& c) { return c.second; });
    double best = 1.0;
    for (const auto& [colour, pixels] : count)
        best = std::max(best, contrastOf(QColor(colour), QColor(ground->first)));
    return best;
}

/// What is badly read of a window: labels and buttons that can be used, by their paths.
inline QStringList badlyReadIn(const QWidget& window, double least)
{
    QStringList all;
    const auto picture =
        const_cast<QWidget&>(window).grab().toImage();  // NOLINT: it stays as it is
    const double scale = picture.devicePixelRatio();
    for (const auto* widget : window.findChildren<QWidget*>()) {
        const auto* label = qobject_cast<const QLabel*>(widget);
        const auto* button = qobject_cast<const QAbstractButton*>(widget);
        const auto text = label ? label->text() : button ? button->text() : QString();
        const auto seen = widget->visibleRegion().boundingRect();
        if (text.trimmed().isEmpty() || !widget->isVisible() || !widget->isEnabled() ||
            seen.size() != widget->size())
            continue;
        const auto at = widget->mapTo(&window, QPoint(0, 0));
        const QRect part(QPoint(qRound(at.x() * scale), qRound(at.y() * scale)),
                         QSize(qRound(widget->width() * scale), qRound(widget->height() * scale)));
        const double contrast = contrastIn(picture, part.adjusted(3, 3, -3, -3));
        if (contrast < least)
            all << QStringLiteral("%1: \"%2\" %3").arg(pathOf(*widget), text).arg(contrast);
    }
    return all;
}

}  // namespace jolly::test
