// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/card.h"
#include "app/models/studio.h"
#include "app/rig/axis_track.h"
#include "core/calibration/calibration_walk.h"

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <optional>
#include <vector>

class QVBoxLayout;

namespace jolly::app
{

/// The guided walk through the calibration of a controller: two steps in which every axis ticks
/// itself off, then what was found, in words, and what would be set. Setting it is one step of the
/// history.
class CalibrationCard : public Card
{
    Q_OBJECT

 public:
    explicit CalibrationCard(Studio& studio, QWidget* parent = nullptr);

    /// Begins with a controller that is present and has axes. @return whether it has.
    bool begin(const std::string& controller);

    /// Takes the moves that came since the values before, and shows them.
    void takeMoves();

    /// Ends the walk when its controller went away or is another one now.
    void checkController();

 Q_SIGNALS:
    void ended();

 protected:
    void keyPressEvent(QKeyEvent* event) override;

 private:
    /// One axis of the walk: where it is in the rig and in the live block, and its widgets.
    struct Row {
        std::size_t place = 0;
        int slot = -1;
        AxisRange range{};
        QCheckBox* name = nullptr;
        QLabel* state = nullptr;
        AxisTrack* track = nullptr;
        QLabel* words = nullptr;
        QLabel* offer = nullptr;
    };

    void build();
    void buildRow(Row& row, const QString& name);
    void clear();
    void go(CalibrationWalk::Step step);
    void goOn();
    void showStep();
    void showRow(std::size_t axis);
    void showVerdict(std::size_t axis);
    void set();
    void forget();
    [[nodiscard]] bool isCalibrated() const;
    void leave(const QString& sentence);
    [[nodiscard]] std::vector<std::int32_t> counts() const;

    Studio& m_studio;
    QLabel* m_title;
    QLabel* m_step;
    QLabel* m_task;
    QWidget* m_list = nullptr;
    QVBoxLayout* m_rowColumn = nullptr;
    QPushButton* m_leave;
    QPushButton* m_reset;
    QPushButton* m_back;
    QPushButton* m_next;
    std::string m_controller;
    std::vector<Row> m_rows;
    std::optional<CalibrationWalk> m_walk;
    Time m_looked{};
};

}  // namespace jolly::app
