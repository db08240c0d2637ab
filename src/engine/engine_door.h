// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/engine.h"
#include "engine/spsc_queue.h"

#include <atomic>
#include <cstdint>
#include <future>
#include <memory>
#include <mutex>

namespace jolly
{

/// The way into a running engine from other threads: what is asked is built on their side, handed
/// over without waiting, and done by the engine's thread between two frames.
class EngineDoor
{
 public:
    explicit EngineDoor(World& world) : m_world(world) {}

    /// Runs another tangle. Control threads only.
    Fallible take(std::unique_ptr<WovenTangle> woven);
    Fallible goLive();
    Fallible standDown();
    Fallible flipLayer(const std::string& layer);
    Fallible chooseCraft(const std::string& craft);

    /// Stands down and ends the loop. Control threads only.
    Fallible quit();

    /// Does what was asked. The engine's thread only; RT-safe while nothing is.
    void serve(Engine& engine);

    /// Nothing is done any more: what was asked and what will be is refused at once. The engine's
    /// thread only.
    void close();

    [[nodiscard]] bool hasQuit() const noexcept { return m_hasQuit; }

 private:
    enum class Wish : std::uint8_t { Take, GoLive, StandDown, FlipLayer, ChooseCraft, Quit };

    struct Answer {
        Fallible outcome;
        std::unique_ptr<WovenTangle> retired;
    };

    struct Order {
        Wish wish = Wish::Quit;
        std::unique_ptr<WovenTangle> woven;
        std::string name;  ///< of a layer or a craft
        std::promise<Answer> answer;
    };

    Fallible ask(Wish wish, std::unique_ptr<WovenTangle> woven = {}, std::string name = {});
    Answer carryOut(Order& order, Engine& engine);

    World& m_world;
    std::mutex m_asking;  ///< among control threads; the engine's thread never takes it
    SpscQueue<std::unique_ptr<Order>, 8> m_orders;
    std::atomic<bool> m_isClosed{false};
    bool m_hasQuit = false;
};

}  // namespace jolly
