// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/messages.h"

#include <algorithm>

namespace jolly::app
{

void Messages::tell(const QString& sentence, Saying::Tone tone)
{
    m_sayings.push_back({sentence, tone, QDateTime::currentDateTime()});
    if (m_sayings.size() > kMostKept) m_sayings.pop_front();
    Q_EMIT said(Saying(m_sayings.back()));
}

void Messages::show(Notice notice)
{
    const auto same = std::ranges::find(m_notices, notice.id, &Notice::id);
    if (same == m_notices.end()) {
        m_notices.push_back(std::move(notice));
    } else {
        *same = std::move(notice);
    }
    Q_EMIT noticesChanged();
}

void Messages::hide(const QString& id)
{
    if (std::erase_if(m_notices, [&](const Notice& each) { return each.id == id; }) > 0)
        Q_EMIT noticesChanged();
}

}  // namespace jolly::app
