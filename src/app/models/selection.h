// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "app/models/touch_finder.h"

#include <optional>

namespace jolly::app
{

/// What the pilot means: the control that was touched last, the one that is selected, and the field
/// that listens for a touch.
class Selection : public QObject
{
    Q_OBJECT

 public:
    explicit Selection(LiveFeed& feed);

    [[nodiscard]] LiveFeed& feed() { return m_feed; }

    [[nodiscard]] const std::optional<Source>& selected() const { return m_selected; }
    [[nodiscard]] const std::optional<Source>& touched() const { return m_touched; }
    void select(std::optional<Source> control);
    /// A drawn control was clicked: as a touch it fills the field that listens, else it is
    /// selected.
    void pick(const Source& control);
    /// The controller of what is selected; null when nothing is.
    [[nodiscard]] const DeskController* controller() const;

    /// Whether what is touched is selected, too.
    [[nodiscard]] bool isFollowing() const { return m_isFollowing; }
    void setFollowing(bool isFollowing);

    /// The field that listens: a touch fills it and selects nothing. One at a time; null for none.
    [[nodiscard]] const QObject* listener() const { return m_listener; }
    void setListener(const QObject* field);

    /// What part of its travel an axis has to move to be touched; TouchFinder::kLoud at first.
    void setTouchLoudness(double part) { m_finder.setLoudness(part); }

    /// The desk is another: what is not on it any more is not selected.
    void checkDesk();

    /// Looks at new values for a touch.
    void look();

 Q_SIGNALS:
    void selectionChanged();
    void touchedChanged();
    void followingChanged(bool isFollowing);
    void listenerChanged();

 private:
    LiveFeed& m_feed;
    TouchFinder m_finder;
    std::optional<Source> m_selected;
    std::optional<Source> m_touched;
    bool m_isFollowing = true;
    const QObject* m_listener = nullptr;
};

}  // namespace jolly::app
