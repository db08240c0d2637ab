// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/sim/sim_sheet.h"
#include "core/tangle/end.h"
#include "core/tangle/function.h"
#include "core/tangle/rig.h"
#include "core/tangle/stage.h"
#include "core/tangle/virtual_device.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// An aircraft or vehicle; stores only what it changes of its parent.
struct Craft {
    std::string id{};
    std::string name{};
    std::string parent{};        ///< id; empty for Everywhere alone
    bool wantsStraight = false;  ///< its sim expects axes without a curve
    std::string note{};
    std::string picture{};                 ///< a file; "" for none
    std::vector<std::string> functions{};  ///< ids of those that it plans to have
    std::optional<SimSheet> sheet{};       ///< of its own sim; none: as its family has it
    Extra extra{};

    friend bool operator==(const Craft&, const Craft&) = default;
};

/// How an axis goes from the strands of one layer to those of another.
enum class Crossing : std::uint8_t {
    Jump,    ///< it is where the hand is at once
    PickUp,  ///< it stays until the hand meets it
};

/// A set of strands that counts while it is engaged. Strands that lead to it engage it; without any
/// it is engaged while all the layers that it needs are.
struct Layer {
    std::string id{};
    std::string name{};
    std::vector<std::string> needs{};  ///< ids of layers that must be engaged, too
    std::string group{};               ///< of the layers of a group no more than one is engaged
    Crossing crossing = Crossing::Jump;
    bool tellsSwitches =
        true;               ///< switches say where they stand to strands that it brings or takes
    bool remembers = true;  ///< what its stages keep outlives the time in which it does not count
    Extra extra{};

    friend bool operator==(const Layer&, const Layer&) = default;
};

inline constexpr std::string_view kBase = "base";
inline constexpr std::string_view kEverywhere = "everywhere";

/// What a strand's axes do when their controller goes away.
enum class WhenAway : std::uint8_t { Rest, Keep };

/// One mapping: a source, stages, and where their outlets lead, in one layer, for one craft or for
/// all.
struct Strand {
    std::string id{};
    std::string name{};
    std::string note{};
    std::string function{};  ///< id of what it does in the sim; "" where its ends say that
    std::string layer{kBase};
    std::string craft{kEverywhere};
    std::string insteadOf{};  ///< id of an inherited strand in whose place it stands; "" for all
    std::string shape{};      ///< strands with the same name here have one feel; see feel.h
    bool isOn = true;
    WhenAway whenAway = WhenAway::Rest;
    Source source{};
    std::vector<Stage> stages{};
    std::vector<End> ends{};
    Extra extra{};

    /// Whether it begins anywhere.
    [[nodiscard]] bool hasSource() const { return !source.controller.empty(); }

    friend bool operator==(const Strand&, const Strand&) = default;
};

/// Stages that together are how an axis feels, under a name, to be given to any axis.
struct Feel {
    std::string name{};
    std::vector<Stage> stages{};
    Extra extra{};

    friend bool operator==(const Feel&, const Feel&) = default;
};

/// The document a person saves.
struct Tangle {
    std::string name = "New tangle";
    std::vector<RigController> rig{};
    std::vector<VirtualDevice> devices{};
    std::vector<Function> functions{};  ///< that craft, strands and virtual controls name
    std::vector<Craft> craft{{std::string(kEverywhere), "Everywhere", "", {}}};
    std::vector<Layer> layers{
        {.id = std::string(kBase), .name = "Base"}};  ///< from the bottom of the stack up
    std::vector<Strand> strands{};
    std::vector<Feel> feels{};
    std::optional<SimSheet> sheet{};  ///< what the sim takes that it is made for; none: no limit
    Extra extra{};

    friend bool operator==(const Tangle&, const Tangle&) = default;
};

/// A tangle with everything of another but its strands.
[[nodiscard]] inline Tangle withoutStrands(const Tangle& tangle)
{
    return {.name = tangle.name,
            .rig = tangle.rig,
            .devices = tangle.devices,
            .functions = tangle.functions,
            .craft = tangle.craft,
            .layers = tangle.layers,
            .strands = {},
            .feels = tangle.feels,
            .sheet = tangle.sheet,
            .extra = tangle.extra};
}

}  // namespace jolly
