// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/strand_model.h"

#include <QListView>
#include <QSortFilterProxyModel>

namespace jolly::app
{

/// Every strand that begins at an axis. The one on which the cursor stands is the one that is
/// shown.
class AxisList : public QListView
{
    Q_OBJECT

 public:
    explicit AxisList(const Edits& edits, const Preflight& preflight, QWidget* parent = nullptr);

    /// Shows the tangle as it is now.
    void rebuild();

    void choose(const std::string& strand);

    /// The first strand of the list; empty when there is none.
    [[nodiscard]] std::string first() const;

    /// Where a strand stands in the list; nowhere when it is not there.
    [[nodiscard]] QModelIndex placeOf(const std::string& strand) const;

 Q_SIGNALS:
    void chosen(const std::string& strand);

 protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;

 private:
    void tell(const QModelIndex& axis);

    StrandModel m_strands;
    QSortFilterProxyModel m_axes;
};

}  // namespace jolly::app
