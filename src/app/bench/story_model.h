// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/story.h"

#include <QAbstractListModel>
#include <deque>
#include <vector>

namespace jolly::app
{

/// The time of day of a moment, by the clock of its recording: "14:21:04".
///
/// @param clock  what is added to a time of the recording to give the time since 1970.
[[nodiscard]] QString clockText(Time clock, Time time, bool withMillis);

/// What happened, as a list: the newest first. It grows while a flight is recorded; what is oldest
/// goes.
class StoryModel : public QAbstractListModel
{
    Q_OBJECT

 public:
    static constexpr int kMostLines = 500;

    /// What is known of a line beside its words, which are Qt::DisplayRole.
    enum Role {
        Moment = Qt::UserRole,  ///< nanoseconds of the recording
        Clock,                  ///< the time of day
        Result,                 ///< what came of it
        Kind,                   ///< a StoryKind
    };

    using QAbstractListModel::QAbstractListModel;

    /// Takes what came, the newest last.
    void add(std::vector<StoryLine> lines, Time clock);
    void clear();

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

 private:
    std::deque<StoryLine> m_lines;  ///< the newest first
    Time m_clock{};
};

}  // namespace jolly::app
