// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "engine/status.h"

#include <string>

namespace jolly
{

/// The status as the JSON of docs/formats/engine.md, and back.
[[nodiscard]] std::string statusToJson(const EngineStatus& status);
[[nodiscard]] Result<EngineStatus> statusFromJson(const std::string& text);

/// Problems as a JSON list, and back; anything else is read as none.
[[nodiscard]] std::string problemsToJson(const Problems& problems);
[[nodiscard]] Problems problemsFromJson(const std::string& text);

}  // namespace jolly
