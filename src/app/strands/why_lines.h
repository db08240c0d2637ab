// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "core/flight/recording.h"

#include <QLabel>
#include <QPushButton>
#include <functional>
#include <memory>
#include <optional>

namespace jolly::app
{

/// A button that asks why a virtual control stands where it stands, and the answer beneath it, from
/// the flight recorder. Used wherever a virtual control is shown.
class WhyLines : public QWidget
{
    Q_OBJECT

 public:
    explicit WhyLines(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    /// The control that is asked about; another one takes the answer away.
    void setPlace(const Target& place);

    /// The moment that is asked about; none for now.
    void setMoment(std::optional<Time> time) { m_moment = time; }

    /// Where the recording comes from; null, or none, for the engine's.
    using Source = std::function<std::shared_ptr<const Recording>()>;
    void setSource(Source source) { m_source = std::move(source); }

    void ask();

 private:
    void answer(const QStringList& lines);

    Edits& m_edits;
    LiveFeed& m_feed;
    Target m_place{};
    std::optional<Time> m_moment;
    Source m_source;
    QPushButton* m_button;
    QLabel* m_lines;
};

}  // namespace jolly::app
