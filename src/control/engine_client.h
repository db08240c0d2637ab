// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_commands.h"
#include "control/live_view.h"
#include "core/value/result.h"
#include "engine/status.h"

#include <chrono>
#include <memory>
#include <string>

namespace jolly
{

/// What became of a tangle that was sent to the engine.
struct LoadResult {
    bool isAccepted = false;
    Problems problems;
};

/// An engine to talk to.
class EngineLink : public EngineCommands
{
 public:
    [[nodiscard]] virtual Result<LoadResult> load(const std::string& tangle) = 0;
    [[nodiscard]] virtual Result<EngineStatus> status() = 0;
    [[nodiscard]] virtual Result<Problems> problems() = 0;
    [[nodiscard]] virtual Result<std::string> tangle() = 0;
    [[nodiscard]] virtual Result<LiveView> values() = 0;
};

/// The engine on the session bus.
class EngineClient : public EngineLink
{
 public:
    /// How long an engine has for an answer.
    static constexpr std::chrono::seconds kPatience{6};

    /// NotThere when no engine runs, Busy when one does not answer, System when there is no session
    /// bus. @param patience  how long it has for this and every later answer.
    [[nodiscard]] static Result<std::unique_ptr<EngineClient>> connect(
        std::chrono::seconds patience = kPatience);

    /// Kills the process of the engine on the bus, for when it does not answer. The kernel takes
    /// its virtual devices away. @return whether there was one.
    static bool endByForce();

    ~EngineClient() override;

    [[nodiscard]] Result<LoadResult> load(const std::string& tangle) override;
    [[nodiscard]] Fallible goLive() override;
    [[nodiscard]] Fallible standDown() override;
    [[nodiscard]] Fallible flipLayer(const std::string& layer) override;
    [[nodiscard]] Fallible chooseCraft(const std::string& craft) override;
    [[nodiscard]] Fallible quit() override;
    [[nodiscard]] Fallible holdByHand(const Target& place, Value value) override;
    [[nodiscard]] Fallible letGoByHand(const Target& place) override;
    [[nodiscard]] Fallible letGoAllByHand() override;
    [[nodiscard]] Fallible keepHand() override;
    [[nodiscard]] Fallible learn(const std::vector<Target>& places) override;
    [[nodiscard]] Fallible sweep(SweepWay way) override;
    [[nodiscard]] Fallible lookAsGame() override;
    [[nodiscard]] Result<UniqueFd> recording(Time since) override;
    [[nodiscard]] Result<std::string> keepRecording(const std::string& path) override;
    [[nodiscard]] Result<EngineStatus> status() override;
    [[nodiscard]] Result<Problems> problems() override;
    [[nodiscard]] Result<std::string> tangle() override;
    [[nodiscard]] Result<LiveView> values() override;

 private:
    class Proxy;
    explicit EngineClient(std::unique_ptr<Proxy> proxy);

    std::unique_ptr<Proxy> m_proxy;
};

}  // namespace jolly
