// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/box.h"

#include <span>
#include <vector>

namespace jolly
{

/// A place of a drawing, in pixels.
struct Spot {
    int x = 0;
    int y = 0;

    friend bool operator==(const Spot&, const Spot&) = default;
};

/// Where the label of a control stands: beside the faceplate, at which side, from which pixel on.
struct CalloutPlace {
    bool isLeft = true;
    int top = 0;

    friend bool operator==(const CalloutPlace&, const CalloutPlace&) = default;
};

/// At which side of a faceplate each label stands: the one to which its control is nearer. Where
/// one side had far more, those next to the middle go to the other.
/// @param anchors  where the controls are, from the faceplate's left edge.
[[nodiscard]] std::vector<bool> sidesOfCallouts(std::span<const Spot> anchors, int plateWidth);

/// How many pixels the fuller column needs.
[[nodiscard]] int heightOfCallouts(const std::vector<bool>& areLeft, int each);

/// Puts each label as near to the height of its control as the others allow, in the order of their
/// controls from top to bottom: so lines to them do not cross. Where a column is too short for its
/// labels they go beyond its top.
/// @param anchors  where the controls are, in the coordinates of the column.
/// @param each     the height that one label takes, space included; one pixel of it is space.
[[nodiscard]] std::vector<CalloutPlace> placeCallouts(std::span<const Spot> anchors,
                                                      const std::vector<bool>& areLeft, int top,
                                                      int bottom, int each);

}  // namespace jolly
