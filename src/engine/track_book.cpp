// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/track_book.h"

#include <utility>

namespace jolly
{

void ReusedNumbers::beginScene()
{
    for (auto& use : m_uses) use.wasInScene = std::exchange(use.isInScene, false);
}

std::uint32_t ReusedNumbers::take()
{
    auto number = static_cast<std::uint32_t>(m_uses.size());
    if (m_free.empty()) {
        m_uses.emplace_back();
    } else {
        number = m_free.extract(m_free.begin()).value();
    }
    m_uses[number] = {.isInScene = true};
    return number;
}

std::vector<std::uint32_t> ReusedNumbers::endScene(std::uint64_t open)
{
    std::vector<std::uint32_t> left;
    for (std::uint32_t i = 0; i < m_uses.size(); ++i) {
        auto& use = m_uses[i];
        if (!std::exchange(use.wasInScene, false) || use.isInScene) continue;
        use.lastChunk = open;
        left.push_back(i);
    }
    return left;
}

std::vector<std::uint32_t> ReusedNumbers::forgetBefore(std::uint64_t first)
{
    std::vector<std::uint32_t> freed;
    for (std::uint32_t i = 0; i < m_uses.size(); ++i) {
        const bool isNeeded = m_uses[i].isInScene || m_uses[i].lastChunk >= first;
        if (!isNeeded && m_free.insert(i).second) freed.push_back(i);
    }
    return freed;
}

TrackBook::Key TrackBook::keyOf(const Track& track)
{
    const auto& [device, control] = track.place;
    return {track.controller, track.control, device, control.kind, control.number};
}

void TrackBook::beginScene()
{
    m_controllerNumbers.beginScene();
    m_trackNumbers.beginScene();
}

std::uint32_t TrackBook::controllerNumber(const ControllerDescription& description)
{
    for (std::uint32_t i = 0; i < m_controllers.size(); ++i) {
        const auto& known = m_controllers[i];
        if (m_controllerNumbers.isFree(i) || known.identity != description.identity ||
            known.controls != description.controls)
            continue;
        m_controllerNumbers.stay(i);
        return i;
    }
    const auto number = m_controllerNumbers.take();
    m_controllers.resize(m_controllerNumbers.size());
    m_controllers[number] = description;
    return number;
}

std::uint32_t TrackBook::trackNumber(const Track& track)
{
    const auto known = m_numberOf.find(keyOf(track));
    if (known != m_numberOf.end()) {
        m_trackNumbers.stay(known->second);
        return known->second;
    }
    const auto number = m_trackNumbers.take();
    m_tracks.resize(m_trackNumbers.size());
    m_tracks[number] = track;
    m_numberOf.emplace(keyOf(track), number);
    return number;
}

std::vector<std::uint32_t> TrackBook::endScene(std::uint64_t open)
{
    m_controllerNumbers.endScene(open);
    return m_trackNumbers.endScene(open);
}

void TrackBook::forgetBefore(std::uint64_t firstChunk)
{
    for (const auto track : m_trackNumbers.forgetBefore(firstChunk)) {
        m_numberOf.erase(keyOf(m_tracks[track]));
        m_tracks[track] = {};
    }
    m_controllerNumbers.forgetBefore(firstChunk);
}

}  // namespace jolly
