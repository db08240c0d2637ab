// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <QWidget>

class QGridLayout;

namespace jolly::app
{

/// Points as rows of exact numbers, in percent. A number that its neighbours or the curve do not
/// let be gives way to the nearest one that they do.
class PairsTable : public QWidget
{
    Q_OBJECT

 public:
    /// The words above the two columns.
    PairsTable(const QString& in, const QString& out, QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const CurvePoints& points, bool isMirrored);

 Q_SIGNALS:
    void changed(const jolly::CurvePoints& points);

 private:
    void rebuild();
    void addRow(std::size_t point);
    void showNumbers();
    void change(std::size_t point, CurvePoint to);

    QGridLayout* m_grid;
    QString m_in, m_out;
    CurvePoints m_points;
    bool m_isMirrored = false;
};

}  // namespace jolly::app
