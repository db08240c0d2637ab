// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/extra.h"

#include <cstdint>
#include <string>

namespace jolly
{

/// How a sim takes a function.
enum class FunctionKind : std::uint8_t {
    Press,    ///< a button
    Axis,     ///< an axis
    TwoWays,  ///< two buttons, one for each way: flaps up and down
    Steps,    ///< a button for each position: magnetos
};

/// Something that a sim can do: "mail hatch". Craft, strands and virtual controls name it by its
/// id, so that it is renamed in one place.
struct Function {
    std::string id{};
    std::string name{};
    FunctionKind kind = FunctionKind::Press;
    std::string group{};  ///< of functions that belong together: "lights"; "" for none
    std::string note{};
    bool isLater = false;  ///< the pilot has put off to lead something there
    std::string inSim{};   ///< what the sim calls it; "" for the same
    Extra extra{};

    friend bool operator==(const Function&, const Function&) = default;
};

}  // namespace jolly
