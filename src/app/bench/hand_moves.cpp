// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/hand_moves.h"
#include "app/style/qt_text.h"

#include "core/tangle/device_edit.h"

#include <algorithm>

namespace jolly::app
{

HandMoves::HandMoves(Edits& edits, LiveFeed& feed, QObject* parent)
    : QObject(parent), m_edits(edits), m_feed(feed)
{
    m_keep.setInterval(kKeepMs);
    connect(&m_keep, &QTimer::timeout, this,
            [this] { m_feed.session().ask([](EngineLink& link) { return link.keepHand(); }); });
    connect(&feed.session(), &EngineSession::statusTold, this, &HandMoves::follow);
}

void HandMoves::ask(std::function<Fallible(EngineLink&)> call)
{
    m_feed.session().ask(std::move(call), [this](const Fallible& done) {
        if (!done) m_edits.messages().refuse(toQt(done.error().text()));
    });
}

void HandMoves::hold(const Target& place, Value value)
{
    ask([=](EngineLink& link) { return link.holdByHand(place, value); });
}

void HandMoves::letGo(const Target& place)
{
    ask([=](EngineLink& link) { return link.letGoByHand(place); });
}

void HandMoves::letAllGo()
{
    ask([](EngineLink& link) { return link.letGoAllByHand(); });
}

bool HandMoves::isHeld(const Target& place) const
{
    return std::ranges::find(m_held, place) != m_held.end();
}

void HandMoves::follow()
{
    const auto& status = m_feed.session().status();
    auto held = status.byHand;
    std::erase_if(held, [&](const Target& place) {  // those are the sweep's
        return std::ranges::find(status.learned, place) != status.learned.end();
    });
    if (held == m_held) return;
    m_held = std::move(held);
    if (m_held.empty()) {
        m_keep.stop();
    } else if (!m_keep.isActive()) {
        m_keep.start();
    }
    tell();
    Q_EMIT changed();
}

/// What is held is said on every page, with the way out.
void HandMoves::tell()
{
    const auto id = QStringLiteral("by hand");
    if (m_held.empty()) return m_edits.messages().hide(id);
    QStringList names;
    for (const auto& place : m_held) names += toQt(placeName(m_edits.tangle(), place));
    m_edits.messages().show(
        {id,
         tr("%1 by hand: controllers do not move it.").arg(names.join(QStringLiteral(", "))),
         {{tr("Give it back"), [this] { letAllGo(); }}}});
}

}  // namespace jolly::app
