// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/shared_tangle.h"

#include <algorithm>
#include <map>
#include <set>
#include <string_view>

namespace jolly::app
{

namespace
{

template <class Item>
using SharedList = std::vector<std::shared_ptr<const Item>>;

/// Shares each item that one with the same id equals. Most are where they were.
template <class Item>
SharedList<Item> shared(const std::vector<Item>& items, const SharedList<Item>& before)
{
    std::map<std::string_view, std::size_t> places;  // made when something is elsewhere
    const auto placeOf = [&](const Item& item, std::size_t guess) {
        if (guess < before.size() && before[guess]->id == item.id) return guess;
        if (places.empty()) {
            for (std::size_t i = 0; i < before.size(); ++i) places.emplace(before[i]->id, i);
        }
        const auto found = places.find(item.id);
        return found == places.end() ? before.size() : found->second;
    };
    SharedList<Item> list;
    list.reserve(items.size());
    for (std::size_t i = 0; i < items.size(); ++i) {
        const auto was = placeOf(items[i], i);
        const bool isSame = was < before.size() && *before[was] == items[i];
        list.push_back(isSame ? before[was] : std::make_shared<const Item>(items[i]));
    }
    return list;
}

}  // namespace

namespace
{

/// The ids of items that are in one list and not, or not the same, in another.
template <class Item>
std::set<std::string_view> changed(const SharedList<Item>& before, const SharedList<Item>& after)
{
    std::set<std::string_view> ids;
    const auto add = [&ids](const SharedList<Item>& from, const SharedList<Item>& to) {
        for (std::size_t i = 0; i < from.size(); ++i) {
            if (i < to.size() && from[i] == to[i]) continue;
            if (std::ranges::find(to, from[i]) == to.end()) ids.insert(from[i]->id);
        }
    };
    add(before, after);
    add(after, before);
    return ids;
}

}  // namespace

const Strand* SharedTangle::strand(const std::string& id) const
{
    const auto found =
        std::ranges::find_if(m_strands, [&](const auto& strand) { return strand->id == id; });
    return found == m_strands.end() ? nullptr : found->get();
}

bool SharedTangle::changeTheSame(const SharedTangle& before, const SharedTangle& between,
                                 const SharedTangle& after)
{
    return changed(before.m_strands, between.m_strands) ==
               changed(between.m_strands, after.m_strands) &&
           changed(before.m_rig, between.m_rig) == changed(between.m_rig, after.m_rig) &&
           (before.m_rest == between.m_rest) == (between.m_rest == after.m_rest);
}

SharedTangle::SharedTangle(const Tangle& tangle, const SharedTangle* before)
    : m_strands(shared(tangle.strands, before ? before->m_strands : SharedList<Strand>{})),
      m_rig(shared(tangle.rig, before ? before->m_rig : SharedList<RigController>{}))
{
    auto rest = withoutStrands(tangle);
    rest.rig.clear();
    m_rest = before && *before->m_rest == rest ? before->m_rest
                                               : std::make_shared<const Tangle>(std::move(rest));
}

Tangle SharedTangle::tangle() const
{
    auto tangle = *m_rest;
    tangle.strands.reserve(m_strands.size());
    for (const auto& strand : m_strands) tangle.strands.push_back(*strand);
    for (const auto& controller : m_rig) tangle.rig.push_back(*controller);
    return tangle;
}

std::size_t SharedTangle::sharedStrands(const SharedTangle& other) const
{
    return static_cast<std::size_t>(std::ranges::count_if(m_strands, [&](const auto& strand) {
        return std::ranges::find(other.m_strands, strand) != other.m_strands.end();
    }));
}

}  // namespace jolly::app
