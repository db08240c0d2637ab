// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QPixmap>
#include <QWidget>

namespace jolly::app
{

/// The part of a widget that stays while something moves on it: painted once, then copied.
class StillPicture
{
 public:
    /// It is painted anew the next time.
    void forget() { m_picture = {}; }

    /// Draws it over the whole widget; `paint` takes a painter for it, where it is to be painted
    /// anew: also for another size, another screen, or when the widget gained or lost the focus.
    template <class Paint>
    void draw(QPainter& painter, const QWidget& widget, Paint&& paint)
    {
        const auto pixels = widget.size() * widget.devicePixelRatioF();
        if (m_picture.size() != pixels || m_hasFocus != widget.hasFocus()) {
            m_hasFocus = widget.hasFocus();
            m_picture = QPixmap(pixels);
            m_picture.setDevicePixelRatio(widget.devicePixelRatioF());
            m_picture.fill(Qt::transparent);
            QPainter inside(&m_picture);
            inside.setRenderHints(painter.renderHints());
            paint(inside);
        }
        painter.drawPixmap(0, 0, m_picture);
    }

 private:
    QPixmap m_picture;
    bool m_hasFocus = false;
};

}  // namespace jolly::app
