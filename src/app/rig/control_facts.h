// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_watch.h"
#include "app/models/button_watch.h"
#include "app/rig/axis_track.h"
#include "app/rig/fact_grid.h"
#include "app/widgets/card.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <functional>

class QVBoxLayout;

namespace jolly::app
{

/// All about the selected control: its name, its role, how it behaves, what it tells now, and of an
/// axis what it did since it was selected.
class ControlFacts : public Card
{
    Q_OBJECT

 public:
    ControlFacts(Edits& edits, Selection& selection, AxisWatch& axis, const ButtonWatch& buttons,
                 QWidget* parent = nullptr);

    void showSelection();
    void commit();
    void showValues();

    /// The words of the two calibrate buttons depend on it.
    void setWalkWaiting(bool isWaiting);

 Q_SIGNALS:
    /// The pilot wants to calibrate the selected control's controller, or only the axis.
    void calibrationWanted(const std::string& controller, bool onlyThisAxis);

    /// The pilot wants the buttons at these places of the controller to be one switch.
    void switchWanted(const std::string& controller, const std::vector<std::size_t>& places);

 private:
    void build();
    void buildNature(FactGrid& grid);
    void buildGuess(QVBoxLayout& column);
    void buildAxisFacts(QVBoxLayout& column);
    void showNature(const DeskController& controller, const RigControl& control);
    void showAxis(const RigControl& control, const LiveValue& live);
    void showFilter(const DeskController& controller, int slot);
    void showGuess();
    void showGuessWhenItMayBeAnother();
    [[nodiscard]] std::optional<Sides> otherSides() const;
    void takeGuess();
    void setRole(const QString& role);
    void setStraight();
    void setControl(const QString& step, const std::function<void(RigControl&)>& change);

    Edits& m_edits;
    Selection& m_selection;
    std::optional<Source> m_subject;  ///< that is shown, and edited
    AxisWatch& m_axis;
    const ButtonWatch& m_buttons;
    bool m_isWalkWaiting = false;
    std::uint64_t m_seenChanges = 0;  ///< of buttons, when the guess was made
    Time m_guessedAt{};
    QLabel* m_title = nullptr;
    FactGrid* m_body = nullptr;
    QLineEdit* m_label = nullptr;
    QComboBox* m_role = nullptr;
    QComboBox* m_kind = nullptr;
    QComboBox* m_more = nullptr;
    ValueLabel* m_raw = nullptr;
    ValueLabel* m_value = nullptr;
    QWidget* m_guess = nullptr;
    QLabel* m_guessWords = nullptr;
    QPushButton* m_takeGuess = nullptr;
    QWidget* m_axisFacts = nullptr;
    ValueLabel* m_range = nullptr;
    ValueLabel* m_rest = nullptr;
    ValueLabel* m_noise = nullptr;
    ValueLabel* m_spikes = nullptr;
    ValueLabel* m_steps = nullptr;
    AxisTrack* m_track = nullptr;
    QWidget* m_filter = nullptr;
    QLabel* m_filterWords = nullptr;
    QPushButton* m_straight = nullptr;
    QPushButton* m_calibrate = nullptr;
    QPushButton* m_calibrateOne = nullptr;
};

}  // namespace jolly::app
