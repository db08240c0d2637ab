// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/box.h"
#include "core/tangle/tangle.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

/// The geometry of faceplates: what is drawn where. Who shows one (window, paper, web) paints it.

namespace jolly
{

/// What a faceplate shows of one control, of a controller or of a virtual device.
struct PlateControl {
    std::string id{};     ///< "ABS_X" or "axis 1": unique on the plate
    Sentence label{};     ///< beneath or beside it
    Sentence number{};    ///< inside a button
    std::string from{};   ///< of a virtual control: the strand that moves it
    bool isKeys = false;  ///< a key, or several that are pressed together
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;
    ButtonKind buttonKind = ButtonKind::Push;
    ControlCode code{};  ///< the kernel's: to find pairs of axes and what the pilot arranged
    std::vector<double> notches{};  ///< of an axis, where it catches: parts of its travel

    friend bool operator==(const PlateControl&, const PlateControl&) = default;
};

using PlateControls = std::vector<PlateControl>;

/// Everything that a faceplate shows, but for how it is now.
struct Plate {
    ControllerKind kind = ControllerKind::Stick;
    PlateControls controls{};
    std::vector<RigSwitch> switches{};  ///< of which a button is there
    Arrangement arrangement{};
    bool listsButtons = false;  ///< of a virtual device: each in a line with its function

    friend bool operator==(const Plate&, const Plate&) = default;
};

/// How one or several controls are drawn.
enum class Shape : std::uint8_t {
    Pad,     ///< two axes as a square with a dot
    Wheel,   ///< an axis, turning
    Bar,     ///< an axis, lying
    Lever,   ///< an axis, standing
    Row,     ///< an axis of a virtual device: name, bar, label and value
    Button,  ///< a round button with its number
    Toggle,  ///< a switch, up or down
    Switch,  ///< several positions, one beneath the other
    Hat,     ///< eight ways
    Turner,  ///< an endless dial
    Named,   ///< a button of a virtual device in a line: number, function, what presses it
    Cap,     ///< keys that are pressed together
};

/// One drawing on the plate. A pad has two controls, a switch its buttons, everything else one.
struct PlateItem {
    Shape shape = Shape::Button;
    std::vector<int> controls{};  ///< places in the list of controls
    Box rect{};                   ///< with its label
    int ofSwitch = -1;            ///< place in the list of switches
};

/// A named frame around drawings.
struct PlateFrame {
    std::string label{};
    Box rect{};
};

struct PlateLayout {
    std::vector<PlateItem> items;
    std::vector<PlateFrame> frames;
    int height = 0;
};

/// The place of a button in a list of controls; -1 when it is not there, or none is meant.
[[nodiscard]] int placeOf(const PlateControls& controls, const std::optional<ControlCode>& button);

/// Lays out a controller's faceplate by itself, from what it has and the kind of thing it is.
[[nodiscard]] PlateLayout layOutByItself(const Plate& plate, int width);

/// Lays out a controller's faceplate as the pilot arranged it; by itself where nothing is arranged.
/// What the arrangement does not know follows below it.
[[nodiscard]] PlateLayout layOutController(const Plate& plate, int width);

/// How wide a cap with these words on it has to be, in pixels: the painter's letters say.
using CapWidth = std::function<int(const Sentence&)>;

/// Lays out a virtual device: axes as rows, then buttons, then hats.
[[nodiscard]] PlateLayout layOutVirtual(const Plate& plate, int width, const CapWidth& capWidth);

/// The arrangement that looks like the drawing at that width, every part of it included.
[[nodiscard]] Arrangement wholeArrangement(const Plate& plate, int width);

/// Of one cell, in pixels. On a narrow faceplate cells are higher than wide: what is in them keeps
/// its lines.
struct CellSize {
    double width = 1.0;
    double height = 1.0;
};
[[nodiscard]] CellSize cellSize(int width);

/// The pixels of cells on a faceplate of that width, and back to the nearest cell.
[[nodiscard]] Box pixelsOf(const Cells& cells, int width);
[[nodiscard]] Cells cellsOf(const Box& pixels, int width);

/// What to show of a controller of the rig.
[[nodiscard]] Plate plateOf(const RigController& controller);

}  // namespace jolly
