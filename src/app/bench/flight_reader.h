// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/activity.h"
#include "core/flight/story.h"

#include <QString>
#include <map>
#include <memory>
#include <optional>
#include <vector>

namespace jolly::app
{

/// What a look at a recording gave.
struct FlightRead {
    /// What moved, by the beginnings of chunks.
    using Activity = std::map<Time, std::shared_ptr<const ChunkActivity>>;

    std::shared_ptr<const Recording> recording = std::make_shared<Recording>();
    std::vector<StoryLine> lines{};  ///< that were not told before
    Activity activity{};
};

/// Reads recordings piece by piece: each chunk is looked at once. All of it may take its time, and
/// is done aside, by one call after the other.
class FlightReader
{
 public:
    /// Forgets what it has read.
    void clear();

    /// What came since the last time stands in the place of the chunk that went on then.
    [[nodiscard]] FlightRead take(Recording recording);

    /// Begins anew with a file. Fails where that cannot be read; what was read before stays.
    [[nodiscard]] Result<FlightRead> open(const QString& path);

 private:
    [[nodiscard]] FlightRead look(bool isOfFile);
    [[nodiscard]] std::vector<StoryLine> tell(bool isOfFile);
    void lookAtChunks(bool isOfFile);

    std::shared_ptr<const Recording> m_recording = std::make_shared<Recording>();
    FlightRead::Activity m_activity;
    Story m_story;
    std::size_t m_toldInChunk = 0;
    Time m_toldChunk = Time::min();
    std::optional<std::uint32_t> m_toldNumber;  ///< of the tangle that ran in what was told last
    Tangle m_toldTangle;
};

}  // namespace jolly::app
