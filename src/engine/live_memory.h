// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "engine/live_layout.h"

namespace jolly
{

/// Owns the shared block: a sealed memfd that clients can map but not write or resize.
class LiveMemory
{
 public:
    [[nodiscard]] static Result<LiveMemory> make();
    LiveMemory(LiveMemory&& other) noexcept;
    LiveMemory& operator=(LiveMemory&&) = delete;
    ~LiveMemory();

    [[nodiscard]] LiveBlock& block() const noexcept { return *m_block; }
    [[nodiscard]] int fd() const noexcept { return m_fd; }

 private:
    LiveMemory(int fd, LiveBlock* block) : m_fd(fd), m_block(block) {}

    int m_fd;
    LiveBlock* m_block;
};

}  // namespace jolly
