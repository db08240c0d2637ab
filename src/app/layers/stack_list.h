// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/layers/layer_card.h"
#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/style/scroll_column.h"

#include <QCoreApplication>

class QLabel;
class QPushButton;

namespace jolly::app
{

class ListenField;

/// The stack of layers from the top down, the touch that makes a new one, and what is crowded.
class StackList : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::StackList)

 public:
    explicit StackList(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    void rebuild();
    void showLamps();

 private:
    void makeLayer(const Source& control);
    void makeChord();
    void move(const std::string& layer, int places);
    void remove(const std::string& layer);
    [[nodiscard]] LayerCard::State stateOf(std::size_t place) const;
    [[nodiscard]] QStringList crowding() const;
    [[nodiscard]] QString mostPressed() const;

    Edits& m_edits;
    Selection& m_selection;
    ScrollColumn* m_scroll;
    std::vector<LayerCard*> m_cards;  ///< from the top of the stack down
    std::vector<LayerCard::State> m_states;
    std::vector<std::string> m_layers;
    QStringList m_crowded;
    QLabel* m_title;
    ListenField* m_new;
    QPushButton* m_chord;
    QLabel* m_crowding;
};

}  // namespace jolly::app
