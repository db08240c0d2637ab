// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/running_engine.h"

#include "control/preflight.h"
#include "core/layers/family.h"
#include "core/value/mark.h"
#include "format/files.h"

#include <sys/eventfd.h>
#include <unistd.h>

#include <algorithm>

namespace jolly
{

namespace
{

/// Says that a tangle is being read, for as long as it lives.
struct Reading {
    explicit Reading(std::atomic<bool>& isReading) : m_isReading(isReading) { m_isReading = true; }
    Reading(const Reading&) = delete;
    Reading& operator=(const Reading&) = delete;
    ~Reading() { m_isReading = false; }

    std::atomic<bool>& m_isReading;
};

}  // namespace

RunningEngine::RunningEngine(std::unique_ptr<World> world, LiveMemory live)
    : m_world(std::move(world)),
      m_live(std::move(live)),
      m_engine(*m_world, m_live.block(), m_board),
      m_door(*m_world),
      m_recorder(m_live.block(), m_board),
      m_lookout(m_live.block(), m_door),
      m_news(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_keepBell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_keeper(m_keepBell.get(), [this] { keepAside(); })
{
}

RunningEngine::~RunningEngine()
{
    if (m_news >= 0) ::close(m_news);
}

void RunningEngine::begin(const Tangle& tangle)
{
    remember(tangle);
    auto woven = std::make_unique<WovenTangle>(tangle);
    woven->number = m_recorder.noteTangle(format::writeTangle(tangle));
    m_engine.take(std::move(woven));
}

void RunningEngine::remember(const Tangle& tangle)
{
    const std::lock_guard lock(m_mutex);
    m_tangle = tangle;
}

void RunningEngine::run(Time end)
{
    while (!m_isStopped.load(std::memory_order_relaxed) && !m_door.hasQuit() &&
           (end == Time::max() || now() < end)) {
        m_engine.step(end);
        m_door.serve(m_engine);
        tellLayers();
        if (m_engine.takeKeep()) askToKeep(false);
        if (m_engine.edition() != m_toldEdition) tellTroubles();
    }
    m_engine.sayEnding();
    m_engine.standDown();
    while (!m_engine.isAtRest()) m_engine.step(Time::max());
    m_door.close();
    m_teller.finish();
}

/// On the engine's own thread: no more than a write, and only where something changed.
void RunningEngine::tellLayers() noexcept
{
    const auto& header = m_live.block().header;
    const auto layers = header.layers.load(std::memory_order_relaxed);
    const auto craft = header.craft.load(std::memory_order_relaxed);
    if (layers == m_toldLayers && craft == m_toldCraft) return;
    m_toldLayers = layers;
    m_toldCraft = craft;
    constexpr std::uint64_t kOne = 1;
    static_cast<void>(::write(m_news, &kOne, sizeof kOne) ==
                      sizeof kOne);  // else it is full of news
}

FliesAs RunningEngine::fliesAs() const
{
    const auto& header = m_live.block().header;
    const auto layers = header.layers.load(std::memory_order_relaxed);
    const auto craft = header.craft.load(std::memory_order_relaxed);
    const std::lock_guard lock(m_mutex);
    FliesAs now;
    if (craft < m_tangle.craft.size()) now.craft = m_tangle.craft[craft].id;
    for (std::size_t layer = 1; layer < std::min(m_tangle.layers.size(), kMostLayers); ++layer) {
        if (((layers >> layer) & 1U) != 0) now.layers.push_back(m_tangle.layers[layer].id);
    }
    return now;
}

void RunningEngine::requestStop() noexcept
{
    m_isStopped.store(true, std::memory_order_relaxed);
    m_world->wake();
}

void RunningEngine::tellTroubles()
{
    m_toldEdition = m_engine.edition();
    std::vector<std::string> present;
    for (const auto& trouble : m_board.get()->troubles) {
        present.push_back(trouble.sentence.english());
        if (std::ranges::find(m_told, present.back()) != m_told.end()) continue;
        m_teller.say(oneAfterOther(trouble.sentence, trouble.cure).english());
        if (m_engine.isLive()) askToKeep(true);
    }
    m_told = std::move(present);
}

Problems RunningEngine::load(const std::string& text, bool& accepted)
{
    const Reading reading(m_isReading);
    accepted = false;
    if (m_isStopped)
        return {{Severity::Error, "", words("The engine is ending."), words("Start another one.")}};
    if (text.size() > format::kMostBytes)
        return {{Severity::Error, "", words("This is larger than any tangle."),
                 words("Choose another one.")}};
    auto read = format::readTangle(text);
    accepted = read.isReadable;
    if (!read.isReadable) return read.problems;
    auto woven = std::make_unique<WovenTangle>(read.tangle, markOf(text));
    woven->number = m_recorder.noteTangle(text);
    if (const auto done = m_door.take(std::move(woven)); !done) {
        accepted = false;
        read.problems.push_back({Severity::Error, "", done.error().sentence, done.error().cure});
        return read.problems;
    }
    remember(read.tangle);
    return read.problems;
}

Problems RunningEngine::problems() const
{
    const std::lock_guard lock(m_mutex);
    return preflight(m_tangle, *m_board.get());
}

std::string RunningEngine::tangle() const
{
    const std::lock_guard lock(m_mutex);
    return format::writeTangle(m_tangle);
}

}  // namespace jolly
