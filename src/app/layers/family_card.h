// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/widgets/card.h"

class QVBoxLayout;

namespace jolly::app
{

/// Where what counts comes from: the families of craft, what each has of its own, and what the
/// chosen craft plans to do and does not yet.
class FamilyCard : public Card
{
    Q_OBJECT

 public:
    explicit FamilyCard(Edits& edits, QWidget* parent = nullptr);

    void rebuild();

 Q_SIGNALS:
    void libraryWanted();

 private:
    Edits& m_edits;
    QVBoxLayout* m_column;
};

}  // namespace jolly::app
