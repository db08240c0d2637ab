// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/meetings.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// Which layers are engaged: what presses them, what was flipped, what they need, and their groups.
/// RT-safe after construction.
class LayerStack
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit LayerStack(const Plan& plan);

    /// Base alone is engaged.
    void reset() noexcept;

    [[nodiscard]] std::uint64_t engaged() const noexcept { return m_engaged; }
    [[nodiscard]] bool isEngaged(std::uint32_t layer) const noexcept
    {
        return ((m_engaged >> layer) & 1U) != 0;
    }

    /// Engages a layer until the next flip, or until another of its group is; or lets it go.
    void flip(std::uint32_t layer) noexcept;

    /// Flips the layer that many places further in its group, round and round, from the one that is
    /// engaged; from itself where none is.
    void step(std::uint32_t layer, int by) noexcept;

    /// Works out which are engaged now. @return those that are not as they were.
    [[nodiscard]] std::uint64_t settle(const Meetings& meetings) noexcept;

    /// Whether something was flipped since settle().
    [[nodiscard]] bool hasNews() const noexcept { return m_hasNews; }

    /// A layer was flipped on in a plan before, and may have been engaged there.
    void keep(std::uint32_t layer, const LayerStack& previous, std::uint32_t old) noexcept;

 private:
    [[nodiscard]] std::uint64_t withNeeds(std::uint64_t wanted) const noexcept;
    [[nodiscard]] std::uint64_t oneOfEachGroup(std::uint64_t wanted) const noexcept;
    void setFlipped(std::uint32_t layer, bool isOn) noexcept;
    void noteNew(std::uint64_t pressed, std::uint64_t wanted) noexcept;

    const Plan& m_plan;
    std::uint64_t m_engaged = 1;
    std::uint64_t m_flipped = 0;
    std::uint64_t m_pressed = 0;
    std::uint64_t m_wanted = 1;           ///< of what is pressed, flipped or by itself
    std::vector<std::uint32_t> m_latest;  ///< by layer: the higher, the later it was wanted
    std::uint32_t m_count = 0;
    bool m_hasNews = true;
};

}  // namespace jolly
