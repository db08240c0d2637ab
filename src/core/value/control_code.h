// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace jolly
{

/// The kernel's event types that carry controls (linux/input-event-codes.h).
enum class EventType : std::uint8_t { Key = 0x01, Rel = 0x02, Abs = 0x03 };

/// A control of a controller, named by the kernel's type and code so that relabelling never breaks
/// a tangle. A hat is named by the code of its left-right half, ABS_HAT0X to ABS_HAT3X. `node`
/// counts the event nodes of one controller from 0.
struct ControlCode {
    EventType type = EventType::Abs;
    std::uint16_t code = 0;
    std::uint8_t node = 0;

    friend auto operator<=>(const ControlCode&, const ControlCode&) = default;
};

/// The kernel's name, such as "ABS_X" or "BTN_TRIGGER"; "BTN_0x2e8" where the kernel has no name,
/// "ABS_X@2" for a control of the second event node. Allocates.
[[nodiscard]] std::string toText(ControlCode code);

/// The same without its kind: "X", "TRIGGER".
[[nodiscard]] std::string shortTextOf(ControlCode code);

/// Reads what toText() writes, and the kernel's other names of the same code. Empty when it is
/// none.
[[nodiscard]] std::optional<ControlCode> parseControlCode(std::string_view text);

/// Whether the code is one of ABS_HAT0X .. ABS_HAT3Y.
[[nodiscard]] bool isHatCode(ControlCode code) noexcept;

/// The left-right half that names the hat of which `code` is either half.
[[nodiscard]] ControlCode hatOf(ControlCode code) noexcept;

/// Whether `code` is the up-down half of a hat.
[[nodiscard]] bool isHatY(ControlCode code) noexcept;

}  // namespace jolly
