// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/strand_model.h"

#include "app/models/axis_strand.h"
#include "app/style/qt_text.h"
#include "core/tangle/lookup.h"
#include "core/weave/weave.h"

#include <algorithm>
#include <charconv>

namespace jolly::app
{

namespace
{

/// How many pieces a curve in small has.
constexpr int kSmallCurve = 40;

/// The place of the strand that a problem is about; nothing for problems of other things.
std::optional<std::size_t> strandOf(const Problem& problem)
{
    constexpr std::string_view kStrands = "/strands/";
    if (!problem.path.starts_with(kStrands)) return {};
    const std::string_view rest = std::string_view(problem.path).substr(kStrands.size());
    std::size_t place = 0;
    const auto read = std::from_chars(rest.data(), rest.data() + rest.size(), place);
    return read.ec == std::errc() ? std::optional(place) : std::nullopt;
}

}  // namespace

StrandModel::StrandModel(const Edits& edits, const Preflight& preflight, QObject* parent)
    : QAbstractListModel(parent), m_edits(edits), m_preflight(preflight)
{
}

std::vector<StrandModel::Row> StrandModel::rowsNow() const
{
    const auto& tangle = m_edits.tangle();
    std::vector<bool> areMarked(tangle.strands.size());
    for (const auto& problem : m_preflight.problems()) {
        const auto place = strandOf(problem);
        if (place && *place < areMarked.size()) areMarked[*place] = true;
    }
    std::vector<Row> rows;
    for (const auto* strand : m_edits.stance().strands()) {
        const auto place = static_cast<std::size_t>(strand - tangle.strands.data());
        rows.push_back({place, areMarked[place]});
    }
    return rows;
}

void StrandModel::follow()
{
    const auto before = std::exchange(m_tangle, m_edits.document().shared());
    const auto stateBefore = std::exchange(m_state, m_edits.document().state());
    auto rows = rowsNow();
    const auto& strands = m_tangle->strands;
    const auto isSameStrand = [&](const Row& now, const Row& then) {
        return strands[now.place].id == before->strands[then.place].id;
    };
    if (!before || !std::ranges::equal(rows, m_rows, isSameStrand)) {
        beginResetModel();
        m_rows = std::move(rows);
        m_curves.clear();
        endResetModel();
        return;
    }
    const bool isAllOther = m_tangle->rig != before->rig || m_tangle->devices != before->devices ||
                            m_tangle->craft != before->craft;
    rows.swap(m_rows);
    for (int row = 0; row < rowCount(); ++row) {
        const auto& then = rows[static_cast<std::size_t>(row)];
        const auto& now = m_rows[static_cast<std::size_t>(row)];
        const bool isOther =
            isAllOther || m_state->strandAt(now.place) != stateBefore->strandAt(then.place);
        if (isOther) m_curves.erase(row);
        if (isOther || now.needsAttention != then.needsAttention)
            Q_EMIT dataChanged(index(row), index(row));
    }
}

int StrandModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

const Strand& StrandModel::strandAt(int row) const
{
    return m_tangle->strands[m_rows[static_cast<std::size_t>(row)].place];
}

QVariant StrandModel::data(const QModelIndex& index, int role) const
{
    if (!checkIndex(index, CheckIndexOption::IndexIsValid)) return {};
    const auto& strand = strandAt(index.row());
    const bool isMarked = m_rows[static_cast<std::size_t>(index.row())].needsAttention;
    const auto inWords = [&](const char* separator) {
        return nameWithCraft(*m_tangle, strand) + QLatin1String(separator) +
               wayOf(*m_tangle, strand);
    };
    switch (role) {
        case Qt::DisplayRole:
            return nameWithCraft(*m_tangle, strand);
        case Qt::ToolTipRole:
            return inWords("\n");
        case Qt::AccessibleTextRole:
            return isMarked ? tr("%1, needs attention").arg(inWords(", ")) : inWords(", ");
        case Id:
            return QString::fromStdString(strand.id);
        case Way:
            return wayOf(*m_tangle, strand);
        case NeedsAttention:
            return isMarked;
        case BeginsAtAxis:
            return isAxisStrand(*m_tangle, strand);
        case Curve:
            return QVariant::fromValue(curveAt(index.row()));
        default:
            return {};
    }
}

const AxisCurve& StrandModel::curveAt(int row) const
{
    const auto found = m_curves.find(row);
    if (found != m_curves.end()) return found->second;
    const auto& strand = strandAt(row);
    return m_curves[row] =
               doesCount(strand) ? curveOf(*m_tangle, strand.id, kSmallCurve) : AxisCurve{};
}

}  // namespace jolly::app
