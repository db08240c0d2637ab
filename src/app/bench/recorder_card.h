// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/time_line.h"
#include "app/style/elided_label.h"
#include "app/widgets/card.h"

#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

/// The flight recorder: the last minutes, or a recording from a file; scrubbed, kept, and replayed
/// against the tangle as it is now.
class RecorderCard : public Card
{
    Q_OBJECT

 public:
    RecorderCard(Edits& edits, FlightLog& log, QWidget* parent = nullptr);

 Q_SIGNALS:
    void openWanted();

 private:
    void showState();

    FlightLog& m_log;
    ElidedLabel* m_what;
    QPushButton* m_compare;
    QPushButton* m_open;
    QPushButton* m_keep;
    TimeLine* m_line;
    ElidedLabel* m_verdict;
    QPushButton* m_show;
    QPushButton* m_now;
};

}  // namespace jolly::app
