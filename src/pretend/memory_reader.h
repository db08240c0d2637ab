// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"
#include "ports/world.h"

#include <deque>
#include <memory>
#include <mutex>
#include <vector>

namespace jolly
{

/// What goes from a virtual device in memory to one reader of it.
class MemoryPipe
{
 public:
    MemoryPipe();

    [[nodiscard]] int fd() const noexcept { return m_bell.get(); }

    /// The device's thread.
    void put(std::span<const VirtualMove> moves, std::span<const VirtualSlot> slots, Time time);

    /// The reader's thread. @return whether there was a frame.
    [[nodiscard]] bool take(std::vector<SeenChange>& changes, Time& time);

 private:
    struct Frame {
        std::vector<SeenChange> changes;
        Time time;
    };

    UniqueFd m_bell;
    std::mutex m_mutex;
    std::deque<Frame> m_frames;
};

/// A reader of a virtual device in memory.
class MemoryReader : public GameReader
{
 public:
    MemoryReader(std::shared_ptr<MemoryPipe> pipe, std::vector<Counts> state)
        : m_pipe(std::move(pipe)), m_state(std::move(state))
    {
    }

    [[nodiscard]] int fd() const noexcept override { return m_pipe->fd(); }
    [[nodiscard]] std::vector<Counts> state() const override { return m_state; }
    [[nodiscard]] bool read(std::vector<SeenChange>& changes, Time& time) override;

 private:
    std::shared_ptr<MemoryPipe> m_pipe;
    std::vector<Counts> m_state;
};

}  // namespace jolly
