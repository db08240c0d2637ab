// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/control_code.h"
#include "core/value/sentence.h"

#include <string>

namespace jolly
{

/// What stands on a key of the kernel's code: "W", "left Ctrl", "keypad *"; the kernel's name of
/// keys that few keyboards have.
[[nodiscard]] Sentence keyName(ControlCode key);

/// The same in few letters, for a small cap: "W", "Ctl", "*".
[[nodiscard]] std::string capName(ControlCode key);

}  // namespace jolly
