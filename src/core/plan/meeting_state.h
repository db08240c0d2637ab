// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <cstdint>

namespace jolly
{

/// No end of any strand.
inline constexpr std::uint32_t kNoLink = 0xffffffff;

/// What a strand last said at one of its ends.
struct MeetingLink {
    Value value;
    bool isActive = false;
    bool isLeft = false;  ///< by a strand that counts no longer
};

/// What comes of all that strands say at a virtual control.
struct MeetingOutput {
    Value value;
    Counts raw;
    Counts taken;  ///< by takeChanges()
    std::uint32_t presses = 0;
    std::uint32_t owner = kNoLink;
    bool hasMoved = false;    ///< the owner did; else it is the first that says anything
    double turned = 0.0;      ///< of a turner, the whole counts that were sent of its sum
    Value said;               ///< by the strands, while it is by hand
    bool isByHand = false;    ///< what the strands say waits
    bool isReversed = false;  ///< an axis
    bool isTouched = false;   ///< in m_touched
    bool hasFlipped = false;  ///< in m_flips
};

}  // namespace jolly
