// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/flight_log.h"
#include "app/widgets/card.h"

#include <QListWidget>
#include <QPushButton>
#include <array>

namespace jolly::app
{

/// What happened, the newest first; quiet, and filtered by what it is about. A line shows its
/// moment.
class StoryCard : public Card
{
    Q_OBJECT

 public:
    explicit StoryCard(FlightLog& log, QWidget* parent = nullptr);

    void rebuild();

 private:
    struct Filter {
        QString words;
        std::array<bool, 6> kinds;  ///< by StoryKind
    };

    [[nodiscard]] static std::vector<Filter> filters();
    void choose(int filter);

    FlightLog& m_log;
    QListWidget* m_list;
    std::vector<QPushButton*> m_chips;
    int m_filter = 0;
    std::size_t m_shown = 0;
    Time m_newest{};
};

}  // namespace jolly::app
