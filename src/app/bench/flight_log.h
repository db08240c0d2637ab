// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "core/flight/compare.h"
#include "core/flight/story.h"

#include <QObject>
#include <QTimer>
#include <deque>
#include <memory>
#include <optional>

namespace jolly::app
{

/// What the flight recorder keeps, fetched from the engine while somebody looks, or a recording
/// that was opened from a file; and the moment of it that is shown.
class FlightLog : public QObject
{
    Q_OBJECT

 public:
    static constexpr int kFetchMs = 1000;
    static constexpr std::size_t kMostLines = 500;

    explicit FlightLog(Studio& studio, QObject* parent = nullptr);

    /// Whether somebody looks: then what is new is fetched each second.
    void setWatched(bool isWatched);

    /// Fetches what is new at once.
    void fetch();

    [[nodiscard]] const Recording& recording() const { return *m_recording; }
    [[nodiscard]] std::shared_ptr<const Recording> shared() const { return m_recording; }
    [[nodiscard]] bool isOfFile() const { return !m_file.isEmpty(); }
    [[nodiscard]] const QString& file() const { return m_file; }

    /// What happened, the newest last.
    [[nodiscard]] const std::deque<StoryLine>& lines() const { return m_lines; }

    /// Opens a recording in the place of the engine's; the sentence says what is wrong with it.
    void open(const QString& path);
    /// Goes back to the engine's.
    void close();

    /// Shows how everything stood at a moment, on all pages; nothing goes back to now.
    void showMoment(std::optional<Time> time);
    [[nodiscard]] std::optional<Time> moment() const { return m_moment; }

    /// Writes the engine's recording to a file of its own; says where.
    void keep();

    /// Where the present tangle would have done something else than what flew.
    void compareWithPresent();
    [[nodiscard]] const QString& verdict() const { return m_verdict; }
    [[nodiscard]] std::optional<Time> differenceAt() const { return m_differenceAt; }

    /// The tangles of the recording by their numbers; each is read once.
    [[nodiscard]] FlightPlayer::TangleOf tangles() const;

    /// The time of day of one of its moments: "14:21:04".
    [[nodiscard]] QString clockOf(Time time, bool withMillis = false) const;

 Q_SIGNALS:
    void changed();  ///< the recording, or its lines
    void momentChanged();
    void verdictChanged();

 private:
    void take(Recording recording);
    void tell();
    void sayVerdict(const QString& words, std::optional<Time> at = {});
    [[nodiscard]] LiveSnapshot snapshotOf(const Standing& standing) const;

    Studio& m_studio;
    QTimer m_timer;
    std::shared_ptr<Recording> m_recording = std::make_shared<Recording>();
    QString m_file;
    std::deque<StoryLine> m_lines;
    Story m_story;
    std::size_t m_toldInChunk = 0;
    Time m_toldChunk = Time::min();
    std::optional<Time> m_moment;
    QString m_verdict;
    std::optional<Time> m_differenceAt;
    bool m_isFetching = false;
};

}  // namespace jolly::app
