// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_control.h"

#include <cstdint>

namespace jolly
{

/// What a press can have Jolly Tangle itself do.
enum class Order : std::uint8_t {
    StandDown,  ///< ends the flight
    Recentre,   ///< all that strands to an axis keep begins anew: trims, glides, driven values
    Reverse,    ///< turns an axis round until the flight ends, or back
    Keep,       ///< the flight recorder's last minutes are written to a file
};

/// A goal: an order, given when it is pressed.
struct Command {
    Order order = Order::StandDown;
    Target axis{};  ///< of Recentre and Reverse

    friend bool operator==(const Command&, const Command&) = default;
};

/// Whether an order is about an axis.
[[nodiscard]] constexpr bool isAboutAxis(Order order) noexcept
{
    return order == Order::Recentre || order == Order::Reverse;
}

}  // namespace jolly
