// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_trace.h"
#include "app/models/preflight.h"
#include "app/models/weaver.h"
#include "app/style/value_text.h"
#include "app/widgets/card.h"

#include <QLabel>

class QMenu;
class QPushButton;
class QVBoxLayout;

namespace jolly::app
{

class OriginBar;
class OutletRows;
class RowChoice;
class StageEditor;
class StagePlot;

/// One strand with its stages as small live graphs, and everything that can be done to it.
class StrandCard : public Card
{
    Q_OBJECT

 public:
    StrandCard(Weaver& weaver, Preflight& preflight, RowChoice& choice, const Strand& strand,
               QWidget* parent = nullptr);

    [[nodiscard]] const std::string& strand() const { return m_id; }
    [[nodiscard]] const std::string& layer() const { return m_shown.layer; }

    /// Whether this card can go on showing the strand; else it has to be made anew.
    [[nodiscard]] bool fits(const Strand& strand) const;

    /// Shows the strand as the tangle has it now; it must fit.
    void refresh(const Strand& strand);

    /// Shows where each stage is now.
    void showValues();

    /// The place of the stage that is open for editing; -1 when none is.
    [[nodiscard]] int openStage() const { return m_openStage; }
    void openEditor(int stage);

    /// How far below its top the thread of an outlet leaves it.
    [[nodiscard]] int rowOf(const std::string& outlet) const;

 Q_SIGNALS:
    void stageOpened();

 protected:
    void contextMenuEvent(QContextMenuEvent* event) override;

 private:
    struct StageBox {
        Card* card = nullptr;
        StagePlot* plot = nullptr;
        QLabel* title = nullptr;
        QLabel* summary = nullptr;
        ValueLabel* value = nullptr;
    };

    void build(const Strand& strand);
    void buildHead(const Strand& strand, QVBoxLayout& column);
    void buildStages(const Strand& strand, QVBoxLayout& column);
    void buildLamp(QVBoxLayout& column);
    void buildChips(QVBoxLayout& column);
    [[nodiscard]] StageBox makeBox(std::size_t stage);
    [[nodiscard]] QMenu* makeMenu();
    [[nodiscard]] QWidget* makeStageButtons(std::size_t stage);
    void addHalves(QMenu& menu);
    void askForSource();
    void beginAt(const Source& control);
    void editText(const QString& question, const QString& step, std::string Strand::*member);
    void edit(const QString& name, const std::function<void(Tangle&, Strand&)>& change);
    void addStage(StageParameters parameters);
    void removeStage(std::size_t stage);
    void moveStage(std::size_t stage, int by);
    void showWhere();
    [[nodiscard]] QString targetText(const Strand& strand) const;
    [[nodiscard]] QString clashText(const Strand& strand) const;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void hideEvent(QHideEvent* event) override;

    Weaver& m_weaver;
    Preflight& m_preflight;
    RowChoice& m_choice;
    std::string m_id;
    Strand m_shown;
    ControlKind m_kind = ControlKind::Axis;  ///< of its control
    AxisTrace m_trace;                       ///< what the strand does; not there when it has errors
    std::vector<StageBox> m_boxes;
    QLabel* m_name = nullptr;
    QLabel* m_target = nullptr;
    QLabel* m_where = nullptr;  ///< the layer and the craft
    OriginBar* m_origin = nullptr;
    QLabel* m_note = nullptr;
    QLabel* m_clash = nullptr;
    OutletRows* m_outlets = nullptr;
    ValueLabel* m_in = nullptr;
    ValueLabel* m_out = nullptr;
    QWidget* m_editorPlace = nullptr;
    StageEditor* m_editor = nullptr;
    int m_openStage = -1;
};

}  // namespace jolly::app
