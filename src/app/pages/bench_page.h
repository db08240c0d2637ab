// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/chart_card.h"
#include "app/bench/delay_card.h"
#include "app/bench/flight_log.h"
#include "app/bench/game_card.h"
#include "app/bench/hand_moves.h"
#include "app/bench/learn_card.h"
#include "app/bench/recorder_card.h"
#include "app/bench/story_card.h"
#include "app/bench/walk_card.h"
#include "app/models/studio.h"
#include "app/style/scroll_column.h"

#include <QTimer>

namespace jolly::app
{

/// The truth from the hand to the game: left a virtual device as a game sees it and what a sim is
/// to learn, right the strip chart, the delay, what happened, and the flight recorder.
class BenchPage : public QWidget
{
    Q_OBJECT

 public:
    static constexpr int kFrameMs = 33;
    static constexpr int kLookMs = 1000;
    static constexpr int kFiguresMs = 200;  ///< figures that change faster are not read

    explicit BenchPage(Studio& studio, QWidget* parent = nullptr);

    [[nodiscard]] GameCard& game() { return *m_game; }
    [[nodiscard]] Learning& learning() { return m_learning; }
    /// Writes the last minutes to a file.
    void keepRecording() { m_log.keep(); }
    [[nodiscard]] FlightLog& log() { return m_log; }
    [[nodiscard]] HandMoves& hand() { return m_hand; }
    [[nodiscard]] WalkCard& walk() { return *m_walk; }
    [[nodiscard]] ChartCard& chart() { return *m_chart; }

    /// Draws what is so now, as the timer does.
    void showValues();

 Q_SIGNALS:
    void recordingWanted();  ///< a file is to be chosen
    void reportWanted();     ///< likewise, for the walk's report

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void rebuild();
    void showSelection();
    void look();
    void showFrame();

    Studio& m_studio;
    HandMoves m_hand;
    Learning m_learning;
    FlightLog m_log;
    GameCard* m_game;
    LearnCard* m_learn;
    WalkCard* m_walk;
    ChartCard* m_chart;
    DelayCard* m_delay;
    StoryCard* m_story;
    RecorderCard* m_recorder;
    QWidget* m_left = nullptr;
    QTimer m_frame;
    QTimer m_look;
    QTimer m_figures;
};

}  // namespace jolly::app
