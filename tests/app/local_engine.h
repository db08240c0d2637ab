// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_client.h"
#include "core/value/mark.h"
#include "engine/engine.h"
#include "engine/recorder.h"
#include "format/recording_file.h"
#include "format/tangle_text.h"
#include "pretend/memory_world.h"

#include <sys/mman.h>
#include <unistd.h>

namespace jolly::test
{

/// An engine in this process, on a world in memory.
struct LocalEngine {
    LocalEngine()
        : live(std::move(*LiveMemory::make())),
          engine(world, live.block(), board),
          recorder(live.block(), board)
    {
    }

    /// What its virtual devices stand at, once, as a game would read it.
    Fallible lookAsGame()
    {
        for (auto& seat : engine.openAsGame().seats) {
            const auto state = seat.reader->state();
            for (std::uint32_t i = 0; i < state.size(); ++i) {
                auto& eye = live.block().eyes[seat.firstSlot + i];
                eye.raw = state[i].x;
                eye.rawY = state[i].y;
                eye.sight = static_cast<std::uint32_t>(LiveSight::Same);
            }
        }
        return {};
    }

    Result<UniqueFd> recording(Time since)
    {
        auto kept = recorder.recording(since);
        kept.clock = 1'795'874'430'000'000'000;  // 2026-11-28 14:00:30 UTC
        const auto bytes = format::writeRecording(kept);
        UniqueFd fd(memfd_create("flight", MFD_CLOEXEC));
        const auto size = static_cast<ssize_t>(bytes->size());
        if (::write(fd.get(), bytes->data(), bytes->size()) != size) std::abort();
        return fd;
    }

    MemoryWorld world;
    LiveMemory live;
    std::string flown{};  ///< the text of what it flies, for a window that asks
    StatusBoard board;
    Engine engine;
    Recorder recorder;
    std::string keptAs;
};

/// The way to it, without a bus.
class LocalLink : public EngineLink
{
 public:
    explicit LocalLink(LocalEngine& local) : m_local(local) {}

    Result<LoadResult> load(const std::string& text) override
    {
        auto read = format::readTangle(text);
        if (read.isReadable) {
            auto woven = std::make_unique<WovenTangle>(read.tangle, markOf(text));
            woven->number = m_local.recorder.noteTangle(text);
            m_local.engine.take(std::move(woven));
        }
        return LoadResult{read.isReadable, read.problems};
    }
    Fallible goLive() override { return m_local.engine.goLive(); }
    Fallible standDown() override
    {
        m_local.engine.standDown();
        return {};
    }
    Fallible flipLayer(const std::string& layer) override
    {
        return m_local.engine.flipLayer(layer);
    }
    Fallible chooseCraft(const std::string& craft) override
    {
        return m_local.engine.chooseCraft(craft);
    }
    Fallible quit() override { return standDown(); }
    Fallible holdByHand(const Target& place, Value value) override
    {
        return m_local.engine.holdByHand(place, value);
    }
    Fallible letGoByHand(const Target& place) override { return m_local.engine.letGoByHand(place); }
    Fallible letGoAllByHand() override
    {
        m_local.engine.letGoByHand();
        return {};
    }
    Fallible keepHand() override
    {
        m_local.engine.keepHand();
        return {};
    }
    Fallible learn(const std::vector<Target>& places) override
    {
        return m_local.engine.learn(places);
    }
    Fallible sweep(SweepWay way) override { return m_local.engine.sweep(way); }
    Fallible lookAsGame() override { return m_local.lookAsGame(); }
    Result<UniqueFd> recording(Time since) override { return m_local.recording(since); }
    Result<std::string> keepRecording(const std::string& path) override
    {
        m_local.keptAs = path;
        return path;
    }
    Result<EngineStatus> status() override { return *m_local.board.get(); }
    Result<Problems> problems() override { return Problems{}; }
    Result<std::string> tangle() override { return m_local.flown; }
    Result<LiveView> values() override { return LiveView::map(m_local.live.fd()); }

 private:
    LocalEngine& m_local;
};

}  // namespace jolly::test
