// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// Sheets one above the other.
QPainterPath layersDrawing()
{
    QPainterPath path(QPointF(0, -10));
    path.lineTo(11, -4.5);
    path.lineTo(0, 1);
    path.lineTo(-11, -4.5);
    path.closeSubpath();
    for (const double y : {0.0, 4.5}) {
        path.moveTo(-11, y);
        path.lineTo(0, y + 5.5);
        path.lineTo(11, y);
    }
    return path;
}

}  // namespace

PageInfo layersInfo()
{
    return {"layers",
            QObject::tr("Layers"),
            layersDrawing(),
            {QObject::tr("A layer gives controls other meanings while it is engaged."),
             QObject::tr("The stack on the left shows which are; the highest one that has a "
                         "strand counts."),
             QObject::tr("The faceplate shows what each control does right now, and which "
                         "layer says so."),
             QObject::tr("A rule engages a layer: while a control is held, or flipped by a "
                         "press."),
             QObject::tr("Below the rules you see what each craft has of its own.")},
            [](std::string_view path) {
                return path.starts_with("/layers") || path.starts_with("/craft");
            }};
}

}  // namespace jolly::app
