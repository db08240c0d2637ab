// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/plate.h"

#include <QWidget>

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

/// The drawing of one control (or of the pair of a pad) on a faceplate. Shows, is clicked, is
/// dragged from; owns no data. Repaints only when what it shows changed.
class ControlView : public QWidget
{
    Q_OBJECT

 public:
    ControlView(Shape shape, std::vector<PlateControl> controls, QWidget* parent);

    /// Of a switch: what the parts are the buttons of.
    void setSwitch(const RigSwitch& made);
    [[nodiscard]] const RigSwitch& ofSwitch() const { return m_switch; }

    /// The part that is a button of the switch; -1 when it is not there, or none is meant.
    [[nodiscard]] int partOf(const std::optional<ControlCode>& button) const
    {
        return placeOf(m_controls, button);
    }

    /// Chooses the control that the arrows are on.
    void activate() { Q_EMIT activated(control(std::max(0, m_part)).id, false); }

    /// The position that the switch is in; empty when none fits.
    [[nodiscard]] std::optional<std::size_t> positionNow() const;

    /// Its words are others now.
    void setControl(int part, const PlateControl& control);

    /// @param part  0, or 1 for the second axis of a pad.
    void setState(int part, const ControlState& state);

    [[nodiscard]] Shape shape() const { return m_shape; }
    [[nodiscard]] const PlateControl& control(int part) const
    {
        return m_controls[static_cast<std::size_t>(part)];
    }
    [[nodiscard]] const ControlState& state(int part) const
    {
        return m_states[static_cast<std::size_t>(part)];
    }
    [[nodiscard]] int parts() const { return static_cast<int>(m_controls.size()); }

    /// The part that a click at this place means.
    [[nodiscard]] int partAt(QPoint place) const;

    /// Where threads begin and end, in own coordinates.
    [[nodiscard]] QPointF anchor() const;

 Q_SIGNALS:
    /// @param byMouse  a click; else a key.
    void activated(const QString& id, bool byMouse);
    /// An arrow, Home or End leads on to another drawing.
    void wayWanted(Qt::Key key);
    /// A letter or a number was typed.
    void typed(const QString& letters);
    /// A space chooses the control, unless it is part of a name that is being typed.
    void spaced();
    void focused();
    void menuWanted(const QString& id, QPoint globalPlace);
    /// The pointer came to it, or left it: then `id` is empty.
    void pointed(const QString& id);
    void dragMoved(const QString& id, QPoint globalPlace);
    void dropped(const QString& id, QPoint globalPlace);

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    void showNames();
    [[nodiscard]] QString describe(bool isWhole) const;
    bool stepInside(bool isBack);

    Shape m_shape;
    std::vector<PlateControl> m_controls;
    std::vector<ControlState> m_states;
    RigSwitch m_switch;
    QPoint m_pressedAt;
    bool m_isPressed = false;
    bool m_isDragging = false;
    int m_part = -1;  ///< where the arrows are on a drawing of several controls
};

}  // namespace jolly::app
