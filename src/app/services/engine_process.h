// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/engine_session.h"

#include <QString>

namespace jolly::app
{

/// The program `tangle`: beside this one, else on the path; empty when it is in neither.
[[nodiscard]] QString engineProgram();

/// The engine of the session bus; when there is none, the program `tangle` beside this one is
/// started as a process of its own, idle.
///
/// @param world          "kernel" or a world file.
/// @param takesKeyboards  whether keyboards and pointers count as controllers.
/// @param program         the engine's; empty for engineProgram().
[[nodiscard]] EngineAccess realEngine(const QString& world, bool takesKeyboards = false,
                                      const QString& program = {});

}  // namespace jolly::app
