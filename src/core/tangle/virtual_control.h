// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"
#include "core/value/value.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace jolly
{

/// A control of a virtual device: its kind and its number, counted from 1, as in "axis 3",
/// "button 21", "hat 1" and "turner 3".
struct VirtualControl {
    ControlKind kind = ControlKind::Axis;
    std::uint16_t number = 1;

    friend auto operator<=>(const VirtualControl&, const VirtualControl&) = default;
};

/// A control of one virtual device.
struct Target {
    std::string device{};  ///< id of a virtual device
    VirtualControl control{};

    friend bool operator==(const Target&, const Target&) = default;
};

[[nodiscard]] std::string toText(VirtualControl control);

/// The same for a pilot.
[[nodiscard]] Sentence nameOf(VirtualControl control);

/// Reads what toText() writes. Empty when it is none.
[[nodiscard]] std::optional<VirtualControl> parseVirtualControl(std::string_view text);

}  // namespace jolly
