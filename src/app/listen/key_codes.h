// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QKeyEvent>
#include <cstdint>
#include <optional>

namespace jolly::app
{

/// The kernel's code of the key that was pressed, whatever the layout makes of it; nothing when it
/// cannot be told.
[[nodiscard]] std::optional<std::uint16_t> keyCodeOf(const QKeyEvent& event);

/// What stands on a key in the layout that the computer is set up with: "G", "Ctrl", "F6"; the
/// kernel's name where the layout gives the key nothing.
[[nodiscard]] QString keyName(std::uint16_t code);

/// Whether the layout gives the key something.
[[nodiscard]] bool hasKey(std::uint16_t code);

}  // namespace jolly::app
