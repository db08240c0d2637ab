// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/live_feed.h"
#include "app/style/qt_text.h"

#include "core/tangle/lookup.h"

namespace jolly::app
{

LiveFeed::LiveFeed(const Document& document, EngineSession& session)
    : m_document(document), m_session(session)
{
}

const DeskController* LiveFeed::controllerOf(const Source& ref) const
{
    const auto* controller = m_desk.find(ref.controller);
    return controller && findControl(controller->rig, ref.control) ? controller : nullptr;
}

QString LiveFeed::nameOf(const Source& ref) const
{
    const auto* controller = controllerOf(ref);
    if (!controller) return {};
    return toQt(jolly::nameOf(controller->rig, *findControl(controller->rig, ref.control)));
}

void LiveFeed::rebuild()
{
    m_session.forgetMoves();  // those that were told are not told again
    auto desk = makeDesk(m_document.tangle(), m_session.status());
    desk.keepOrderOf(m_desk);
    m_desk = std::move(desk);
    Q_EMIT rebuilt();
}

}  // namespace jolly::app
