// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/commands.h"
#include "control/engine_client.h"

namespace jolly
{

/// Calls `talk` with the engine that runs; says what went wrong, or that there is none.
template <class Talk>
ExitCode withEngine(Talk&& talk)
{
    auto client = EngineClient::connect();
    if (!client) {
        complain(client.error());
        return ExitCode::WorldRefuses;
    }
    if (const Fallible done = talk(**client); !done) {
        complain(done.error());
        return ExitCode::WorldRefuses;
    }
    return ExitCode::Fine;
}

}  // namespace jolly
