// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/preflight.h"
#include "app/style/scroll_column.h"

#include <QAbstractButton>
#include <QCoreApplication>
#include <vector>

namespace jolly::app
{

/// One axis of the list: its name, where it comes from and goes to, and its curve in small.
class AxisRow : public QAbstractButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::AxisRow)

 public:
    explicit AxisRow(const std::string& strand, QWidget* parent = nullptr);

    [[nodiscard]] const std::string& strand() const { return m_strand; }
    void show(const QString& name, const QString& where, bool isMarked);
    void setLine(std::vector<CurvePoint> line, bool isTwoSided, bool isOutTwoSided);
    [[nodiscard]] QSize sizeHint() const override { return {200, 52}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    std::string m_strand;
    QString m_where;
    bool m_isMarked = false;  ///< something about it needs attention
    std::vector<CurvePoint> m_line;
    double m_low = -1.0;
    double m_outLow = -1.0;
};

/// Every strand that begins at an axis.
class AxisList : public ScrollColumn
{
    Q_OBJECT

 public:
    explicit AxisList(Edits& edits, Preflight& preflight, QWidget* parent = nullptr);

    /// Shows the tangle as it is now.
    void rebuild();

    void choose(const std::string& strand);

    /// The strands in the order of the list.
    [[nodiscard]] std::vector<std::string> strands() const;

 Q_SIGNALS:
    void chosen(const std::string& strand);

 private:
    void drawChanged(bool isNew);
    void draw(AxisRow& row, const Strand& strand) const;

    Edits& m_edits;
    Preflight& m_preflight;
    std::vector<AxisRow*> m_rows;
    Tangle m_shown;  ///< with the strands of the rows alone
};

}  // namespace jolly::app
