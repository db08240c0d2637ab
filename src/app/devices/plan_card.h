// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/widgets/card.h"

namespace jolly::app
{

/// The difference that a plan for the sim would make, before it is made.
class PlanCard : public Card
{
    Q_OBJECT

 public:
    explicit PlanCard(Studio& studio, QWidget* parent = nullptr);

 Q_SIGNALS:
    void done();

 private:
    void apply();

    Studio& m_studio;
};

}  // namespace jolly::app
