// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <functional>

class QDoubleSpinBox;
class QGridLayout;
class QLineEdit;
class QToolButton;

namespace jolly::app
{

/// Rows of exact fields below headings: what the tables of points, notches and positions are made
/// of. A field bears one name, which tests and screen readers know it by; each tells what the hand
/// changed.
class RowTable : public QWidget
{
    Q_OBJECT

 protected:
    RowTable(const char* name, QWidget* parent);

    /// Makes all rows anew.
    virtual void rebuild() = 0;

    /// Likewise, with the next turn of the event loop: the field that is being edited goes with its
    /// row, and not while it still tells what changed.
    void rebuildSoon();

    /// Takes all rows out, and puts headings above the columns from `first` on.
    void begin(const QStringList& headings, int first = 0);

    /// What a number may be, in parts of one; it is shown in percent.
    struct Percent {
        QString name;
        double value = 0.0;
        double low = 0.0;
        double high = 1.0;
    };
    QDoubleSpinBox& addPercent(int row, int column, const Percent& percent,
                               std::function<void(double)> then);
    QLineEdit& addText(int row, int column, const QString& name, const std::string& text,
                       std::function<void(const std::string&)> then);
    QToolButton& addButton(int row, int column, const QString& name, const QString& words,
                           std::function<void()> then);

    [[nodiscard]] QGridLayout& grid() { return *m_grid; }

 private:
    QGridLayout* m_grid;
};

}  // namespace jolly::app
