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
#include <vector>

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

    /// Has something done. What was told to have failed is not done later. Control threads only.
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

    /// Something that is asked. Whoever asked may give it up as long as it was not begun.
    struct Order {
        enum class State : std::uint8_t { Waits, Begun, GivenUp };

        Deed deed;
        std::promise<Answer> answer;
        std::atomic<State> state{State::Waits};

        /// @return whether it was still waiting.
        [[nodiscard]] bool become(State next) noexcept
        {
            auto waits = State::Waits;
            return state.compare_exchange_strong(waits, next);
        }
    };

    [[nodiscard]] Fallible await(Order& order);

    World& m_world;
    std::mutex m_asking;  ///< among control threads; the engine's thread never takes it
    SpscQueue<std::shared_ptr<Order>, 8> m_orders;
    std::vector<std::shared_ptr<Order>> m_givenUp;  ///< to be destroyed here, once they were seen
    std::atomic<bool> m_isClosed{false};
    bool m_hasQuit = false;
};

}  // namespace jolly
