// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/palette.h"
#include "core/faceplate/plate.h"

#include <QRect>
#include <QString>

namespace jolly::app
{

/// What a control looks like at the moment.
struct ControlState {
    Value value;
    bool isUsed = false;  ///< a strand begins or ends here
    bool isSelected = false;
    bool isOutlined = false;  ///< what it would be, while idle
    bool isAway = false;      ///< its controller is not there
};

/// Whether nobody sees the one from the other.
[[nodiscard]] bool lookAlike(const ControlState& a, const ControlState& b);

/// The texts of a control in the window's language.
struct ControlWords {
    QString id, label, number, from;
};

/// A box of the faceplate's geometry as Qt has it.
[[nodiscard]] inline QRect toQt(const Box& box)
{
    return {box.left, box.top, box.width, box.height};
}

/// One drawing of a faceplate without a widget: a shape, its controls and how they are, a rectangle
/// and the colours to paint it with. paintControl() paints it on whatever a painter paints on.
class ControlDrawing
{
 public:
    ControlDrawing(Shape shape, const std::vector<PlateControl>& controls);

    QRect rect{};
    bool hasFocus = false;
    bool isPointedAt = false;
    RigSwitch ofSwitch{};  ///< what the parts are the buttons of
    const Palette* ink = &jolly::app::palette();

    [[nodiscard]] Shape shape() const { return m_shape; }
    [[nodiscard]] int parts() const { return static_cast<int>(m_controls.size()); }
    [[nodiscard]] const PlateControl& control(int part) const
    {
        return m_controls[static_cast<std::size_t>(part)];
    }
    [[nodiscard]] const ControlWords& words(int part) const
    {
        return m_words[static_cast<std::size_t>(part)];
    }
    [[nodiscard]] const ControlState& state(int part) const
    {
        return m_states[static_cast<std::size_t>(part)];
    }

    /// It is another control, or has other words. @return whether it is.
    bool setControl(int part, const PlateControl& control);
    /// @return whether it looks otherwise now.
    bool setState(int part, const ControlState& state);

    /// The part that is a button of the switch; -1 when it is not there, or none is meant.
    [[nodiscard]] int partOf(const std::optional<ControlCode>& button) const
    {
        return placeOf(m_controls, button);
    }
    /// The position that the switch is in; empty when none fits.
    [[nodiscard]] std::optional<std::size_t> positionNow() const;

 private:
    Shape m_shape;
    std::vector<PlateControl> m_controls;
    std::vector<ControlWords> m_words;
    std::vector<ControlState> m_states;
};

}  // namespace jolly::app
