// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QWidget>

class QGridLayout;
class QHBoxLayout;
class QVBoxLayout;

namespace jolly::app
{

class CurvePlot;
class StagePlot;

/// Whether the editor can set everything about a kind of stage: not what names other controls or
/// notches, nor the points of how a sim answers.
template <class Kind>
[[nodiscard]] bool isEditable()
{
    bool isWhole = true;
    const Kind kind;
    Kind::fields(kind, [&](const auto& spec, const auto&) {
        using Spec = std::decay_t<decltype(spec)>;
        isWhole = isWhole && !std::is_same_v<Spec, ControlField> &&
                  !std::is_same_v<Spec, DetentsField> &&
                  (!std::is_same_v<Spec, PointsField> || std::is_same_v<Kind, Curve>);
    });
    return isWhole;
}

/// Everything that can be set about one stage, made from its fields: amounts as sliders with exact
/// numbers, flags as chips, choices as lists, points as a plot.
class StageEditor : public QWidget
{
 public:
    /// @param strand  id; @param stage  place among its stages.
    StageEditor(Studio& studio, const std::string& strand, std::size_t stage, StageInput input,
                QWidget* parent = nullptr);

    /// Shows what the tangle has now. The stage must be of the same kind.
    void refresh(const Stage& stage);
    void setDot(double in, double out);

 private:
    void build(const Stage& stage);
    void addAmount(QGridLayout& grid, const AmountField& field);
    void addNumber(QGridLayout& grid, const NumberField& field);
    void addChoice(QHBoxLayout& row, const ChoiceField& field);
    void addFlag(QHBoxLayout& row, const FlagField& field);
    void addCurve(QVBoxLayout& column);
    void set(const QString& what, const QString& gesture,
             const std::function<void(Stage&)>& change);

    Studio& m_studio;
    std::string m_strand;
    std::size_t m_stage;
    StageInput m_input;
    QString m_name;  ///< of the kind of stage, for the history
    CurvePlot* m_curve = nullptr;
    std::vector<std::function<void(const Stage&)>> m_refreshers;
};

}  // namespace jolly::app
