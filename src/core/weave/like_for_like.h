// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <span>
#include <string>
#include <vector>

/// Like for like: all of a controller is led in one step, each control to one of its kind.
namespace jolly
{

/// What came of it.
struct LikeForLike {
    std::vector<std::string> strands;  ///< ids of the new ones, in the order of the controls
    std::vector<ControlCode> left;     ///< controls that found no place

    friend bool operator==(const LikeForLike&, const LikeForLike&) = default;
};

/// A way of it that is ready to be taken.
struct LikeWay {
    const char* key;
    Words name;      ///< for the pilot: "A virtual joystick of its own"
    Words sentence;  ///< what it does
    bool (*fits)(const RigController&);
    LikeForLike (*weave)(Tangle&, const RigController&);
};

/// All ways, in the order in which they are offered.
[[nodiscard]] std::span<const LikeWay> likeWays() noexcept;

/// Null when there is none of that key.
[[nodiscard]] const LikeWay* likeWay(std::string_view key) noexcept;

/// Leads what of a controller leads nowhere yet, taking it into the rig when it is not there. Where
/// a device is full, or as large as the sim of the tangle's sheet takes it, it goes on to the next
/// one, or to a new one. Fails, and changes nothing, when nothing of it could be led.
[[nodiscard]] Result<LikeForLike> leadLikeForLike(Tangle& tangle, const RigController& controller,
                                                  const LikeWay& way);

}  // namespace jolly
