// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/faceplate.h"
#include "app/layers/callout.h"
#include "app/models/edits.h"
#include "app/models/selection.h"
#include "core/faceplate/callouts.h"

class QHBoxLayout;
class QLabel;

namespace jolly::app
{

/// A controller as it acts now: its faceplate, and beside it what each control does, in the colour
/// and mark of the layer that gives it. Chips above choose the controller.
class MeaningPlate : public Card
{
    Q_OBJECT

 public:
    explicit MeaningPlate(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    /// Shows the controller of the selected control, or goes on with the one that is shown.
    void rebuild();
    void showValues();
    [[nodiscard]] const std::string& controller() const { return m_controller; }

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] const DeskController* shown() const;
    [[nodiscard]] std::optional<Callout::Words> wordsOf(const RigController& rig,
                                                        const RigControl& control) const;
    void makeChips();
    void place();
    [[nodiscard]] Spot anchorOf(const Callout& callout) const;
    void orderTabs();

    Edits& m_edits;
    Selection& m_selection;
    std::string m_controller;  ///< id
    std::vector<std::string> m_chips;
    QLabel* m_title;
    QLabel* m_layers;
    QLabel* m_hint;
    QWidget* m_row;
    Faceplate* m_plate;
    std::vector<Callout*> m_callouts;
};

}  // namespace jolly::app
