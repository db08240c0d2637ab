// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/style/wrap_layout.h"
#include "app/widgets/card.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <deque>
#include <vector>

class QCustomPlot;

namespace jolly::app
{

/// A strip chart of chosen controls: thin what the hand did, thick what we sent, and as dots what a
/// game read back. The selected control is among them as long as none was chosen.
class ChartCard : public Card
{
    Q_OBJECT

 public:
    static constexpr std::size_t kMost = 4;
    static constexpr Time kKept = std::chrono::seconds(60);

    explicit ChartCard(Edits& edits, Selection& selection, QWidget* parent = nullptr);
    ~ChartCard() override;

    /// Takes what happened since the last time.
    void takeValues();
    /// Draws it, thirty times a second at most: a plot costs more than all else on its page. Call
    /// at display rate while it is seen.
    void drawSoon();

    /// Adds a control to those that are drawn, or takes it out.
    void toggle(const Source& control);
    void setPaused(bool isPaused);
    [[nodiscard]] Time length() const { return m_length; }

    /// How many samples of what was sent are kept of the first one; for tests.
    [[nodiscard]] std::size_t sampleCount() const;

 protected:
    void changeEvent(QEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

 private:
    struct Sample {
        Time time{};
        double value = 0.0;  ///< part of the travel, from 0 to 1
    };
    struct Trace {
        Source control;
        Target place{};  ///< where the strand that counts leads; no device where none does
        std::deque<Sample> raw{}, sent{}, seen{};
    };

    void draw();
    void follow();
    void buildChips();
    void dress();
    void setLength(int step);
    void resolve(Trace& trace) const;
    void takeEntries(Trace& trace);
    void takeSeen(Trace& trace, Time now);
    using Points = std::vector<std::pair<double, double>>;  ///< seconds from now, and value
    [[nodiscard]] Points pointsOf(const std::deque<Sample>& samples, bool isLine, Time now) const;
    static void trim(std::deque<Sample>& samples, Time now);

    Edits& m_edits;
    Selection& m_selection;
    std::vector<Trace> m_traces;
    bool m_isChosen = false;  ///< by the pilot; else the selected one is drawn
    Time m_length = std::chrono::seconds(10);
    bool m_isPaused = false;
    Time m_pausedAt{};
    QTimer m_soon;  ///< runs while a drawing is due
    QStringList m_shownChips;
    std::vector<Points> m_drawn;  ///< by graph; empty where all has to be drawn anew
    WrapLayout* m_chips;
    QPushButton* m_add;
    QPushButton* m_zoom;
    QPushButton* m_pause;
    QCustomPlot* m_plot;
    QLabel* m_words;
};

}  // namespace jolly::app
