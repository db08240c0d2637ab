// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_client.h"
#include "core/value/mark.h"
#include "engine/engine.h"
#include "format/tangle_text.h"
#include "pretend/memory_world.h"

namespace jolly::test
{

/// An engine in this process, on a world in memory.
struct LocalEngine {
    LocalEngine() : live(std::move(*LiveMemory::make())), engine(world, live.block(), board) {}

    MemoryWorld world;
    LiveMemory live;
    StatusBoard board;
    Engine engine;
};

/// The way to it, without a bus.
class LocalLink : public EngineLink
{
 public:
    explicit LocalLink(LocalEngine& local) : m_local(local) {}

    Result<LoadResult> load(const std::string& text) override
    {
        auto read = format::readTangle(text);
        if (read.isReadable)
            m_local.engine.take(std::make_unique<WovenTangle>(read.tangle, markOf(text)));
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
    Result<EngineStatus> status() override { return *m_local.board.get(); }
    Result<Problems> problems() override { return Problems{}; }
    Result<std::string> tangle() override { return std::string(); }
    Result<LiveView> values() override { return LiveView::map(m_local.live.fd()); }

 private:
    LocalEngine& m_local;
};

}  // namespace jolly::test
