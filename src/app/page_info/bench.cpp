// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// A line that beats.
QPainterPath benchDrawing()
{
    QPainterPath path(QPointF(-11, 1));
    path.lineTo(-6, 1);
    path.lineTo(-3, -8);
    path.lineTo(2, 9);
    path.lineTo(5, 1);
    path.lineTo(11, 1);
    return path;
}

}  // namespace

PageInfo benchInfo()
{
    return {"bench",
            QObject::tr("Bench"),
            benchDrawing(),
            {QObject::tr("The Bench shows the truth from the hand to the game."),
             QObject::tr("The virtual device is read back as a game reads it; any difference "
                         "is a fault."),
             QObject::tr("Move a virtual control by hand, or sweep it alone while a sim "
                         "listens."),
             QObject::tr("The flight recorder keeps the last minutes; drag on its line to "
                         "look at a moment."),
             QObject::tr("Delay and events a second are measured all the time.")}};
}

}  // namespace jolly::app
