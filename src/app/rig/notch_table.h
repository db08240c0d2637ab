// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/widgets/row_table.h"
#include "core/calibration/notch.h"

namespace jolly::app
{

/// The notches of one axis as rows to edit: name, place and width in percent of the device's range.
/// What does not fit is refused with a sentence, and the rows are as before.
class NotchTable : public RowTable
{
    Q_OBJECT

 public:
    explicit NotchTable(QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const NotchList& notches, const AxisRange& range);

 Q_SIGNALS:
    void changed(const jolly::NotchList& notches);
    void refused(const QString& sentence);

 private:
    void rebuild() override;
    void addRow(std::size_t place);
    void change(std::size_t place, const std::function<void(Notch&)>& edit);

    NotchList m_notches;
    AxisRange m_range{};
};

}  // namespace jolly::app
