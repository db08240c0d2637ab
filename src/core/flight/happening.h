// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

#include <cstdint>

namespace jolly
{

/// Something that happened in a flight, in the order in which the engine did it. Times may go back
/// a little from one to the next: a controller's carry the kernel's stamp, which is older than what
/// the engine did by itself meanwhile.
struct Happening {
    /// Numbers are those of recordings (docs/formats/recording.md) and never change.
    enum class Kind : std::uint8_t {
        Move = 0,      ///< a control moved. what: its track; raw: counts, of a turner their sum
        Change = 1,    ///< a virtual control took another value. what: its track; raw: counts
        Tick = 2,      ///< what moves by itself went on
        Stand = 3,     ///< how a control stands, which runs nothing. As Move; an Arrive follows
        Arrive = 4,    ///< a controller is there. what: its number; what it stands at counts now
        Gone = 5,      ///< a controller is gone. what: its number
        Tangle = 6,    ///< another tangle runs. what: its number
        Live = 7,      ///< one went live: all counts as it stands
        Down = 8,      ///< one stood down
        Flip = 9,      ///< a layer was flipped by hand. what: its place in the stack
        Fly = 10,      ///< a craft was chosen by hand. what: its place
        Engaged = 11,  ///< a layer was engaged or let go. what: its place; raw: 1 or 0
        Flown = 12,    ///< a craft is flown. what: its place
        Hand = 13,     ///< a virtual control is held by hand. what: its track; raw: counts
        HandOff = 14,  ///< and no longer. what: its track
        Lost = 15,  ///< the kernel dropped events. what: number of the controller; raw: how often
        Gap = 16,   ///< raw: how many happenings could not be recorded here
        Kept = 17,  ///< a control had the recording kept
        Late = 18,  ///< the frame that follows was heard late. raw: by so many microseconds
    };
    static constexpr int kKinds = 19;

    Kind kind = Kind::Move;
    bool isHatY = false;   ///< of a Move, Stand, Change or Hand: the up-down half of a hat
    bool isFirst = false;  ///< of a Move: it begins a frame of its controller
    std::uint32_t what = 0;
    std::int32_t raw = 0;
    Time time{};  ///< monotonic ns

    friend bool operator==(const Happening&, const Happening&) = default;

    /// Whether `what` is a track, which has counts.
    [[nodiscard]] constexpr bool hasTrack() const noexcept
    {
        return kind == Kind::Move || kind == Kind::Change || kind == Kind::Stand ||
               kind == Kind::Hand || kind == Kind::HandOff;
    }
};

}  // namespace jolly
