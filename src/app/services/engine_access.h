// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/aside.h"
#include "control/engine_client.h"

#include <QString>
#include <functional>
#include <memory>

namespace jolly::app
{

/// How the window comes to an engine; tests bring their own. All but `whyNot` may be called on
/// another thread than the window's.
struct EngineAccess {
    std::function<Result<std::unique_ptr<EngineLink>>()> connect;
    std::function<Fallible()> start{};  ///< starts an engine process
    std::function<QString()>
        whyNot{};  ///< what that process said when it ended; empty while it runs
    std::function<void()> endByForce{};  ///< ends an engine that does not answer
    Aside::Way way = Aside::Way::AtOnce;
};

}  // namespace jolly::app
