// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/layers/across_card.h"
#include "app/layers/family_card.h"
#include "app/layers/layer_editor.h"
#include "app/layers/meaning_plate.h"
#include "app/layers/stack_list.h"
#include "app/models/studio.h"
#include "app/strands/row_choice.h"
#include "app/strands/strand_card.h"
#include "app/style/scroll_column.h"

namespace jolly::app
{

/// Left the stack, in the middle a controller as it acts now and the chosen control across the
/// stack, right the chosen layer and where everything comes from.
class LayersPage : public QWidget
{
    Q_OBJECT

 public:
    explicit LayersPage(Studio& studio, QWidget* parent = nullptr);

    [[nodiscard]] MeaningPlate& plate() { return *m_plate; }

 Q_SIGNALS:
    void libraryWanted();

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

 private:
    void divide();
    void rebuild();
    void showLamps();
    void showSelection();
    void showValues();
    void rebuildStrands();
    void addInvitation(const Source& control);

    Studio& m_studio;
    RowChoice m_choice;
    QVBoxLayout* m_left;  ///< the stack, and in a narrow window what is at the right else
    StackList* m_stack;
    ScrollColumn* m_middle;
    MeaningPlate* m_plate;
    AcrossCard* m_across;
    QVBoxLayout* m_strands;  ///< of the chosen control in the chosen layer
    std::vector<StrandCard*> m_cards;
    ScrollColumn* m_right;
    LayerEditor* m_editor;
    FamilyCard* m_family;
};

}  // namespace jolly::app
