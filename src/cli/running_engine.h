// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_service.h"
#include "cli/teller.h"
#include "control/news_thread.h"
#include "engine/engine_door.h"
#include "engine/lookout.h"
#include "engine/recorder.h"
#include "format/tangle_text.h"

#include <atomic>
#include <cstdint>
#include <memory>
#include <string>
#include <vector>

namespace jolly
{

/// An engine with its world, its shared values and its loop: what `tangle run` is. The loop runs in
/// run(); everything else may be called from other threads meanwhile.
class RunningEngine : public EngineHost
{
 public:
    RunningEngine(std::unique_ptr<World> world, LiveMemory live);
    ~RunningEngine() override;

    /// Before run(): the tangle to begin with.
    void begin(const Tangle& tangle);
    [[nodiscard]] Engine& engine() noexcept { return m_engine; }

    /// Runs until quit(), requestStop() or `end`, then stands down. Says new troubles on standard
    /// error, which it never waits for.
    void run(Time end);

    /// Says something on standard error. The thread of run() only.
    void say(std::string sentence) { m_teller.say(std::move(sentence)); }

    /// How much the flight recorder keeps. Any thread.
    void setRecorder(RecorderLimits limits) { m_recorder.setLimits(limits); }

    /// Whether it ends by itself once it is idle and its last client is gone. Before run().
    void setEndsWithClients(bool endsSo) noexcept { m_endsWithClients = endsSo; }

    /// Ends run() soon. Safe in a signal handler.
    void requestStop() noexcept;

    /// Whether a client's tangle is still being read, on the service's thread.
    [[nodiscard]] bool isReading() const noexcept { return m_isReading; }

    [[nodiscard]] Time now() const noexcept { return m_world->now(); }

    [[nodiscard]] Problems load(const std::string& tangle, bool& accepted) override;
    [[nodiscard]] Fallible goLive() override;
    [[nodiscard]] Fallible standDown() override;
    [[nodiscard]] Fallible flipLayer(const std::string& layer) override;
    [[nodiscard]] Fallible chooseCraft(const std::string& craft) override;
    [[nodiscard]] Fallible quit() override { return m_door.quit(); }
    void hearFrom(const std::string& client) override { m_client = client; }
    void lastClientLeft() override
    {
        if (m_endsWithClients && !m_board.get()->isLive) requestStop();
    }
    [[nodiscard]] Fallible holdByHand(const Target& place, Value value) override;
    [[nodiscard]] Fallible letGoByHand(const Target& place) override;
    [[nodiscard]] Fallible letGoAllByHand() override;
    [[nodiscard]] Fallible keepHand() override;
    [[nodiscard]] Fallible learn(const std::vector<Target>& places) override;
    [[nodiscard]] Fallible sweep(SweepWay way) override;
    [[nodiscard]] Fallible lookAsGame() override;
    [[nodiscard]] Result<UniqueFd> recording(Time since) override;
    [[nodiscard]] Result<std::string> keepRecording(const std::string& path) override;
    [[nodiscard]] std::shared_ptr<const EngineStatus> status() const override
    {
        return m_board.get();
    }
    [[nodiscard]] Problems problems() const override;
    [[nodiscard]] std::string tangle() const override;
    [[nodiscard]] int liveFd() const override { return m_live.fd(); }
    [[nodiscard]] FliesAs fliesAs() const override;
    [[nodiscard]] int fliesAsFd() const override { return m_news; }

 private:
    void remember(const Tangle& tangle);
    void askToKeep(bool isByItself) noexcept;
    void keepAside();
    void tellTroubles();
    void tellLayers() noexcept;

    std::unique_ptr<World> m_world;
    LiveMemory m_live;
    StatusBoard m_board;
    Engine m_engine;
    EngineDoor m_door;
    Recorder m_recorder;
    Lookout m_lookout;
    int m_news = -1;  ///< a counter of changes of layers and craft
    std::uint64_t m_toldLayers = 1;
    std::uint64_t m_toldCraft = 0;
    std::atomic<bool> m_isStopped{false};
    std::atomic<bool> m_isReading{false};
    bool m_endsWithClients = false;
    mutable std::mutex m_mutex;  ///< of m_tangle; never taken by the loop
    Tangle m_tangle;
    std::uint64_t m_toldEdition = 0;
    std::vector<std::string> m_told;
    std::string m_client;  ///< whose calls are heard; the service's thread only
    Teller m_teller, m_keeperTells;
    std::atomic<bool> m_wantsKept{false};  ///< somebody asked for the recording to be kept
    std::chrono::steady_clock::time_point m_keptByItself{};
    UniqueFd m_keepBell;
    NewsThread m_keeper;  ///< writes recordings that are kept; last, it uses all of the above
};

}  // namespace jolly
