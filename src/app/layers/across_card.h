// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/widgets/card.h"

#include <QAbstractButton>
#include <QCoreApplication>

class QHBoxLayout;
class QLabel;

namespace jolly::app
{

/// What one layer has for the chosen control.
class AcrossCell : public QAbstractButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::AcrossCell)

 public:
    struct State {
        QString layer{};
        QString deed{};
        std::size_t place = 0;
        bool isEngaged = false;
        bool acts = false;      ///< it is what the control does now
        bool isChosen = false;  ///< of the layer that is worked in
        bool isOwn = false;     ///< the craft's own

        friend bool operator==(const State&, const State&) = default;
    };

    explicit AcrossCell(QWidget* parent);
    void show(const State& state);
    [[nodiscard]] QSize sizeHint() const override { return {104, 74}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    State m_state;
};

/// The chosen control across the stack: what each layer has for it, from Base up. A click works in
/// that layer.
class AcrossCard : public Card
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::AcrossCard)

 public:
    explicit AcrossCard(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    void rebuild();

 private:
    Edits& m_edits;
    Selection& m_selection;
    QLabel* m_title;
    QLabel* m_touched;
    QLabel* m_words;
    QWidget* m_area;  ///< around the cells
    QHBoxLayout* m_row;
    std::vector<AcrossCell*> m_cells;
};

}  // namespace jolly::app
