// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_fields.h"
#include "core/value/signal.h"
#include "core/value/source.h"
#include "core/value/time.h"
#include "core/value/value.h"

#include <algorithm>
#include <cstdint>
#include <functional>
#include <initializer_list>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// How the outlets of a stage are pictured beside their rows.
enum class Picture : std::uint8_t {
    None,
    Positions,  ///< a lever that stands at one of them
    Presses,    ///< a line of time
    Ways,       ///< the ways of a hat, clockwise from up
};

/// What one wants of a stage: the groups in which they are offered.
enum class Want : std::uint8_t { Feel, Ends, Buttons, Axis, Timing, Others };

/// "how it feels" and so on.
[[nodiscard]] constexpr Words nameOf(Want want) noexcept
{
    switch (want) {
        case Want::Feel:
            return words("how it feels");
        case Want::Ends:
            return words("its ends and direction");
        case Want::Buttons:
            return words("buttons from it");
        case Want::Axis:
            return words("an axis from it");
        case Want::Timing:
            return words("in time");
        case Want::Others:
            break;
    }
    return words("with other controls");
}

/// What everybody may know of a kind of stage without running it.
struct StageInfo {
    Words name;      ///< as in words.md; its English is its word in the file
    Words sentence;  ///< what it does, for the pilot
    Kinds takes = ControlKind::Axis;
    bool isFeel = true;   ///< how an axis feels; else what it is for, which is not copied to others
    bool isHalf = false;  ///< lets one half of an axis through; the other is for another strand
    Picture picture = Picture::None;
    Want want = Want::Feel;
    Words also{};  ///< what others call it, or what it is taken for: it is found by these
};

/// The names of outlets that are called by words of ours, as in the file.
[[nodiscard]] inline std::vector<std::string> outletsCalled(std::initializer_list<Words> names)
{
    std::vector<std::string> outlets;
    for (const auto name : names) outlets.emplace_back(name.english());
    return outlets;
}

/// A stretch of an axis's travel.
struct Stretch {
    double from = 0.0;
    double to = 1.0;
};

/// How far around rest something is still taken for rest, in parts of each side.
struct RestCover {
    double below = 0.0;
    double above = 0.0;

    friend bool operator==(const RestCover&, const RestCover&) = default;
};

/// What bends an axis by no more than this leaves it straight.
inline constexpr double kBentBy = 0.01;

/// Something about a stage that can be taken hold of in a plot of it.
struct PlotHandle {
    enum class Way : std::uint8_t { Across, Up, Both };

    Sentence name;         ///< for the pilot: "dead zone above rest"
    std::size_t part = 0;  ///< which one of its stage
    CurvePoint at{};       ///< in the stage's own terms: what goes into it, what comes out
    Way way = Way::Across;
};

/// Another control that a stage looks at: its place among the plan's inputs, and what it is.
struct SeenControl {
    std::uint32_t input = 0;
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;
};

/// What a stage must know of the value it gets to prepare its runner.
struct StageInput : Signal {
    /// Finds another control; it may be empty or find nothing, then that control is at rest.
    std::function<std::optional<SeenControl>(const Source&)> see{};

    /// The names of outlets from which ends lead; nothing when that is not known: all count then.
    std::optional<std::vector<std::string>> led{};

    [[nodiscard]] bool isLed(std::string_view outlet) const
    {
        return !led || std::ranges::find(*led, outlet) != led->end();
    }

    [[nodiscard]] std::optional<SeenControl> find(const std::optional<Source>& source) const
    {
        return see && source ? see(*source) : std::nullopt;
    }
};

/// When a stage gets a value, and what else is so at that moment.
struct Moment {
    Time now{};
    std::span<const Value> inputs{};  ///< the present values of the plan's inputs
    bool isNews = true;      ///< it just became so; else it is taken as it stands: a press is none
    std::uint64_t uses = 0;  ///< presses and turns so far of all controls but the strand's own
    Time said = now;         ///< by the clock: what pulses go by, see Instant

    /// The present value of another control; at rest when it is not there. RT-safe.
    [[nodiscard]] Value of(const std::optional<SeenControl>& seen) const noexcept
    {
        return seen && seen->input < inputs.size() ? inputs[seen->input] : Value{};
    }
};

/// A control in motion tells its values at least this often. After a longer silence it had stopped,
/// and what comes next is taken to have begun to move this long ago.
inline constexpr Time kLongestSpacing = std::chrono::milliseconds(20);

/// How often a stage that works by time is run while it is in motion. At rest nothing runs.
inline constexpr Time kTick = std::chrono::milliseconds(4);

}  // namespace jolly
