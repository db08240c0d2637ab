// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/plan_layers.h"
#include "core/tangle/problem.h"
#include "core/tangle/stage_run.h"
#include "core/tangle/tangle.h"
#include "core/tangle/virtual_layout.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// One control of the rig.
struct PlanInput {
    std::uint16_t rig = 0;   ///< place of its controller in the rig
    std::string controller;  ///< id of its controller
    RigControl control;
    bool isBent = false;       ///< a notch of it has a value of its own
    Run strands{};             ///< all of it, of any layer and craft
    std::uint64_t layers = 0;  ///< that have strands for it, for any craft: bits by their places
    Run watchers{};            ///< strands of other inputs with stages that look at this one

    /// Whether anything depends on it. Then its controller is held, and the desk does not get it.
    [[nodiscard]] bool isUsed() const noexcept { return strands.count > 0 || watchers.count > 0; }
};

/// What a stage waits for.
enum class Waits : std::uint8_t { Input, Output, Layer };

/// When a stage works: while a control is pressed or a layer engaged, or while it is not.
struct PlanWhen {
    std::uint32_t place = 0;  ///< among the inputs, the outputs or the layers
    Waits waits = Waits::Input;
    bool isOff = false;
};

/// One stage of a strand.
struct PlanStage {
    StageRunner runner;  ///< as it begins
    std::optional<PlanWhen> when{};
    bool turns = false;   ///< what comes out is of another kind than what goes in, or forks
    bool counts = false;  ///< what comes out are sums of counts: asleep it stands still
};

/// An end that answers presses by pulses: a performer of its own gives them.
struct PlanPress {
    Run links;  ///< all that it presses, in this order
    std::uint16_t outlet = 0;
    How how = How::Pulse;
    Time pulse{};  ///< length of a pulse
};

/// Of a link that no performer presses: it says what its outlet is.
inline constexpr std::uint32_t kNoPress = 0xffffffff;

/// One strand that counts.
struct PlanStrand {
    std::string id;
    std::string insteadOf{};  ///< id of the one that an edit may have made it of
    std::uint32_t input = 0;
    std::uint8_t layer = 0;  ///< place in the stack
    Run stages;
    Run outlets;  ///< of the last stage; one where there is no stage
    Run links;
    Run presses;
    Run orders;
    WhenAway whenAway = WhenAway::Rest;
    Signal gives{};         ///< what leaves its stages, at each outlet
    bool canMove = false;   ///< by itself: some stage works by time
    bool hasChord = false;  ///< its ends let go in the other order than they press
};

/// Where one outlet of a strand meets one virtual control.
struct PlanLink {
    std::uint32_t strand = 0;
    std::uint32_t output = 0;
    std::uint16_t outlet = 0;  ///< place among the strand's outlets
    bool isAxis = false;
    bool isButton = false;
    bool isTurner = false;
    bool isFollowed = false;         ///< what moved last is what counts there
    std::uint32_t press = kNoPress;  ///< place in Plan::presses
    double scale = 1.0;  ///< from what leaves the stages to what the virtual control takes
    double offset = 0.0;

    /// Whether it says what its outlet is, and no performer presses it.
    [[nodiscard]] bool isHeld() const noexcept { return press == kNoPress; }
};

/// Of outputs that are no controls of a device: layers, where strands press them.
inline constexpr std::uint16_t kNoDevice = 0xffff;

/// One control of a virtual device, or a layer.
struct PlanOutput {
    Target place;              ///< in the tangle; of a layer "layer ID", button 1
    std::uint16_t device = 0;  ///< place among the tangle's virtual devices, or kNoDevice
    std::uint16_t slot = 0;    ///< place in the device's layout
    VirtualSlot layout{};
    Calibration range{};  ///< of its counts
    Meeting meeting = Meeting::MovedLast;
    std::vector<std::uint32_t> links{};
    Run watchers{};  ///< strands with stages that look at this one

    /// Whether it is what the end says that moved last.
    [[nodiscard]] bool isFollowed() const noexcept
    {
        return layout.control.kind == ControlKind::Hat ||
               (layout.control.kind == ControlKind::Axis && meeting == Meeting::MovedLast);
    }
};

/// A tangle laid out flat for running: what one event needs lies together, and what it costs grows
/// with the strands on its control alone. Never changes once compiled.
struct Plan {
    std::vector<PlanInput> inputs;    ///< ordered by controller, then as in the rig
    std::vector<PlanStrand> strands;  ///< ordered by input
    std::vector<PlanStage> stages;
    std::vector<std::uint32_t> watchers;  ///< strands, ordered by the control that they watch
    std::vector<PlanLink> links;
    std::vector<PlanPress> presses;
    std::vector<PlanOrder> orders;
    std::uint32_t outlets = 0;        ///< of all strands
    std::vector<PlanOutput> outputs;  ///< ordered by device, then as in its layout
    std::vector<Run> outputsOfDevice;
    std::vector<PlanLayer> layers;  ///< from the bottom up
    std::vector<PlanView> views;    ///< by craft
    std::vector<PlanRoute> routes;
    std::vector<std::uint32_t> routeStrands;
    std::vector<std::uint32_t> strandsById;  ///< places in `strands`, ordered by id

    /// The place of a control in `inputs`. Control thread only.
    [[nodiscard]] std::optional<std::uint32_t> inputOf(std::size_t rig, ControlCode code) const;
    /// The place of a virtual device's control in `outputs`.
    [[nodiscard]] std::optional<std::uint32_t> outputOf(const Target& place) const;
};

/// Compiles what can run of a tangle. What findProblems() calls an error is left out. Allocates;
/// control thread only.
[[nodiscard]] Plan compile(const Tangle& tangle);

}  // namespace jolly
