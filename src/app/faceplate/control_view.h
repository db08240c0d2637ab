// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_drawing.h"

#include <QWidget>

namespace jolly::app
{

/// The drawing of one control (or of the pair of a pad) on a faceplate. Shows, is clicked, is
/// dragged from; owns no data. Repaints only when what it shows changed.
class ControlView : public QWidget
{
    Q_OBJECT

 public:
    ControlView(Shape shape, const std::vector<PlateControl>& controls, QWidget* parent);

    /// Of a switch: what the parts are the buttons of.
    void setSwitch(const RigSwitch& made);

    /// Chooses the control that the arrows are on.
    void activate() { Q_EMIT activated(m_drawing.words(std::max(0, m_part)).id, false); }

    /// Its words are others now.
    void setControl(int part, const PlateControl& control);

    /// @param part  0, or 1 for the second axis of a pad.
    void setState(int part, const ControlState& state);

    [[nodiscard]] const ControlDrawing& drawing() const { return m_drawing; }
    [[nodiscard]] Shape shape() const { return m_drawing.shape(); }
    [[nodiscard]] int parts() const { return m_drawing.parts(); }

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

    ControlDrawing m_drawing;
    QPoint m_pressedAt;
    bool m_isPressed = false;
    bool m_isDragging = false;
    int m_part = -1;  ///< where the arrows are on a drawing of several controls
};

}  // namespace jolly::app
