// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"

#include <optional>
#include <string>
#include <string_view>

namespace jolly::format
{

/// What a recording is about, without its chunks: clock, controllers, tracks and tangles.
[[nodiscard]] std::string jsonOf(const Recording& recording);

/// Reads what jsonOf() writes; nothing when it is none.
[[nodiscard]] std::optional<Recording> recordingOfJson(std::string_view text);

}  // namespace jolly::format
