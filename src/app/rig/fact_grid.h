// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/value_text.h"

#include <QGridLayout>
#include <QLabel>

namespace jolly::app
{

/// Rows of a title and what there is to say or to set.
class FactGrid : public QWidget
{
 public:
    explicit FactGrid(QWidget* parent = nullptr);

    /// A number that moves.
    ValueLabel* addValue(const QString& title, const char* name);

    /// A text that may be long.
    QLabel* addText(const QString& title, const char* name);

    /// A field, or something drawn.
    void addField(const QString& title, QWidget* field, Qt::Alignment titleAt = {});

    /// Shows or hides a field with its title.
    void setRowVisible(QWidget* field, bool isVisible);

    /// Something as wide as the grid.
    void addWide(QWidget* widget);

 private:
    QGridLayout* m_grid;
};

}  // namespace jolly::app
