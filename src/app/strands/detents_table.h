// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/detents.h"

#include <QWidget>
#include <functional>

class QGridLayout;

namespace jolly::app
{

/// The notches of a "detents" stage as rows of exact numbers. What does not fit is refused with a
/// sentence, and the rows are as before.
class DetentsTable : public QWidget
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
    void rebuild();
    void addRow(std::size_t detent);
    void addNumber(std::size_t detent, int column, const QString& name, double low, double high,
                   double Detent::*member);
    void offer(DetentList detents);

    QGridLayout* m_grid;
    double m_low;
    double m_place = 0.0;
    DetentList m_detents;
    bool m_isBuilt = false;
};

}  // namespace jolly::app
