// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <QRect>
#include <QString>
#include <vector>

namespace jolly::app
{

/// What a faceplate shows of one control, of a controller or of a virtual device.
struct PlateControl {
    QString id{};      ///< "ABS_X" or "axis 1": unique on the plate
    QString label{};   ///< beneath or beside it
    QString number{};  ///< inside a button
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;
    ButtonKind buttonKind = ButtonKind::Push;
    std::uint16_t code = 0;  ///< the kernel's, to find pairs of axes
};

using PlateControls = std::vector<PlateControl>;

/// How one or two controls are drawn.
enum class Shape {
    Pad,     ///< two axes as a square with a dot
    Bar,     ///< an axis, lying
    Lever,   ///< an axis, standing
    Row,     ///< an axis of a virtual device: name, bar, label and value
    Button,  ///< a round button with its number
    Toggle,  ///< a switch, up or down
    Hat,     ///< eight ways
    Turner,  ///< an endless dial
};

/// One drawing on the plate. A pad has two controls, everything else one.
struct PlateItem {
    Shape shape = Shape::Button;
    std::vector<int> controls{};  ///< places in the list of controls
    QRect rect;                   ///< with its label
};

struct PlateLayout {
    std::vector<PlateItem> items;
    int height = 0;
};

/// Lays out a controller's faceplate by itself, from what it has: sticks and levers left, the rest
/// to the right, buttons below.
[[nodiscard]] PlateLayout layOutController(const PlateControls& controls, int width);

/// Lays out a virtual device: axes as rows, then buttons, then hats.
[[nodiscard]] PlateLayout layOutVirtual(const PlateControls& controls, int width);

/// What to show of a controller of the rig.
[[nodiscard]] PlateControls plateOf(const RigController& controller);

/// What to show of a virtual device; a control without a label of its own takes the name of the
/// strand that ends there.
[[nodiscard]] PlateControls plateOf(const VirtualDevice& device, const Tangle& tangle);

}  // namespace jolly::app
