// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"

#include <QWidget>

namespace jolly::app
{

/// A small strip above all windows, for eyes that are in the sim: the craft, the layers that are
/// engaged, and what the control that was touched last does. Clicks go through it, but for while it
/// is being placed.
class LayerStrip : public QWidget
{
    Q_OBJECT

 public:
    explicit LayerStrip(Edits& edits, Selection& selection);

    /// While it is placed it is dragged with the pointer; a click on it, or Escape, ends that.
    void setPlacing(bool isPlacing);
    [[nodiscard]] bool isPlacing() const { return m_isPlacing; }

    /// What it says, for those who read screens.
    [[nodiscard]] QString words() const;

 Q_SIGNALS:
    void placed(QPoint place);

 protected:
    void paintEvent(QPaintEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void follow();
    void noteTouch();
    void fit();

    Edits& m_edits;
    Selection& m_selection;
    QString m_craft;
    QString m_touched;
    std::vector<std::pair<std::size_t, QString>> m_layers;  ///< those that are engaged
    bool m_isPlacing = false;
    QPoint m_grip;
    QPoint m_pressedAt;
};

}  // namespace jolly::app
