// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/tangle/virtual_control.h"
#include "core/value/kind_words.h"
#include "core/value/result.h"

#include <cstdint>
#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

/// What a kind of goal tells of itself. Each kind has a file in this folder and a line in
/// goal_list.h; in its file stand, besides its fields, these functions of it:
///
///     nameOfGoal(tangle, goal)            what it is, in few words
///     explainGoal(tangle, goal, lead)     what a press or a move does: "presses … while pressed"
///     fitGoal(tangle, goal, from)         whether what leaves the stages can be led to it
///     checkGoal(tangle, goal, from, complain)   what is wrong with it in a tangle
///     compileGoal(goal, sink)             what it is in a plan
///
/// and, where it has to do with virtual controls, those that have a usual answer below.
namespace jolly
{

struct Tangle;

/// How an end presses its goal, when it leads from an outlet of buttons.
enum class How : std::uint8_t {
    Held,            ///< for as long as the outlet is pressed
    Pulse,           ///< for a moment when it is pressed
    PulseAtRelease,  ///< for a moment when it is let go
    PulseAtBoth,     ///< for a moment at either
};

/// How much of a virtual axis an end moves: all of it, or one side of its rest, to the end of which
/// the whole travel of the strand goes.
enum class Part : std::uint8_t { Whole, Upper, Lower };

/// How something is led to a goal.
struct Lead {
    ControlKind from = ControlKind::Button;  ///< what leaves the stages
    How how = How::Held;
    double pulse = kUsualPulse;  ///< ms
    Part part = Part::Whole;
};

/// Says what is wrong: behind the path of the end, what follows the strand's name, the cure, and
/// the key of a remedy, if any.
using GoalComplaint = std::function<void(const std::string& path, const Sentence& what,
                                         const Sentence& cure, const char* remedy)>;

/// What the program does when it is told to.
enum class Deed : std::uint8_t {
    StandDown,
    Recentre,
    Reverse,
    Keep,
    FlipLayer,
    NextLayer,
    PreviousLayer,
    ThisCraft,
    NextCraft,
    PreviousCraft,
};

/// Takes what goals are in a plan.
class GoalSink
{
 public:
    virtual ~GoalSink() = default;

    /// A virtual control that is moved or pressed.
    virtual void lead(const Target& place) = 0;
    /// Keys that are pressed together, in this order.
    virtual void press(const std::vector<Target>& keys) = 0;
    /// A layer that is engaged for as long as it is pressed.
    virtual void engage(const std::string& layer) = 0;

    /// What a press has the program do; about a virtual axis, a layer or a craft.
    virtual void order(Deed deed) = 0;
    virtual void orderAxis(Deed deed, const Target& axis) = 0;
    virtual void orderLayer(Deed deed, const std::string& layer) = 0;
    virtual void orderCraft(Deed deed, const std::string& craft) = 0;
};

/// The virtual controls that a goal moves, in the order in which it does; most move none.
template <class Kind>
[[nodiscard]] std::vector<Target> placesOfGoal(const Kind&)
{
    return {};
}

/// Whether a virtual control is one of those.
template <class Kind>
[[nodiscard]] bool movesPlace(const Kind&, const Target&)
{
    return false;
}

/// The virtual device that it leads to; most lead to none.
template <class Kind>
[[nodiscard]] std::string_view deviceOfGoal(const Kind&)
{
    return {};
}

/// The virtual control that it names: where it leads, or what it is about; most name none.
template <class Kind>
[[nodiscard]] Target* namedByGoal(Kind&)
{
    return nullptr;
}

/// Of what has to be pressed: fails where anything else leaves the stages.
[[nodiscard]] Fallible fitPress(ControlKind from);

/// Likewise; complains that it leads to "keys" or the like.
void checkPress(std::optional<ControlKind> from, Words what, const GoalComplaint& complain);

/// "presses Jolly 1, button 17 while it is pressed", as it is pressed.
[[nodiscard]] Sentence explainPress(const Sentence& what, const Lead& lead);

}  // namespace jolly
