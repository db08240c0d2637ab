// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_drawing.h"

#include "app/style/qt_text.h"
#include "core/tangle/switches.h"

#include <cmath>

namespace jolly::app
{

namespace
{

/// Finer moves than this part of the travel cannot be seen.
constexpr double kVisible = 1.0 / 512.0;

ControlWords wordsOf(const PlateControl& control)
{
    return {toQt(control.id), toQt(control.label), toQt(control.number), toQt(control.from)};
}

}  // namespace

bool lookAlike(const ControlState& a, const ControlState& b)
{
    return std::abs(a.value.x - b.value.x) < kVisible &&
           std::abs(a.value.y - b.value.y) < kVisible && a.isUsed == b.isUsed &&
           a.isSelected == b.isSelected && a.isOutlined == b.isOutlined && a.isAway == b.isAway;
}

ControlDrawing::ControlDrawing(Shape shape, const std::vector<PlateControl>& controls)
    : m_shape(shape), m_controls(controls), m_states(controls.size())
{
    for (const auto& control : controls) m_words.push_back(wordsOf(control));
}

bool ControlDrawing::setControl(int part, const PlateControl& control)
{
    const auto place = static_cast<std::size_t>(part);
    if (m_controls[place] == control) return false;
    m_controls[place] = control;
    m_words[place] = wordsOf(control);
    return true;
}

bool ControlDrawing::setState(int part, const ControlState& state)
{
    auto& present = m_states[static_cast<std::size_t>(part)];
    if (lookAlike(present, state)) return false;
    present = state;
    return true;
}

std::optional<std::size_t> ControlDrawing::positionNow() const
{
    return positionOf(ofSwitch, [this](ControlCode button) {
        const int part = partOf(button);
        return part >= 0 && state(part).value.isPressed();
    });
}

}  // namespace jolly::app
