// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slice_editor.h"

#include "app/strands/slice_bar.h"
#include "app/strands/slices_table.h"

#include <QVBoxLayout>

namespace jolly::app
{

SliceEditor::SliceEditor(double low, double held, QWidget* parent)
    : QWidget(parent), m_bar(new SliceBar(low)), m_table(new SlicesTable(low, held))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(m_bar);
    column->addWidget(m_table);
    connect(m_table, &SlicesTable::changed, this,
            [this](const SliceParts& slices) { Q_EMIT changed(slices, {}); });
    connect(m_bar, &SliceBar::dragged, this, &SliceEditor::changed);
}

void SliceEditor::show(const SliceParts& slices)
{
    m_bar->show(slices);
    m_table->show(slices);
}

void SliceEditor::setDot(double value)
{
    m_bar->setDot(value);
    m_table->setDot(value);
}

}  // namespace jolly::app
