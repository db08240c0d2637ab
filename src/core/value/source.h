// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/control_code.h"

#include <string>

namespace jolly
{

/// A control of a controller of the rig.
struct Source {
    std::string controller{};  ///< id in the rig
    ControlCode control{};

    friend bool operator==(const Source&, const Source&) = default;
};

}  // namespace jolly
