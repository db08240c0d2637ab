// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/arrange/arrange_card.h"
#include "app/faceplate/plate_list.h"
#include "app/models/studio.h"
#include "app/rig/calibration_card.h"
#include "app/rig/control_facts.h"
#include "app/rig/controller_facts.h"
#include "app/rig/notch_card.h"
#include "app/rig/switch_card.h"

#include <QGridLayout>
#include <QLabel>
#include <QScrollArea>

class QVBoxLayout;

namespace jolly::app
{

/// Every controller as a faceplate card, and all about the selected control.
class RigPage : public QWidget
{
    Q_OBJECT

 public:
    RigPage(Studio& studio, AxisWatch& axis, QWidget* parent = nullptr);

    /// Tangles that were open before, offered while no controller is there.
    void setRecent(const QStringList& paths);

 Q_SIGNALS:
    void openWanted(const QString& path);
    /// The pilot wants the pretend rig, since no controller is there.
    void pretendRigWanted();

    /// The faceplate of a controller is to be written to a file, or taken from one.
    void exportWanted(const std::string& controller);
    void importWanted(const std::string& controller);

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

 private:
    void rebuild();
    void arrange();
    void buildEmpty();
    void buildSide();
    void showSelection();
    void showSide(QWidget* side);
    void arrangePlate(const std::string& controller);
    void calibrate(const std::string& controller, bool onlyThisAxis);
    void askWhichOne();
    void settleDoubtByTouch();
    void settleDoubt(std::size_t rig, const Identity& identity);

    Studio& m_studio;
    AxisWatch& m_axis;
    ButtonWatch m_buttons;
    QWidget* m_inside;
    ControllerPlates m_plates;
    QScrollArea* m_area = nullptr;
    Card* m_empty = nullptr;
    QVBoxLayout* m_recent = nullptr;  ///< on the empty desk
    Card* m_doubt = nullptr;
    QVBoxLayout* m_doubtColumn = nullptr;
    QScrollArea* m_side = nullptr;
    ControlFacts* m_facts = nullptr;
    NotchCard* m_notches = nullptr;
    SwitchCard* m_switch = nullptr;
    ControllerFacts* m_controllerFacts = nullptr;
    CalibrationCard* m_calibration = nullptr;
    ArrangeCard* m_arrange = nullptr;
};

}  // namespace jolly::app
