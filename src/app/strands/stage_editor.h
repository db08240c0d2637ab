// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"

#include <QCoreApplication>
#include <QWidget>

class QGridLayout;
class QLayout;
class QVBoxLayout;

namespace jolly::app
{

class CurvePlot;
class DetentsTable;
class SliceEditor;
class StagePlot;

/// Everything that can be set about one stage, made from its fields: amounts as sliders with exact
/// numbers, flags as chips, choices as lists, other controls as fields to touch them for, notches
/// and points as rows.
class StageEditor : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::StageEditor)

 public:
    /// How the points of a curve are set: in a plot of their own, or as numbers.
    enum class Points { Plot, Numbers };

    /// @param strand  id; @param stage  place among its stages.
    StageEditor(Edits& edits, Selection& selection, const std::string& strand, std::size_t stage,
                StageInput input, Points points, QWidget* parent = nullptr);

    /// Shows what the tangle has now. The stage must be of the same kind.
    void refresh(const Stage& stage);

    /// Goes on with the same stage of another strand: of the one that is the craft's own now.
    void follow(const std::string& strand) { m_strand = strand; }
    void setDot(double in, double out);

 private:
    void build(const Stage& stage, Points points);
    void addAmount(QGridLayout& grid, const AmountField& field, bool isCompact);
    void addNumber(QGridLayout& grid, const NumberField& field);
    void addChoice(QLayout& row, const ChoiceField& field);
    void addFlag(QLayout& row, const FlagField& field);
    void addControl(QGridLayout& grid, const ControlField& field);
    void addPoints(QVBoxLayout& column, const PointsField& field, Points points);
    void addPairs(QVBoxLayout& column, const PointsField& field);
    void addDetents(QVBoxLayout& column);
    void addSlices(QVBoxLayout& column);
    void addPlaces(QVBoxLayout& column, const Stage& stage);
    void addCurve(QVBoxLayout& column);
    void set(const QString& what, Gesture gesture, const std::function<void(Stage&)>& change);

    Edits& m_edits;
    Selection& m_selection;
    std::string m_strand;
    std::size_t m_stage;
    StageInput m_input;
    QString m_name;  ///< of the kind of stage, for the history
    CurvePlot* m_curve = nullptr;
    DetentsTable* m_detents = nullptr;
    SliceEditor* m_slices = nullptr;
    std::vector<std::function<void(const Stage&)>> m_refreshers;
};

}  // namespace jolly::app
