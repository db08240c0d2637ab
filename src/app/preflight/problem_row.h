// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"

#include <QCoreApplication>
#include <QWidget>

namespace jolly::app
{

/// One line of preflight: what it is, what it means for the flight, and the cure, as a button where
/// one click does it and as a command to copy where a terminal does.
class ProblemRow : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::ProblemRow)

 public:
    ProblemRow(Weaver& weaver, const Problem& problem, QWidget* parent = nullptr);

 private:
    void addWords(const Problem& problem);
    void addDeeds(const Problem& problem);

    Weaver& m_weaver;
};

}  // namespace jolly::app
