// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"

#include <functional>
#include <optional>

namespace jolly
{

/// Answers whether a device has a code of a type, or a property.
struct Capabilities {
    std::function<bool(EventType type, unsigned code)> has;
    std::function<bool(unsigned property)> hasProperty;
};

/// What kind of controller an event node is; empty for what is none: motion sensors, touch pads and
/// screens, tablets, power and volume buttons.
///
/// It takes more for a controller than udev does (systemd, udev-builtin-input_id.c, test_pointers):
/// pedals that only have X, Y and Z and panels that only have buttons count, whatever their class.
[[nodiscard]] std::optional<ControllerKind> classify(const Capabilities& capabilities);

}  // namespace jolly
