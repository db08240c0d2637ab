// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_trace.h"
#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/shape/fact_line.h"
#include "app/style/scroll_column.h"

#include <vector>

class QPushButton;

namespace jolly::app
{

class Card;
class StageEditor;
class WhenField;
class WheelField;

/// The stages of one strand, one card under the other, with everything that can be set about them.
class StageStack : public ScrollColumn
{
    Q_OBJECT

 public:
    explicit StageStack(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    /// Shows a strand of the tangle as it is now; an empty id shows none.
    void show(const std::string& strand);

    /// Marks the card of a stage and scrolls to it; -1 marks none.
    void mark(int stage);

    /// Tells a fact under the numbers of a stage; -1 is the calibration before them all.
    void setFact(int stage, const StageFact& fact);

    /// Lets a value run by: where a lever is, for a new notch.
    void showInputs(const Rehearsal& rehearsal);

 Q_SIGNALS:
    void stageTouched(int stage);

 private:
    struct StageCard {
        Card* card = nullptr;
        StageEditor* editor = nullptr;
        WhenField* when = nullptr;
        QPushButton* whenButton = nullptr;
        FactLine* fact = nullptr;
        std::size_t kind = 0;
        bool isOn = true;
        StageInput input{};
    };

    [[nodiscard]] bool fits(const Strand& strand) const;
    void rebuild(const Strand& strand);
    void addCalibrated(const Strand& strand);
    void addCard(const Strand& strand, std::size_t stage, const StageInput& input);
    void addHead(QVBoxLayout& column, const Stage& stage, std::size_t place, std::size_t count);
    void addButton();
    void add(const StageParameters& stage);
    void edit(const QString& step, const std::function<void(Strand&)>& change);
    [[nodiscard]] const Strand* strand() const;

    Edits& m_edits;
    Selection& m_selection;
    std::string m_strand;
    WheelField* m_wheel = nullptr;
    FactLine* m_calibrated = nullptr;  ///< what is told of the axis itself
    std::vector<StageCard> m_cards;
};

}  // namespace jolly::app
