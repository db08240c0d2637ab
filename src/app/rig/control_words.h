// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/axis_survey.h"
#include "app/style/qt_text.h"
#include "core/tangle/controller.h"

#include <QString>
#include <QStringList>
#include <string_view>

/// The words in which a control's facts are told.
namespace jolly::app
{

/// "-500 … 980, 74.0 %".
[[nodiscard]] QString rangeText(const AxisFindings& found, const AxisRange& range);

[[nodiscard]] QString countsText(std::int32_t counts);
[[nodiscard]] QString restText(const AxisFindings& found, const AxisRange& range, Sides sides);
[[nodiscard]] QString spikesText(const AxisFindings& found);
[[nodiscard]] QString stepsText(const AxisFindings& found, const AxisRange& range);

/// How an axis of these sides comes to rest, as a sentence.
[[nodiscard]] QString sidesText(Sides sides);

/// What the kernel itself does to an axis.
[[nodiscard]] QString filterText(const ControlDescription& described);

/// How controls of a kind may behave, in the order of their enumeration.
[[nodiscard]] QStringList kindsOf(ControlKind kind);

}  // namespace jolly::app
