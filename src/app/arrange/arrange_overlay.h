// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/faceplate.h"
#include "app/models/edits.h"
#include "app/models/live_feed.h"

#include <QPointer>

namespace jolly::app
{

/// Lies over a faceplate while the pilot arranges it: parts are chosen, moved and resized on the
/// grid, by the mouse or by keys, alone or several at once, and put into named groups.
///
/// Arrow keys move by a cell, with Shift they resize; Tab goes to the next part; G groups, Delete
/// takes a group apart; Escape ends.
class ArrangeOverlay : public QWidget
{
    Q_OBJECT

 public:
    ArrangeOverlay(Edits& edits, LiveFeed& feed, const std::string& controller, Faceplate* plate);

    [[nodiscard]] const std::string& controller() const { return m_controller; }

    /// Follows the faceplate and what the tangle says now; call after the desk changed.
    void refresh();

    /// Puts a frame around the chosen parts.
    void group();

    /// Takes the frame of the chosen group away; what lay in it stays.
    void ungroup();

    /// Lets the faceplate lay itself out again.
    void layOutAnew();

    /// The name of what is chosen: of one part or of one group; empty when it has none.
    [[nodiscard]] bool hasName() const;
    [[nodiscard]] QString name() const;
    void setName(const QString& name);

    [[nodiscard]] bool hasChosenParts() const { return !m_parts.empty(); }
    [[nodiscard]] bool hasChosenGroup() const { return m_group.has_value(); }

 Q_SIGNALS:
    void chosenChanged();
    void ended();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    enum class Drag { None, Move, Resize, Frame };

    void choose(std::optional<std::size_t> part, bool isAdding);
    void chooseGroup(std::size_t group);
    void chooseNext(int by);
    void shift(int columns, int rows, bool isResizing, Gesture drag);
    void put(const QString& step, const Arrangement& arrangement, Gesture drag = {});
    void editRig(const QString& step, const std::function<void(RigController&)>& change);
    [[nodiscard]] bool isChosen(std::size_t part) const;
    [[nodiscard]] QRect rectOf(const Cells& cells) const;
    [[nodiscard]] QRect handleOf(const Cells& cells) const;
    [[nodiscard]] std::optional<std::size_t> partAt(QPoint place) const;
    [[nodiscard]] std::optional<std::size_t> groupAt(QPoint place) const;
    [[nodiscard]] bool isOnHandle(QPoint place) const;
    [[nodiscard]] QSizeF cell() const;
    [[nodiscard]] std::optional<std::size_t> switchOf(ControlCode code) const;

    Edits& m_edits;
    LiveFeed& m_feed;
    std::string m_controller;
    QPointer<Faceplate> m_plate;
    Arrangement m_arrangement;
    std::vector<ControlCode> m_parts;    ///< chosen
    std::optional<std::size_t> m_group;  ///< chosen
    Drag m_drag = Drag::None;
    QPoint m_pressedAt;
    QPoint m_done;  ///< cells that the present drag moved by already
    QRect m_frame;  ///< being drawn to choose what lies in it
    Gesture m_gesture;
};

}  // namespace jolly::app
