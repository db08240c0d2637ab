// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/selection.h"

namespace jolly::app
{

Selection::Selection(LiveFeed& feed) : m_feed(feed) {}

const DeskController* Selection::controller() const
{
    return m_selected ? m_feed.controllerOf(*m_selected) : nullptr;
}

void Selection::select(std::optional<Source> control)
{
    if (control == m_selected) return;
    m_selected = std::move(control);
    Q_EMIT selectionChanged();
}

void Selection::pick(const Source& control)
{
    if (!m_listener) return select(control);
    m_touched = control;
    Q_EMIT touchedChanged();
}

void Selection::setFollowing(bool isFollowing)
{
    if (isFollowing == m_isFollowing) return;
    m_isFollowing = isFollowing;
    Q_EMIT followingChanged(isFollowing);
}

void Selection::setListener(const QObject* field)
{
    if (field == m_listener) return;
    m_listener = field;
    Q_EMIT listenerChanged();
}

void Selection::checkDesk()
{
    m_finder.reset();  // a touch differs from what is now
    static_cast<void>(m_finder.look(m_feed.desk(), m_feed.values(), m_feed.now()));
    if (m_selected && !controller()) m_selected.reset();
}

void Selection::look()
{
    const auto touched = m_finder.look(m_feed.desk(), m_feed.values(), m_feed.now());
    if (!touched || m_feed.session().isShowingPast()) return;
    const bool isForField = m_listener != nullptr;
    m_touched = touched;
    Q_EMIT touchedChanged();
    if (m_isFollowing && !isForField) select(touched);
}

}  // namespace jolly::app
