// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

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
    WhenField(Studio& studio, QPushButton& button, QWidget* parent = nullptr);

    void show(const std::optional<When>& when);

 Q_SIGNALS:
    void changed(const std::optional<jolly::When>& when);

 private:
    void listen();
    void fillMenu();
    void fillOutputs(QMenu& menu);
    [[nodiscard]] QString nameOf(const When& when) const;

    Studio& m_studio;
    QPushButton& m_button;
    QMenu* m_menu;
    QLabel* m_words;
    ListenField* m_listen;
    std::optional<When> m_when;
};

}  // namespace jolly::app
