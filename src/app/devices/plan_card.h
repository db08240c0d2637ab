// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/widgets/card.h"

namespace jolly::app
{

/// The difference that a plan for the sim would make, before it is made.
class PlanCard : public Card
{
    Q_OBJECT

 public:
    explicit PlanCard(Edits& edits, QWidget* parent = nullptr);

 Q_SIGNALS:
    void done();

 private:
    void apply();

    Edits& m_edits;
};

}  // namespace jolly::app
