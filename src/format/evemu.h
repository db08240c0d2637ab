// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"

#include <string>
#include <string_view>

/// The text format of the evemu tools (evemu-record, evemu-play): one input device and its events.
namespace jolly::format
{

/// Whether a text looks like a recording of evemu.
[[nodiscard]] bool isEvemu(std::string_view text);

/// Reads one: a recording of one controller, without virtual devices. Unreadable with the line that
/// makes no sense.
[[nodiscard]] Result<Recording> readEvemu(std::string_view text);

/// What one controller of a recording did, from its first to its last event, as evemu-play takes
/// it. Times begin at 0. Fails when the recording cannot be read.
[[nodiscard]] Result<std::string> writeEvemu(const Recording& recording, std::uint32_t controller);

}  // namespace jolly::format
