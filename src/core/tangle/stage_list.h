// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/both_ends.h"
#include "core/digital/debounce.h"
#include "core/digital/delay.h"
#include "core/digital/equal_slices.h"
#include "core/digital/latch.h"
#include "core/digital/nudge.h"
#include "core/digital/positions.h"
#include "core/digital/press_kinds.h"
#include "core/digital/ramp.h"
#include "core/digital/ratchet.h"
#include "core/digital/repeat.h"
#include "core/digital/set.h"
#include "core/digital/set_and_clear.h"
#include "core/digital/slice.h"
#include "core/digital/switch.h"
#include "core/digital/switch_steps.h"
#include "core/digital/tap.h"
#include "core/hats/four_ways.h"
#include "core/hats/hat_join.h"
#include "core/hats/hat_of_axes.h"
#include "core/hats/hat_split.h"
#include "core/hats/hat_to_axes.h"
#include "core/hats/hat_turn.h"
#include "core/shaping/blend.h"
#include "core/shaping/counter_curve.h"
#include "core/shaping/curve.h"
#include "core/shaping/dead_zone.h"
#include "core/shaping/detents.h"
#include "core/shaping/drive.h"
#include "core/shaping/guard.h"
#include "core/shaping/half.h"
#include "core/shaping/hold.h"
#include "core/shaping/invert.h"
#include "core/shaping/lead_in.h"
#include "core/shaping/pace.h"
#include "core/shaping/reach.h"
#include "core/shaping/round_dead_zone.h"
#include "core/shaping/scale.h"
#include "core/shaping/softness.h"
#include "core/shaping/spikes.h"
#include "core/shaping/spring.h"
#include "core/shaping/steady.h"
#include "core/shaping/stillness.h"
#include "core/shaping/trim.h"
#include "core/turning/glide.h"
#include "core/turning/hat_speed.h"
#include "core/turning/pointer_speed.h"
#include "core/turning/press_turns.h"
#include "core/turning/turn_pulses.h"

#include <variant>

namespace jolly
{

/// Runs in the place of a stage that cannot: what comes in goes out.
struct LetThrough {
    [[nodiscard]] Value apply(Value in, const Moment&) const noexcept { return in; }
};

/// A closed list of kinds of stages, and what follows from it.
template <class... Kind>
struct StageListOf {
    using Parameters = std::variant<Kind...>;
    using Runner = std::variant<typename Kind::Runner..., LetThrough>;

    /// Calls `visit(Kind{})` for each kind, in the order of the list.
    template <class Visitor>
    static void forEach(Visitor&& visit)
    {
        (visit(Kind{}), ...);
    }
};

/// All kinds of stages, in the order in which they are offered. A new stage is a file of its own
/// and one line here: file format, schema, window and docs take the rest from its fields.
using StageList = StageListOf<  //
    DeadZone,                   //
    RoundDeadZone,              //
    LeadIn,                     //
    Reach,                      //
    Curve,                      //
    Softness,                   //
    CounterCurve,               //
    Invert,                     //
    Scale,                      //
    Steady,                     //
    Spikes,                     //
    Stillness,                  //
    Pace,                       //
    Detents,                    //
    Blend,                      //
    Half,                       //
    HoldValue,                  //
    Trim,                       //
    Drive,                      //
    Spring,                     //
    Guard,                      //
    Slice,                      //
    EqualSlices,                //
    Ratchet,                    //
    Latch,                      //
    SetAndClear,                //
    PressKinds,                 //
    Tap,                        //
    BothEnds,                   //
    Debounce,                   //
    Delay,                      //
    Repeat,                     //
    SwitchPositions,            //
    SwitchSteps,                //
    Ramp,                       //
    SetValue,                   //
    Nudge,                      //
    Positions,                  //
    HatSplit,                   //
    HatTurn,                    //
    FourWays,                   //
    HatToAxes,                  //
    HatJoin,                    //
    HatOfAxes,                  //
    Glide,                      //
    TurnPulses,                 //
    PointerSpeed,               //
    HatSpeed,                   //
    PressTurns>;

/// The parameters of one kind of stage. They are copied, moved and compared in one source for all
/// who hold tangles, so that more kinds do not slow every build.
struct StageParameters : StageList::Parameters {
    using StageList::Parameters::variant;
    using StageList::Parameters::operator=;

    StageParameters();
    StageParameters(const StageParameters&);
    StageParameters(StageParameters&&) noexcept;
    StageParameters& operator=(const StageParameters&);
    StageParameters& operator=(StageParameters&&) noexcept;
    ~StageParameters();

    friend bool operator==(const StageParameters& a, const StageParameters& b);
};

using StageRunner = StageList::Runner;

}  // namespace jolly
