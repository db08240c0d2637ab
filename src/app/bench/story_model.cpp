// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/story_model.h"

#include "app/style/qt_text.h"

#include <QDateTime>

namespace jolly::app
{

QString clockText(Time clock, Time time, bool withMillis)
{
    const auto ms = std::chrono::floor<std::chrono::milliseconds>(clock + time).count();
    return QDateTime::fromMSecsSinceEpoch(ms).toString(withMillis ? QStringLiteral("HH:mm:ss.zzz")
                                                                  : QStringLiteral("HH:mm:ss"));
}

void StoryModel::add(std::vector<StoryLine> lines, Time clock)
{
    m_clock = clock;
    if (lines.empty()) return;
    beginInsertRows({}, 0, static_cast<int>(lines.size()) - 1);
    for (auto& line : lines) m_lines.push_front(std::move(line));
    endInsertRows();
    if (rowCount() <= kMostLines) return;
    beginRemoveRows({}, kMostLines, rowCount() - 1);
    m_lines.resize(kMostLines);
    endRemoveRows();
}

void StoryModel::clear()
{
    beginResetModel();
    m_lines.clear();
    endResetModel();
}

int StoryModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_lines.size());
}

QVariant StoryModel::data(const QModelIndex& index, int role) const
{
    if (!checkIndex(index, CheckIndexOption::IndexIsValid)) return {};
    const auto& line = m_lines[static_cast<std::size_t>(index.row())];
    switch (role) {
        case Qt::DisplayRole:
            return toQt(line.what);
        case Qt::AccessibleTextRole:
            return toQt(oneAfterOther(say("%1.", line.what), line.result));
        case Moment:
            return QVariant::fromValue<qlonglong>(line.time.count());
        case Clock:
            return clockText(m_clock, line.time, true);
        case Result:
            return toQt(line.result);
        case Kind:
            return static_cast<int>(line.kind);
        default:
            return {};
    }
}

}  // namespace jolly::app
