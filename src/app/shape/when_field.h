// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"

#include <QWidget>

class QLabel;
class QMenu;
class QPushButton;

namespace jolly::app
{

class ListenField;

/// When a stage works: always, or while a control or a virtual control is pressed, or is not. The
/// button that opens the choice is placed elsewhere; the field itself is there only when there is
/// something to say.
class WhenField : public QWidget
{
    Q_OBJECT

 public:
    /// @param button  gets the menu.
    WhenField(Edits& edits, Selection& selection, QPushButton& button, QWidget* parent = nullptr);

    void show(const std::optional<When>& when);

 Q_SIGNALS:
    void changed(const std::optional<jolly::When>& when);

 private:
    void listen();
    void fillMenu();
    void fillOutputs(QMenu& menu);
    [[nodiscard]] QString nameOf(const When& when) const;

    Edits& m_edits;
    Selection& m_selection;
    QPushButton& m_button;
    QMenu* m_menu;
    QLabel* m_words;
    ListenField* m_listen;
    std::optional<When> m_when;
};

}  // namespace jolly::app
