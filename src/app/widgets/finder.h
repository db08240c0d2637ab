// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/finding.h"

#include <QFrame>

class QLabel;
class QLineEdit;
class QListWidget;

namespace jolly::app
{

/// Finds anything by a few letters of its words, in any order and with slips; tells what kind of
/// thing each hit is, and by which keys it is reached. Enter goes there, Escape gives up.
class Finder : public QFrame
{
    Q_OBJECT

 public:
    /// @param hint  what may be typed, while nothing is.
    Finder(std::vector<Found> all, const QString& hint, QWidget* parent);

    void open();

 protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    void narrow(const QString& typed);
    void choose();

    std::vector<Found> m_all;
    QLineEdit* m_typed;
    QListWidget* m_list;
    QLabel* m_none;
};

}  // namespace jolly::app
