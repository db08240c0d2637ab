// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/widgets/card.h"
#include "core/flight/desk_walk.h"

#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <optional>

namespace jolly::app
{

/// "Walk the desk": every control of the rig once, before a flight.
class WalkCard : public Card
{
    Q_OBJECT

 public:
    explicit WalkCard(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    void begin();
    void end();
    [[nodiscard]] bool isOn() const { return m_walk.has_value(); }
    [[nodiscard]] const std::optional<DeskWalk>& walk() const { return m_walk; }

    /// Shows what is so now.
    void showState();

    /// The report as it is now.
    [[nodiscard]] QString report(bool asHtml) const;

 Q_SIGNALS:
    void ended();
    void reportWanted();

 private:
    void hear();
    void showList(const std::vector<WalkedControl>& controls);

    Edits& m_edits;
    LiveFeed& m_feed;
    std::optional<DeskWalk> m_walk;
    std::vector<Counts> m_counts;  ///< by slot
    QLabel* m_count;
    QListWidget* m_list;
    QPushButton* m_again;
    QPushButton* m_save;
    QPushButton* m_end;
    QStringList m_shown;
};

}  // namespace jolly::app
