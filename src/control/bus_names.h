// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace jolly
{

inline constexpr const char* kBusName = "org.jollytangle.Engine";
inline constexpr const char* kBusObject = "/org/jollytangle/Engine";
inline constexpr const char* kBusError = "org.jollytangle.Error.";

}  // namespace jolly
