// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// Two threads that cross.
QPainterPath weaveDrawing()
{
    QPainterPath path(QPointF(-11, -6));
    path.cubicTo(-2, -6, 2, 6, 11, 6);
    path.moveTo(-11, 6);
    path.cubicTo(-2, 6, 2, -6, 11, -6);
    path.addEllipse(QPointF(-11, -6), 1.2, 1.2);
    path.addEllipse(QPointF(11, 6), 1.2, 1.2);
    return path;
}

}  // namespace

PageInfo weaveInfo()
{
    return {"weave",
            QObject::tr("Weave"),
            weaveDrawing(),
            {QObject::tr("Here controls are led to the virtual devices that games see."),
             QObject::tr("Touch a control, then click a virtual control on the right: a "
                         "strand leads there."),
             QObject::tr("The selected control's strands stand in the middle, with their "
                         "stages."),
             QObject::tr("Edits go to the craft and layer that the middle names."),
             QObject::tr("A click on a taken virtual control shows what feeds it.")},
            [](std::string_view path) {
                return path.starts_with("/strands") || path.starts_with("/devices");
            }};
}

}  // namespace jolly::app
