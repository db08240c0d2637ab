// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "engine/status.h"

#include <memory>
#include <string>

namespace jolly
{

/// What the engine's program does for its clients. Called on the service's own thread.
class EngineHost
{
 public:
    virtual ~EngineHost() = default;

    /// Runs another tangle. @return all there is to say about it; `accepted` tells whether it runs.
    [[nodiscard]] virtual Problems load(const std::string& tangle, bool& accepted) = 0;
    [[nodiscard]] virtual Fallible goLive() = 0;
    [[nodiscard]] virtual Fallible standDown() = 0;
    [[nodiscard]] virtual Fallible quit() = 0;
    [[nodiscard]] virtual std::shared_ptr<const EngineStatus> status() const = 0;
    [[nodiscard]] virtual Problems problems() const = 0;
    [[nodiscard]] virtual std::string tangle() const = 0;
    [[nodiscard]] virtual int liveFd() const = 0;
};

/// Offers an engine on the session bus, as data/dbus/org.jollytangle.Engine1.xml says, on a thread
/// of its own until it is destroyed.
class EngineService
{
 public:
    /// Busy when an engine is there already, NotThere without a session bus.
    [[nodiscard]] static Result<std::unique_ptr<EngineService>> offer(EngineHost& host);
    ~EngineService();

 private:
    class Object;
    explicit EngineService(std::unique_ptr<Object> object);

    std::unique_ptr<Object> m_object;
};

}  // namespace jolly
