// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/engine.h"
#include "engine/spsc_queue.h"

#include <atomic>
#include <cstdint>
#include <functional>
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
    /// What the engine's thread does. It is destroyed where it was made.
    using Deed = std::function<Fallible(Engine&)>;

    explicit EngineDoor(World& world) : m_world(world) {}

    /// Has something done. Control threads only.
    [[nodiscard]] Fallible ask(Deed deed);

    /// Runs another tangle. Control threads only.
    Fallible take(std::unique_ptr<WovenTangle> woven);

    /// Stands down and ends the loop. Control threads only.
    Fallible quit();

    /// Does what was asked. The engine's thread only; RT-safe while nothing is.
    void serve(Engine& engine);

    /// Nothing is done any more: what was asked and what will be is refused at once. The engine's
    /// thread only.
    void close();

    [[nodiscard]] bool hasQuit() const noexcept { return m_hasQuit; }

 private:
    struct Answer {
        Fallible outcome;
        Deed deed;  ///< with all that it holds
    };

    struct Order {
        Deed deed;
        std::promise<Answer> answer;
    };

    World& m_world;
    std::mutex m_asking;  ///< among control threads; the engine's thread never takes it
    SpscQueue<std::unique_ptr<Order>, 8> m_orders;
    std::atomic<bool> m_isClosed{false};
    bool m_hasQuit = false;
};

}  // namespace jolly
