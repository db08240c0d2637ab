// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"
#include "app/strands/row_choice.h"

#include <QCoreApplication>
#include <QMenu>
#include <functional>

namespace jolly::app
{

/// Where the outlet of a row may lead: what each kind of goal offers (app/goals); or one goal more,
/// or less.
class GoalMenu : public QMenu
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::GoalMenu)

 public:
    /// @param askForKeys  lets the row listen for keys.
    GoalMenu(Weaver& weaver, RowChoice& choice, OutletPlace row, std::function<void()> askForKeys,
             QWidget* parent);

 private:
    void offer(const Strand& strand, std::function<void()> askForKeys);
    void removeIt();

    Weaver& m_weaver;
    RowChoice& m_choice;
    OutletPlace m_row;
};

}  // namespace jolly::app
