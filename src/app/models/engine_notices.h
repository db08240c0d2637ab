// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"
#include "app/services/engine_session.h"

namespace jolly::app
{

/// Tells what becomes of the engine while nobody asks for it, with what can be done about it.
void tellOfEngine(EngineSession& session, Messages& messages);

}  // namespace jolly::app
