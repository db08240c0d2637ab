// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/flight_log.h"
#include "app/widgets/card.h"

#include <QPushButton>
#include <QSortFilterProxyModel>

class QLabel;
class QListView;

namespace jolly::app
{

/// What happened, the newest first; quiet, and filtered by what it is about. A line shows its
/// moment.
class StoryCard : public Card
{
    Q_OBJECT

 public:
    explicit StoryCard(FlightLog& log, QWidget* parent = nullptr);

 private:
    struct Filter {
        QString words;
        std::vector<StoryKind> kinds;
    };

    [[nodiscard]] static std::vector<Filter> filters();
    void choose(std::size_t filter);
    void showWhetherEmpty();

    FlightLog& m_log;
    QSortFilterProxyModel m_lines;
    QListView* m_list;
    QLabel* m_none;
    std::vector<QPushButton*> m_chips;
};

}  // namespace jolly::app
