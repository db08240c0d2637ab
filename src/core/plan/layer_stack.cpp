// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/layer_stack.h"

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::uint64_t kBaseBit = 1;

}  // namespace

LayerStack::LayerStack(const Plan& plan) : m_plan(plan), m_latest(plan.layers.size()) {}

void LayerStack::reset() noexcept
{
    m_engaged = m_wanted = kBaseBit;
    m_flipped = m_pressed = 0;
    std::ranges::fill(m_latest, 0U);
    m_count = 0;
    m_hasNews = true;
}

void LayerStack::flip(std::uint32_t layer) noexcept
{
    if (layer == 0 || layer >= m_plan.layers.size()) return;
    setFlipped(layer, (m_flipped & bitOf(layer)) == 0);
}

void LayerStack::setFlipped(std::uint32_t layer, bool isOn) noexcept
{
    m_flipped &= ~(m_plan.layers[layer].group | bitOf(layer));
    if (isOn) {
        m_flipped |= bitOf(layer);
        m_wanted &= ~bitOf(layer);  // it counts as the latest of its group
    }
    m_hasNews = true;
}

void LayerStack::step(std::uint32_t layer, int by) noexcept
{
    if (layer >= m_plan.layers.size()) return;
    const auto group = m_plan.layers[layer].group;
    const auto count = static_cast<int>(m_plan.layers.size());
    auto at = static_cast<int>(layer);
    bool isFound = false;
    for (int i = 0; i < count; ++i) {
        if ((group & m_engaged & bitOf(static_cast<std::size_t>(i))) == 0) continue;
        at = i;
        isFound = true;
    }
    while (isFound) {
        at = (at + by + count) % count;
        if ((group & bitOf(static_cast<std::size_t>(at))) != 0) break;
    }
    if (at > 0) setFlipped(static_cast<std::uint32_t>(at), true);
}

/// Those of which all that they need is there, too; what needs itself in a circle is not.
std::uint64_t LayerStack::withNeeds(std::uint64_t wanted) const noexcept
{
    std::uint64_t engaged = kBaseBit;
    for (bool isMore = true; isMore;) {
        isMore = false;
        for (std::size_t layer = 1; layer < m_plan.layers.size(); ++layer) {
            const auto needs = m_plan.layers[layer].needs;
            const bool isNew = (wanted & ~engaged & bitOf(layer)) != 0 && (needs & ~engaged) == 0;
            if (!isNew) continue;
            engaged |= bitOf(layer);
            isMore = true;
        }
    }
    return engaged;
}

/// Of each group the one that was wanted last.
std::uint64_t LayerStack::oneOfEachGroup(std::uint64_t wanted) const noexcept
{
    auto one = wanted;
    for (std::size_t layer = 1; layer < m_plan.layers.size(); ++layer) {
        const auto others = m_plan.layers[layer].group & wanted & ~bitOf(layer);
        if ((wanted & bitOf(layer)) == 0 || others == 0) continue;
        for (std::size_t other = 1; other < m_plan.layers.size(); ++other) {
            const bool isLater = m_latest[other] > m_latest[layer];
            if ((others & bitOf(other)) != 0 && isLater) one &= ~bitOf(layer);
        }
    }
    return one;
}

/// A layer that is pressed is the latest of its group, also where it was flipped already.
void LayerStack::noteNew(std::uint64_t pressed, std::uint64_t wanted) noexcept
{
    const auto isNew = (pressed & ~m_pressed) | (wanted & ~m_wanted);
    for (std::size_t layer = 1; layer < m_plan.layers.size(); ++layer) {
        if ((isNew & bitOf(layer)) != 0) m_latest[layer] = ++m_count;
    }
    m_pressed = pressed;
    m_wanted = wanted;
}

std::uint64_t LayerStack::settle(const Meetings& meetings) noexcept
{
    m_hasNews = false;
    std::uint64_t pressed = 0;
    auto wanted = m_flipped | kBaseBit;
    for (std::size_t layer = 1; layer < m_plan.layers.size(); ++layer) {
        const auto& flat = m_plan.layers[layer];
        if (meetings.value(flat.output).isPressed()) pressed |= bitOf(layer);
        if (flat.isByItself) wanted |= bitOf(layer);
    }
    noteNew(pressed, wanted | pressed);
    const auto engaged = withNeeds(oneOfEachGroup(withNeeds(m_wanted)));
    const auto changed = engaged ^ m_engaged;
    m_engaged = engaged;
    return changed;
}

void LayerStack::keep(std::uint32_t layer, const LayerStack& previous, std::uint32_t old) noexcept
{
    const auto take = [&](std::uint64_t& mine, std::uint64_t theirs) {
        if ((theirs & bitOf(old)) != 0) mine |= bitOf(layer);
    };
    take(m_flipped, previous.m_flipped);
    take(m_engaged, previous.m_engaged);
    take(m_pressed, previous.m_pressed);
    take(m_wanted, previous.m_wanted);
    m_latest[layer] = previous.m_latest[old];
    m_count = std::max(m_count, m_latest[layer]);
}

}  // namespace jolly
