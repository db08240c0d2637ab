// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/style/scroll_column.h"
#include "app/widgets/card.h"
#include "core/layers/compare.h"

#include <QCoreApplication>

class QCheckBox;
class QComboBox;
class QLabel;

namespace jolly::app
{

/// Two craft side by side: what each control means for either, and a click that takes it over.
class CraftCompare : public Card
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::CraftCompare)

 public:
    explicit CraftCompare(Edits& edits, QWidget* parent = nullptr);

    /// @param craft  the one on the left; the other one is chosen here.
    void show(const std::string& craft);

 private:
    void fillChoice();
    void fillRows();
    void addRow(const Compared& row);
    void take(const Source& source, const std::string& layer, const std::string& from,
              const std::string& to);
    [[nodiscard]] QString deeds(const std::vector<const Strand*>& strands) const;
    [[nodiscard]] std::string other() const;

    Edits& m_edits;
    std::string m_craft;
    QComboBox* m_other;
    QCheckBox* m_all;
    QLabel* m_count;
    QLabel* m_first;
    QLabel* m_second;
    ScrollColumn* m_rows;
};

}  // namespace jolly::app
