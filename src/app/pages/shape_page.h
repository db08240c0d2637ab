// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_trace.h"
#include "app/models/axis_watch.h"
#include "app/models/studio.h"
#include "app/shape/shape_plot.h"
#include "core/weave/feel_check.h"

#include <QPointer>
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace jolly::app
{

class AxisList;
class CounterWalk;
class FeelBar;
class OriginBar;
class StageStack;
class StripChart;
class ValueLabel;

/// One axis large: left all axes, in the middle its compiled curve with handles, right its stages
/// with exact numbers, and what the last seconds were like.
class ShapePage : public QWidget
{
    Q_OBJECT

 public:
    ShapePage(Studio& studio, AxisWatch& watch, QWidget* parent = nullptr);

    /// The strand that is shown; empty when there is none.
    [[nodiscard]] const std::string& strand() const { return m_strand; }

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

 private:
    void divide();
    void buildMiddle(QVBoxLayout& column);
    void buildRight(QVBoxLayout& column);
    void buildStrip(QVBoxLayout& column);
    void wirePlot();
    void choose(const std::string& strand);
    void followSelection();
    void rebuild();
    [[nodiscard]] bool isShownAlready();
    void showShape(const Tangle& flown, const Strand& strand);
    void showWords(const Tangle& flown, const Strand& strand);
    void showFacts(const Strand& strand, const Travel& travel);
    void showEnds();
    void showUnder();
    void showMeasured();
    void showValues();
    void showStrip();
    void addCurve(CurvePoint at);
    void walkCounterCurve();
    void endWalk();
    void rememberOld();
    [[nodiscard]] const std::vector<Stage>& oldStages() const;
    void tryOld(bool isTrying);
    void edit(const QString& step, std::size_t stage, Gesture drag,
              const std::function<void(Stage&, const StageInput&)>& change);
    [[nodiscard]] const Strand* shown() const;
    [[nodiscard]] const RigControl* axis() const;
    [[nodiscard]] QStringList problemsOf(const Strand& strand) const;

    Studio& m_studio;
    AxisWatch& m_watch;
    AxisTrace m_trace;
    std::string m_strand;
    std::vector<Stage> m_chosen;  ///< as it was when the axis was chosen

    /// What is shown now.
    struct Shown {
        std::shared_ptr<const Tangle> tangle{};  ///< by its place: each edit makes another one
        std::shared_ptr<const Tangle> flown{};
        Problems problems{};
        std::string strand{};
        DeskSlots slots{};
        Footing footing{};
        bool isLive = false;

        friend bool operator==(const Shown&, const Shown&) = default;
    };
    std::optional<Shown> m_shown;
    AxisList* m_list = nullptr;
    ShapePlot* m_plot = nullptr;
    StageStack* m_stack = nullptr;
    FeelBar* m_bar = nullptr;
    OriginBar* m_origin = nullptr;
    StripChart* m_strip = nullptr;
    QTimer m_stripSoon;
    QLabel* m_name = nullptr;
    QLabel* m_way = nullptr;
    QLabel* m_handle = nullptr;
    ValueLabel* m_slopes = nullptr;
    ValueLabel* m_step = nullptr;  ///< the smallest one
    QLabel* m_notes = nullptr;
    QLabel* m_shared = nullptr;
    QLabel* m_under = nullptr;
    QPushButton* m_try = nullptr;
    QWidget* m_leftSide = nullptr;
    QWidget* m_rightSide = nullptr;
    QVBoxLayout* m_right = nullptr;
    QPointer<CounterWalk> m_walk;
};

}  // namespace jolly::app
