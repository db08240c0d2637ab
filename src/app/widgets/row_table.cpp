// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/row_table.h"

#include "app/style/qt_text.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>

namespace jolly::app
{

RowTable::RowTable(const char* name, QWidget* parent)
    : QWidget(parent), m_grid(new QGridLayout(this))
{
    setObjectName(QLatin1String(name));
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(6);
    m_grid->setVerticalSpacing(4);
}

void RowTable::rebuildSoon()
{
    later(this, [this] { rebuild(); });
}

void RowTable::begin(const QStringList& headings, int first)
{
    clearLayout(*m_grid);
    for (const auto& words : headings) {
        auto* heading = new QLabel(words, this);
        setTone(*heading, "dim");
        m_grid->addWidget(heading, 0, first++);
    }
}

QDoubleSpinBox& RowTable::addPercent(int row, int column, const Percent& percent,
                                     std::function<void(double)> then)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(percent.name);
    box->setAccessibleName(percent.name);
    box->setRange(100.0 * percent.low, 100.0 * percent.high);
    box->setDecimals(1);
    box->setSuffix(QStringLiteral(" %"));
    box->setKeyboardTracking(false);
    box->setValue(100.0 * percent.value);
    m_grid->addWidget(box, row, column);
    connect(box, &QDoubleSpinBox::valueChanged, this,
            [then = std::move(then)](double shown) { then(shown / 100.0); });
    return *box;
}

QLineEdit& RowTable::addText(int row, int column, const QString& name, const std::string& text,
                             std::function<void(const std::string&)> then)
{
    auto* field = new QLineEdit(toQt(text), this);
    field->setObjectName(name);
    field->setAccessibleName(name);
    m_grid->addWidget(field, row, column);
    connect(field, &QLineEdit::editingFinished, this,
            [field, then = std::move(then)] { then(field->text().trimmed().toStdString()); });
    return *field;
}

QToolButton& RowTable::addButton(int row, int column, const QString& name, const QString& words,
                                 std::function<void()> then)
{
    auto* button = new QToolButton(this);
    button->setText(words);
    button->setObjectName(name);
    button->setAccessibleName(name);
    m_grid->addWidget(button, row, column);
    connect(button, &QToolButton::clicked, this, std::move(then), Qt::QueuedConnection);
    return *button;
}

}  // namespace jolly::app
