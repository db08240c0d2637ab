// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/engine_session.h"

#include <QString>

namespace jolly::app
{

/// The program `tangle`: beside this one, else on the path; empty when it is in neither.
[[nodiscard]] QString engineProgram();

/// How an engine is started.
struct EngineStart {
    QString world = QStringLiteral("kernel");  ///< or a world file
    bool takesKeyboards = false;               ///< keyboards and pointers count as controllers
    QString program{};                         ///< the engine's; empty for engineProgram()
    int recorderMinutes = 15;                  ///< how long the flight recorder looks back
};

/// The engine of the session bus; when there is none, the program `tangle` beside this one is
/// started as a process of its own, idle.
///
[[nodiscard]] EngineAccess realEngine(const EngineStart& start);

}  // namespace jolly::app
