// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/flight_log.h"
#include "app/style/palette.h"

#include <QWidget>
#include <map>

namespace jolly::app
{

/// A recording as lanes over time: when each controller, the layers and each virtual device moved.
/// Dragging, or the arrow keys, choose the moment that is shown; Esc goes back to now.
class TimeLine : public QWidget
{
    Q_OBJECT

 public:
    TimeLine(FlightLog& log, Studio& studio, QWidget* parent = nullptr);

    void rebuild();
    [[nodiscard]] QSize sizeHint() const override;

    /// What is drawn as one piece.
    static constexpr Time kPart = std::chrono::milliseconds(250);

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
    /// How much each lane's tracks moved in one chunk, by parts of kPart.
    struct Activity {
        std::uint32_t count = 0;  ///< of the chunk's happenings, when it was looked at
        std::map<std::uint32_t, std::vector<double>> travel{};  ///< by track
    };
    struct Lane {
        QString name;
        QColor Palette::*colour = nullptr;
        std::vector<Piece> pieces{};
    };

    void lookAtChunks();
    [[nodiscard]] double laneHeight() const;
    [[nodiscard]] Lane laneOf(const QString& name, QColor Palette::*colour,
                              const std::function<bool(const Track&)>& isOfLane) const;
    void addLayers();
    void showAt(double x);
    void go(Time by);
    void describe();

    FlightLog& m_log;
    Studio& m_studio;
    std::vector<Lane> m_lanes;
    std::map<Time, Activity> m_activity;  ///< by the beginning of a chunk
};

}  // namespace jolly::app
