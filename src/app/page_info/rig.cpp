// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// A desk: a box with a lever and a dial.
QPainterPath rigDrawing()
{
    QPainterPath path;
    path.addRoundedRect(QRectF(-11, -8, 22, 16), 3, 3);
    path.addEllipse(QPointF(4.5, 0), 3.2, 3.2);
    path.moveTo(-4.5, -4);
    path.lineTo(-4.5, 4);
    path.addRoundedRect(QRectF(-7, -2.5, 5, 3.4), 1.4, 1.4);
    return path;
}

}  // namespace

PageInfo rigInfo()
{
    return {"rig",
            QObject::tr("Rig"),
            rigDrawing(),
            {QObject::tr("The rig is every controller on your desk, each drawn as its faceplate."),
             QObject::tr("Move a lever or press a button: it lights up and is selected."),
             QObject::tr("On the right you see what it really does: its range, rest, noise "
                         "and spikes."),
             QObject::tr("Give it a name and a role there, or calibrate the whole controller "
                         "in one walk."),
             QObject::tr("A controller that is away stays here, dashed, until it is back.")},
            [](std::string_view path) {
                return path.starts_with("/rig") || path.starts_with("/dev/") ||
                       path.starts_with("/held");
            }};
}

}  // namespace jolly::app
