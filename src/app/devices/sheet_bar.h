// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

/// Which sim the tangle is made for, whether it fits, and the plan that makes it fit.
class SheetBar : public QWidget
{
    Q_OBJECT

 public:
    explicit SheetBar(Edits& edits, QWidget* parent = nullptr);

 Q_SIGNALS:
    void planWanted();
    void fileWanted();

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void readSheets();
    void choose(int choice);
    void refresh();
    void keep(const SimSheet& sheet);

    Edits& m_edits;
    QComboBox* m_choice;
    QLabel* m_note;
    QLabel* m_missing;  ///< what of the shipped sheets cannot be offered, and why
    QLabel* m_verdict;
    QPushButton* m_plan;
    std::vector<SimSheet> m_sheets;
};

}  // namespace jolly::app
