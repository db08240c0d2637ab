// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QPushButton>

class QMenu;

namespace jolly::app
{

/// Which craft is flown and worked in; a menu of all by their families.
class CraftChooser : public QPushButton
{
    Q_OBJECT

 public:
    explicit CraftChooser(Edits& edits, QWidget* parent = nullptr);

 Q_SIGNALS:
    void libraryWanted();

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    void fill();
    void showCraft();

    Edits& m_edits;
    QMenu* m_menu;
    QString m_name;
    QString m_family;
};

}  // namespace jolly::app
