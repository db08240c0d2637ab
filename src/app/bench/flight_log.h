// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/flight_reader.h"
#include "app/bench/story_model.h"
#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/services/aside.h"
#include "core/flight/compare.h"

#include <QObject>
#include <QTimer>
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

    explicit FlightLog(Edits& edits, LiveFeed& feed, QObject* parent = nullptr);

    /// Whether somebody looks: then what is new is fetched each second.
    void setWatched(bool isWatched);

    /// Fetches what is new at once.
    void fetch();

    /// Likewise, if the engine has told anything since the last time: all that is recorded is told.
    void fetchNews();

    [[nodiscard]] const Recording& recording() const { return *m_recording; }
    [[nodiscard]] std::shared_ptr<const Recording> shared() const { return m_recording; }
    [[nodiscard]] const FlightRead::Activity& activity() const { return m_activity; }
    [[nodiscard]] bool isOfFile() const { return !m_file.isEmpty(); }
    [[nodiscard]] const QString& file() const { return m_file; }

    /// What happened.
    [[nodiscard]] StoryModel& story() { return m_story; }

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
    void changed();  ///< the recording
    void momentChanged();
    void verdictChanged();

 private:
    void show(FlightRead read);
    void beginAnew();
    void sayVerdict(const QString& words, std::optional<Time> at = {});
    void sayDifference(const FlightCompared& compared, const Tangle& flown, const Tangle& present);
    [[nodiscard]] LiveSnapshot snapshotOf(const Standing& standing) const;

    Edits& m_edits;
    LiveFeed& m_feed;
    QTimer m_timer;
    std::shared_ptr<const Recording> m_recording = std::make_shared<Recording>();
    FlightRead::Activity m_activity;
    QString m_file;
    StoryModel m_story;
    std::optional<Time> m_moment;
    QString m_verdict;
    std::optional<Time> m_differenceAt;
    bool m_isFetching = false;
    /// What the engine had told when it was asked last: nothing more was recorded while it stays.
    std::optional<std::pair<std::uint64_t, std::uint64_t>> m_told;
    bool m_isOpening = false;
    /// Used by what is done aside alone, which may outlive this.
    std::shared_ptr<FlightReader> m_reader = std::make_shared<FlightReader>();
    Aside m_aside;
};

}  // namespace jolly::app
