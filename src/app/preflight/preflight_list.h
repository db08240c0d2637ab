// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/preflight.h"
#include "app/models/weaver.h"
#include "control/games_see.h"

#include <QCoreApplication>
#include <QFrame>
#include <QScrollArea>

class QVBoxLayout;

namespace jolly::app
{

/// The list of checks, each with its cure, and what games see now; it follows every change, and
/// closes on Escape or a click elsewhere.
class PreflightList : public QFrame
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::PreflightList)

 public:
    PreflightList(Weaver& weaver, Preflight& preflight, QWidget* parent);

    void openAbove(const QWidget& button);

 private:
    void rebuild();
    void addChecks(QVBoxLayout& column);
    void addSights(QVBoxLayout& column);
    void addHolding(QVBoxLayout& column, const GameSight& sight);

    Weaver& m_weaver;
    Preflight& m_preflight;
    QScrollArea* m_area;
};

}  // namespace jolly::app
