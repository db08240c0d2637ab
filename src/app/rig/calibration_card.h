// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/rig/calibration_row.h"
#include "app/widgets/card.h"

#include <QLabel>
#include <QPushButton>
#include <optional>
#include <vector>

class QVBoxLayout;

namespace jolly::app
{

/// The guided walk through the calibration of a controller: steps in which every axis ticks itself
/// off, then what was found, in words, and what would be set. Setting it is one step of the
/// history. A walk that was left, or whose controller went away, waits to be gone on with.
class CalibrationCard : public Card
{
    Q_OBJECT

 public:
    explicit CalibrationCard(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    /// Begins with a controller that is present and has axes, or goes on with the walk that waits
    /// for it. @param only  the one axis to calibrate; empty for all. @return whether it has.
    bool begin(const std::string& controller, std::optional<ControlCode> only);

    /// Whether a walk of this controller was left in the middle.
    [[nodiscard]] bool isWaiting(const std::string& controller) const;

    /// Takes the moves that came since the values before, and shows them.
    void takeMoves();

    /// Lets the walk wait when its controller went away.
    void checkController();

 Q_SIGNALS:
    void ended();

 protected:
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void build();
    void begin(const DeskController& desk, std::optional<ControlCode> only);
    [[nodiscard]] bool resume(const DeskController& desk);
    void clear();
    void go(CalibrationWalk::Step step);
    void goOn();
    void capture();
    void showStep();
    void showRows();
    void showVerdict(std::size_t axis);
    void set();
    void forget();
    void beginAnew();
    [[nodiscard]] bool isCalibrated() const;
    void leave(const QString& sentence);
    void finish(const QString& sentence);
    [[nodiscard]] const RigControl* controlOf(const CalibrationRow& row) const;
    [[nodiscard]] std::vector<std::int32_t> counts() const;

    Edits& m_edits;
    LiveFeed& m_feed;
    QLabel* m_title;
    QLabel* m_step;
    QLabel* m_task;
    QWidget* m_list = nullptr;
    QVBoxLayout* m_rowColumn = nullptr;
    QPushButton* m_capture;
    QPushButton* m_leave;
    QPushButton* m_anew;
    QPushButton* m_reset;
    QPushButton* m_back;
    QPushButton* m_next;
    std::string m_controller;
    std::optional<ControlCode> m_only;
    std::vector<CalibrationRow*> m_rows;
    std::optional<CalibrationWalk> m_walk;
    bool m_isWaiting = false;
    Time m_looked{};
};

}  // namespace jolly::app
