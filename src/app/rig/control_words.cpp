// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/control_words.h"
#include "app/style/qt_text.h"

#include "core/calibration/judge.h"
#include "core/value/percent.h"

#include <QObject>

namespace jolly::app
{

QString countsText(std::int32_t counts)
{
    return QObject::tr("%n count(s)", nullptr, counts);
}

QString restText(const AxisFindings& found, const AxisRange& range, Sides sides)
{
    if (found.rests.empty()) return QObject::tr("let go to see it");
    return QObject::tr("%1, within %2")
        .arg(found.rest)
        .arg(toQt(percent((sides == Sides::Two ? 2.0 : 1.0) * found.stray / range.travel())));
}

QString spikesText(const AxisFindings& found)
{
    const int seconds = static_cast<int>(found.minutes * 60.0);
    if (found.spikes == 0) return QObject::tr("none in %1 s").arg(seconds);
    return QObject::tr("%1 in %2 s").arg(found.spikes).arg(seconds);
}

QString stepsText(const AxisFindings& found, const AxisRange& range)
{
    constexpr std::size_t kSwitchLevels = 3;
    if (found.step == 0) return QObject::tr("move it to see it");
    if (found.levels <= kSwitchLevels && reachOf(found, range) > 0.9)
        return QObject::tr("only its ends: a switch");
    return QObject::tr("steps of %1, %n count(s) seen", nullptr, static_cast<int>(found.levels))
        .arg(found.step);
}

QString rangeText(const AxisFindings& found, const AxisRange& range)
{
    return QStringLiteral("%1 … %2, %3")
        .arg(found.low)
        .arg(found.high)
        .arg(toQt(percent(reachOf(found, range))));
}

QString sidesText(Sides sides)
{
    return sides == Sides::One ? QObject::tr("Rests at its low end, as a lever or pedal does.")
                               : QObject::tr("Rests in the middle, as a stick does.");
}

QString filterText(const ControlDescription& described)
{
    const auto range = soundRange({described.low, described.high, described.low}, {});
    QStringList parts;
    if (described.fuzz != 0)
        parts << QObject::tr("swallows changes of less than %1").arg(countsText(described.fuzz));
    if (described.flat != 0)
        parts << QObject::tr("tells games to ignore %1 around the middle")
                     .arg(toQt(percent(described.flat / range.travel())));
    return QObject::tr("The kernel %1.").arg(parts.join(QObject::tr(" and ")));
}

QStringList kindsOf(ControlKind kind)
{
    switch (kind) {
        case ControlKind::Axis:
            return {QObject::tr("rests in the middle"), QObject::tr("rests at its low end")};
        case ControlKind::Button:
            return {QObject::tr("springs back"), QObject::tr("stays: a switch"),
                    QObject::tr("one position of a selector"),
                    QObject::tr("a pulse of an endless dial")};
        case ControlKind::Hat:
            return {QObject::tr("eight ways")};
        default:
            return {QObject::tr("turns endlessly")};
    }
}

}  // namespace jolly::app
