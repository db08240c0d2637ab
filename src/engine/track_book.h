// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"

#include <cstdint>
#include <map>
#include <set>
#include <string>
#include <tuple>
#include <vector>

namespace jolly
{

/// Numbers that are given anew once they are out of the scene and no chunk that is kept speaks of
/// them.
class ReusedNumbers
{
 public:
    /// A new scene: whatever does not stay() or is taken from here on is out of it.
    void beginScene();
    void stay(std::uint32_t number) { m_uses[number].isInScene = true; }

    /// The first that is free.
    [[nodiscard]] std::uint32_t take();

    /// Ends the scene's list. What left it was spoken of last in chunk `open`.
    /// @return which left it.
    std::vector<std::uint32_t> endScene(std::uint64_t open);

    /// Chunks before `first` are kept no longer. @return which are free from now on.
    std::vector<std::uint32_t> forgetBefore(std::uint64_t first);

    /// How many there are, the free ones as well.
    [[nodiscard]] std::size_t size() const { return m_uses.size(); }
    [[nodiscard]] bool isFree(std::uint32_t number) const { return m_free.contains(number); }

 private:
    struct Use {
        bool isInScene = false;
        bool wasInScene = false;
        std::uint64_t lastChunk = 0;  ///< that speaks of it, once it is out of the scene
    };

    std::vector<Use> m_uses;
    std::set<std::uint32_t> m_free;
};

/// The controllers and tracks of a recording that goes on for ever.
class TrackBook
{
 public:
    void beginScene();

    /// The number of what is in the scene; that of before when it is known.
    [[nodiscard]] std::uint32_t controllerNumber(const ControllerDescription& description);
    [[nodiscard]] std::uint32_t trackNumber(const Track& track);

    /// @param open  number of the chunk that goes on, counted from the first there ever was.
    /// @return tracks that left the scene.
    [[nodiscard]] std::vector<std::uint32_t> endScene(std::uint64_t open);

    void forgetBefore(std::uint64_t firstChunk);

    [[nodiscard]] const std::vector<ControllerDescription>& controllers() const
    {
        return m_controllers;
    }
    [[nodiscard]] const std::vector<Track>& tracks() const { return m_tracks; }

 private:
    using Key = std::tuple<std::uint32_t, std::uint32_t, std::string, ControlKind, std::uint32_t>;

    static Key keyOf(const Track& track);

    std::vector<ControllerDescription> m_controllers;
    std::vector<Track> m_tracks;
    ReusedNumbers m_controllerNumbers;
    ReusedNumbers m_trackNumbers;
    std::map<Key, std::uint32_t> m_numberOf;
};

}  // namespace jolly
