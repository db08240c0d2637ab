// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QWidget>

class QMenu;
class QPushButton;

namespace jolly::app
{

class ListenField;

/// When a stage works: always, or while a control or a virtual control is pressed, or is not.
class WhenField : public QWidget
{
    Q_OBJECT

 public:
    explicit WhenField(Studio& studio, QWidget* parent = nullptr);

    void show(const std::optional<When>& when);

 Q_SIGNALS:
    void changed(const std::optional<jolly::When>& when);

 private:
    void fillMenu();
    void fillOutputs(QMenu& menu);
    [[nodiscard]] QString nameOf(const When& when) const;

    Studio& m_studio;
    QPushButton* m_button;
    QMenu* m_menu;
    ListenField* m_listen;
    std::optional<When> m_when;
};

}  // namespace jolly::app
