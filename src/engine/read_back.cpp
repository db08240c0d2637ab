// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/read_back.h"

#include <algorithm>

namespace jolly
{

namespace
{

void keep(std::deque<ReadBack::Value>& values, const ReadBack::Value& value)
{
    values.push_back(value);
    if (values.size() > ReadBack::kMostKept) values.pop_front();
}

}  // namespace

void ReadBack::send(const Value& sent)
{
    keep(m_sent, sent);
}

void ReadBack::read(const Value& read)
{
    keep(m_read, read);
}

void ReadBack::forget()
{
    m_sent.clear();
    m_read.clear();
}

const std::vector<Time>& ReadBack::meet()
{
    m_delays.clear();
    if (m_sent.empty()) return m_delays;
    std::size_t met = 0;
    for (std::size_t i = 0; i < m_read.size(); ++i) {
        const auto& read = m_read[i];
        const auto sent = std::ranges::find_if(m_sent, [&](const Value& each) {
            return each.raw == read.raw && each.isHatY == read.isHatY && each.time <= read.time;
        });
        if (sent == m_sent.end()) continue;
        m_delays.push_back(read.time - sent->time);
        m_sent.erase(m_sent.begin(), sent + 1);
        met = i + 1;
    }
    m_read.erase(m_read.begin(), m_read.begin() + static_cast<std::ptrdiff_t>(met));
    return m_delays;
}

}  // namespace jolly
