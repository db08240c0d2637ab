// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"

#include <QCoreApplication>
#include <QTreeWidget>

namespace jolly::app
{

/// The map of a virtual device: every control with the games' numbers, its function, and what takes
/// it. Enter or a double click moves what ends there to another place.
class PlaceMap : public QTreeWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::PlaceMap)

 public:
    PlaceMap(Weaver& weaver, std::string device, QWidget* parent = nullptr);

    void refresh();

 private:
    void fill(QTreeWidgetItem& row, const VirtualDevice& device, VirtualControl control);
    void label(QTreeWidgetItem* row, int column);
    void move(QTreeWidgetItem* row);

    Weaver& m_weaver;
    std::string m_device;
};

/// Asks for another place for an end of a strand, by a list that letters narrow: the next free one
/// first, then all of the same kind with what takes them. A taken one is exchanged.
void askForPlace(Weaver& weaver, const std::string& strand, std::size_t end, QWidget* parent);

}  // namespace jolly::app
