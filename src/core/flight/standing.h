// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/happening.h"
#include "core/value/value.h"

#include <cstdint>
#include <map>
#include <set>
#include <vector>

namespace jolly
{

/// How everything stands at one moment of a recording.
class Standing
{
 public:
    /// Follows what happened.
    void take(const Happening& happening);

    /// A track that is there no longer is as if it was never heard of.
    void forget(std::uint32_t track);

    /// What a track stands at; zero when it was never heard of.
    [[nodiscard]] Counts counts(std::uint32_t track) const
    {
        return track < m_counts.size() ? m_counts[track] : Counts{};
    }
    [[nodiscard]] const std::set<std::uint32_t>& controllers() const { return m_controllers; }
    [[nodiscard]] bool isLive() const { return m_isLive; }
    [[nodiscard]] std::uint32_t tangle() const { return m_tangle; }
    [[nodiscard]] std::uint64_t layers() const { return m_layers; }
    [[nodiscard]] std::uint32_t craft() const { return m_craft; }

    /// Tracks that are held by hand, and at what.
    [[nodiscard]] const std::map<std::uint32_t, Counts>& hands() const { return m_hands; }

    /// The same as happenings, from which take() makes it again.
    [[nodiscard]] std::vector<Happening> happenings(Time time) const;

 private:
    [[nodiscard]] Counts& at(std::uint32_t track);

    std::vector<Counts> m_counts;             ///< by track
    std::vector<Happening::Kind> m_kinds;     ///< of the tracks: Move or Change
    std::set<std::uint32_t> m_controllers;    ///< that are there
    std::map<std::uint32_t, Counts> m_hands;  ///< by track
    std::uint64_t m_layers = 1;
    std::uint32_t m_craft = 0;
    std::uint32_t m_tangle = 0;
    bool m_isLive = false;
};

}  // namespace jolly
