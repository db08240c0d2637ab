// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/widgets/card.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>

namespace jolly::app
{

/// What there is to know and to set about the selected control's controller: its name, what it
/// really is, what it has, where it is plugged in, and whether games hear it, too.
class ControllerFacts : public Card
{
    Q_OBJECT

 public:
    explicit ControllerFacts(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    void showSelection();

 Q_SIGNALS:
    /// The pilot wants to arrange the controller's faceplate.
    void arrangeWanted(const std::string& controller);

 private:
    void build();
    void rename();
    void hide(int choice);
    void set(const QString& step, const RigController& rig);
    [[nodiscard]] const DeskController* controller() const;
    [[nodiscard]] QString whatGamesHear(const DeskController& controller) const;

    Edits& m_edits;
    Selection& m_selection;
    std::optional<Source> m_subject;  ///< that is shown, and edited
    QLineEdit* m_alias;
    QLabel* m_name = nullptr;
    QLabel* m_numbers = nullptr;
    QLabel* m_has = nullptr;
    QLabel* m_port = nullptr;
    QLabel* m_kernel = nullptr;
    QLabel* m_games = nullptr;
    QComboBox* m_hiding;
    QLabel* m_meaning = nullptr;
};

}  // namespace jolly::app
