// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/fact_grid.h"

#include "app/style/theme.h"

namespace jolly::app
{

namespace
{

constexpr int kTitleWidth = 92;
constexpr int kValueWidth = 150;

}  // namespace

FactGrid::FactGrid(QWidget* parent) : QWidget(parent), m_grid(new QGridLayout(this))
{
    m_grid->setContentsMargins(0, 8, 0, 0);
    m_grid->setVerticalSpacing(9);
    m_grid->setHorizontalSpacing(14);
    m_grid->setColumnMinimumWidth(0, kTitleWidth);
    m_grid->setColumnStretch(1, 1);
}

ValueLabel* FactGrid::addValue(const QString& title, const char* name)
{
    auto* value = new ValueLabel;
    value->setObjectName(QLatin1String(name));
    value->setMinimumWidth(kValueWidth);
    addField(title, value);
    return value;
}

QLabel* FactGrid::addText(const QString& title, const char* name)
{
    auto* text = new QLabel;
    text->setObjectName(QLatin1String(name));
    text->setWordWrap(true);
    text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    addField(title, text, Qt::AlignTop);
    return text;
}

void FactGrid::addField(const QString& title, QWidget* field, Qt::Alignment titleAt)
{
    auto* label = new QLabel(title);
    setTone(*label, "dim");
    const int row = m_grid->rowCount();
    m_grid->addWidget(label, row, 0, titleAt);
    m_grid->addWidget(field, row, 1);
}

void FactGrid::setRowVisible(QWidget* field, bool isVisible)
{
    int row = 0;
    int column = 0;
    int rows = 0;
    int columns = 0;
    m_grid->getItemPosition(m_grid->indexOf(field), &row, &column, &rows, &columns);
    m_grid->itemAtPosition(row, 0)->widget()->setVisible(isVisible);
    field->setVisible(isVisible);
}

void FactGrid::addWide(QWidget* widget)
{
    m_grid->addWidget(widget, m_grid->rowCount(), 0, 1, 2);
}

}  // namespace jolly::app
