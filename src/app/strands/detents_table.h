// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/widgets/row_table.h"
#include "core/shaping/detents.h"

namespace jolly::app
{

/// The notches of a "detents" stage as rows of exact numbers. What does not fit is refused with a
/// sentence, and the rows are as before.
class DetentsTable : public RowTable
{
    Q_OBJECT

 public:
    explicit DetentsTable(double low, QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const DetentList& detents);

    /// Where the lever is now: a new notch is made there.
    void setPlace(double place) { m_place = place; }

 Q_SIGNALS:
    void changed(const jolly::DetentList& detents);
    void refused(const QString& sentence);

 private:
    void rebuild() override;
    void addRow(std::size_t detent);
    void change(std::size_t detent, const std::function<void(Detent&)>& how);
    void offer(DetentList detents);

    double m_low;
    double m_place = 0.0;
    DetentList m_detents;
    bool m_isBuilt = false;
};

}  // namespace jolly::app
