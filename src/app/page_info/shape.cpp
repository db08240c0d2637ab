// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// A curve between two axes.
QPainterPath shapeDrawing()
{
    QPainterPath path(QPointF(-10, -9));
    path.lineTo(-10, 9);
    path.lineTo(10, 9);
    path.moveTo(-10, 9);
    path.cubicTo(0, 8, 3, 2, 9, -8);
    return path;
}

}  // namespace

PageInfo shapeInfo()
{
    return {"shape",
            QObject::tr("Shape"),
            shapeDrawing(),
            {QObject::tr("Here one axis is large, so that its feel can be set."),
             QObject::tr("Drag the points of the curve and the edges of the dead zone; the "
                         "dot is your hand."),
             QObject::tr("Exact numbers stand beside, a stage each."),
             QObject::tr("Hold \"try the old one\" to compare with what was saved."),
             QObject::tr("A feel that you like can be copied to other axes.")},
            [](std::string_view path) { return path.find("/stages/") != std::string_view::npos; }};
}

}  // namespace jolly::app
