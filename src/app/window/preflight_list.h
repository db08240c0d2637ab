// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"

#include <QFrame>

namespace jolly::app
{

/// The list of checks, each with its cure; closes on Escape or a click elsewhere.
class PreflightList : public QFrame
{
 public:
    PreflightList(const Problems& problems, QWidget* parent);

    void openAbove(const QWidget& button);
};

}  // namespace jolly::app
