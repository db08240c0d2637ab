// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"
#include "core/tangle/tangle.h"

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// What a line of the story is about.
enum class StoryKind : std::uint8_t {
    Touch,  ///< a hand moved a control, and what came of it
    Game,   ///< a virtual control moved by itself, or by hand on the Bench
    Layer,  ///< layers and craft
    Edit,   ///< the tangle, going live and standing down
    Plug,   ///< controllers that came and went
    Fault,  ///< events that were lost, happenings that could not be recorded
};

struct StoryLine {
    Time time{};
    StoryKind kind = StoryKind::Touch;
    Sentence what;    ///< "Lights of Bodger Box 24 was pressed"
    Sentence result;  ///< "Jolly 1, button 18 pressed"; empty when nothing came of it
};

/// Tells what happened in lines, quietly: a press is told at once, an axis once it has come to rest
/// and is kQuiet of its travel from where it was told last.
class Story
{
 public:
    static constexpr double kQuiet = 0.05;
    static constexpr Time kRest = std::chrono::milliseconds(300);

    /// Takes what happened next. @param tangle  that ran then.
    void take(const Happening& happening, const Recording& recording, const Tangle& tangle);

    /// The lines that are complete, in order; they are told once.
    [[nodiscard]] std::vector<StoryLine> takeLines();

 private:
    struct Moving {
        Happening last{};
        Sentence result;
        double told = 0.0;  ///< part of its travel at which it was told last
        bool isKnown = false;
        bool moves = false;
    };

    void endLine();
    void tellRested(Time now, const Recording& recording, const Tangle& tangle);
    void takeMove(const Happening& happening, const Recording& recording, const Tangle& tangle);
    void takeChange(const Happening& happening, const Recording& recording, const Tangle& tangle);
    void begin(const Happening& happening, StoryKind kind, const Sentence& what);

    std::vector<StoryLine> m_lines;
    std::optional<StoryLine> m_open;
    std::map<std::uint32_t, Moving> m_axes;          ///< of controllers, by track
    std::optional<std::uint32_t> m_movingAxis;       ///< whose frame goes on
    std::map<std::uint32_t, std::int32_t> m_stands;  ///< virtual controls, by track
};

}  // namespace jolly
