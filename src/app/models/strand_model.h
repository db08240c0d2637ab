// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_curve.h"
#include "app/models/edits.h"
#include "app/models/preflight.h"

#include <QAbstractListModel>
#include <unordered_map>

namespace jolly::app
{

/// The strands of the craft in which the pilot stands, in the order of the tangle, as a list.
class StrandModel : public QAbstractListModel
{
    Q_OBJECT

 public:
    /// What is known of a strand beside its name, which is Qt::DisplayRole.
    enum Role {
        Id = Qt::UserRole,
        Way,             ///< where it comes from and goes to
        NeedsAttention,  ///< whether the preflight says something of it
        BeginsAtAxis,
        Curve,  ///< an AxisCurve in small, made when it is asked for
    };

    StrandModel(const Edits& edits, const Preflight& preflight, QObject* parent = nullptr);

    /// Shows the tangle as it is now.
    void follow();

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

 private:
    struct Row {
        std::size_t place;  ///< in the tangle
        bool needsAttention;
    };

    [[nodiscard]] const Strand& strandAt(int row) const;
    [[nodiscard]] std::vector<Row> rowsNow() const;
    [[nodiscard]] const AxisCurve& curveAt(int row) const;

    const Edits& m_edits;
    const Preflight& m_preflight;
    std::shared_ptr<const Tangle> m_tangle;       ///< that is shown
    std::shared_ptr<const SharedTangle> m_state;  ///< the same, as the history has it
    std::vector<Row> m_rows;
    mutable std::unordered_map<int, AxisCurve> m_curves;  ///< by row, of those that were asked for
};

}  // namespace jolly::app
