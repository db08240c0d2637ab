// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_commands.h"
#include "core/value/result.h"
#include "engine/status.h"

#include <chrono>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <string>
#include <thread>

namespace jolly
{

/// The craft that is flown, and the layers that are engaged above Base, by their ids.
struct FliesAs {
    std::string craft;
    std::vector<std::string> layers;
};

/// What the engine's program does for its clients. Called on the service's own thread.
class EngineHost : public EngineCommands
{
 public:
    /// Whose calls follow: a name on the bus. Its hands are its own.
    virtual void hearFrom(const std::string& client) = 0;

    /// Of all programs that asked for the engine's status or values none is on the bus any more.
    /// Not told when the bus itself is gone: they may still look at the values. The service's
    /// thread.
    virtual void lastClientLeft() = 0;

    /// Runs another tangle; one after the other, on a thread of its own.
    /// @return all there is to say about it; `accepted` tells whether it runs.
    [[nodiscard]] virtual Problems load(const std::string& tangle, bool& accepted) = 0;
    [[nodiscard]] virtual std::shared_ptr<const EngineStatus> status() const = 0;
    [[nodiscard]] virtual Problems problems() const = 0;
    [[nodiscard]] virtual std::string tangle() const = 0;
    [[nodiscard]] virtual int liveFd() const = 0;
    [[nodiscard]] virtual FliesAs fliesAs() const = 0;
    /// A counter (an eventfd) that is written to when fliesAs() changes.
    [[nodiscard]] virtual int fliesAsFd() const = 0;
};

/// Offers an engine on the session bus, as data/dbus/org.jollytangle.Engine1.xml says, on threads
/// of its own until it is destroyed. When the bus dies it comes back with the next one.
class EngineService
{
 public:
    /// How long it waits before it looks for a bus again.
    static constexpr std::chrono::milliseconds kLookAgain{500};

    /// Busy when an engine is there already, NotThere without a session bus.
    [[nodiscard]] static Result<std::unique_ptr<EngineService>> offer(EngineHost& host);

    /// Waits for the tangle that is just being read; see EngineHost::load().
    ~EngineService();

    /// Answers the call that is being served, if any, and hears no more.
    void hearNoMore();

 private:
    class Object;
    explicit EngineService(EngineHost& host);
    Fallible appear();
    void keep();

    EngineHost& m_host;
    std::unique_ptr<Object> m_object;
    std::mutex m_mutex;  ///< of the two below
    bool m_isEnding = false;
    bool m_hasDied = false;
    std::condition_variable m_news;
    std::thread m_keeper;
};

}  // namespace jolly
