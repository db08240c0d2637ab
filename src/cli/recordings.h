// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/flight_player.h"

#include <string>

namespace jolly
{

/// Opens a recording of the flight recorder or of evemu. What is damaged in it is said on standard
/// error.
[[nodiscard]] Result<Recording> openRecording(const std::string& file);

/// What the engine that runs has recorded. @param since  monotonic ns; 0 for all.
[[nodiscard]] Result<Recording> recordingOfEngine(Time since);

/// A sentence when no controller of the recording is in a tangle's rig; empty when one is.
[[nodiscard]] std::string strangerIn(const Recording& recording, const Tangle& tangle);

/// The time of day of a moment of a recording: "14:21:04.301".
[[nodiscard]] std::string timeOfDay(const Recording& recording, Time time);

}  // namespace jolly
