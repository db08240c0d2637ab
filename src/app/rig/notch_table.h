// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/notch.h"

#include <QVBoxLayout>
#include <QWidget>

namespace jolly::app
{

/// The notches of one axis as rows to edit: name, place and width in percent of the device's range.
/// What does not fit is refused with a sentence, and the rows are as before.
class NotchTable : public QWidget
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
    void rebuild();
    void addRow(std::size_t place);
    void change(std::size_t place, const std::function<void(Notch&)>& edit);

    QVBoxLayout* m_column;
    NotchList m_notches;
    AxisRange m_range{};
};

}  // namespace jolly::app
