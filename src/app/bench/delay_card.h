// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "app/widgets/card.h"
#include "control/delay_figures.h"

#include <QCoreApplication>
#include <QLabel>
#include <QPushButton>
#include <deque>

namespace jolly::app
{

/// How many delays were how long, as columns.
class DelayColumns : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::DelayColumns)

 public:
    explicit DelayColumns(QWidget* parent = nullptr);

    void show(const DelayBins& bins);
    [[nodiscard]] QSize sizeHint() const override { return {220, 90}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    DelayBins m_bins{};
};

/// What we add in delay: from the kernel's stamp of a move to our write, or to what a game reads;
/// of the last minute.
class DelayCard : public Card
{
    Q_OBJECT

 public:
    static constexpr Time kLength = std::chrono::seconds(60);

    explicit DelayCard(LiveFeed& feed, QWidget* parent = nullptr);

    /// Takes what was counted; call now and then.
    void showValues();

 private:
    struct Past {
        Time time{};
        LiveCounts counts;
    };

    LiveFeed& m_feed;
    std::deque<Past> m_past;
    QLabel* m_rate;
    DelayColumns* m_columns;
    QLabel* m_figures;
    QLabel* m_lost;
    QPushButton* m_toGame;
};

}  // namespace jolly::app
