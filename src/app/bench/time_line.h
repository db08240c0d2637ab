// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/flight_log.h"
#include "app/style/palette.h"

#include <QWidget>

namespace jolly::app
{

/// A recording as lanes over time: when each controller, the layers and each virtual device moved.
/// Dragging, or the arrow keys, choose the moment that is shown; Esc goes back to now.
class TimeLine : public QWidget
{
    Q_OBJECT

 public:
    TimeLine(FlightLog& log, Edits& edits, QWidget* parent = nullptr);

    void rebuild();
    [[nodiscard]] QSize sizeHint() const override;

    /// Where a moment lies.
    [[nodiscard]] double xOf(Time time) const;
    [[nodiscard]] std::size_t laneCount() const { return m_lanes.size(); }

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    struct Piece {
        Time first{};
        Time last{};
        double share = 0.0;  ///< of its tracks that moved in it
    };
    struct Lane {
        QString name;
        QColor Palette::*colour = nullptr;
        std::vector<Piece> pieces{};
    };

    [[nodiscard]] double laneHeight() const;
    [[nodiscard]] Lane laneOf(const QString& name, QColor Palette::*colour,
                              const std::function<bool(const Track&)>& isOfLane) const;
    void addLayers();
    void showAt(double x);
    void go(Time by);
    void describe();

    FlightLog& m_log;
    Edits& m_edits;
    std::vector<Lane> m_lanes;
};

}  // namespace jolly::app
