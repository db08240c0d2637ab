// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <nlohmann/json.hpp>

#include <string>
#include <unordered_map>
#include <utility>

namespace jolly::format
{

/// The object type of our JSON: names keep the order of the file, and are found by an index once
/// there are many. (That of nlohmann::ordered_json looks through all names for each.)
template <class Key, class T, class Less = std::less<Key>,
          class Allocator = std::allocator<std::pair<const Key, T>>>
class IndexedMap : public nlohmann::ordered_map<Key, T, Less, Allocator>
{
    using Base = nlohmann::ordered_map<Key, T, Less, Allocator>;

 public:
    using Base::Base;
    using typename Base::const_iterator;
    using typename Base::iterator;
    using typename Base::size_type;

    IndexedMap() = default;

    std::pair<iterator, bool> emplace(const Key& key, T&& value)
    {
        const auto found = find(key);
        if (found != this->end()) return {found, false};
        this->Base::Container::emplace_back(key, std::move(value));
        if (isIndexed()) m_places.emplace(key, this->size() - 1);
        return {std::prev(this->end()), true};
    }

    T& operator[](const Key& key) { return emplace(key, T{}).first->second; }

    iterator find(const Key& key)
    {
        index();
        if (!isIndexed()) return Base::find(key);
        const auto found = m_places.find(key);
        return found == m_places.end() ? this->end() : this->begin() + offset(found->second);
    }

    const_iterator find(const Key& key) const
    {
        if (m_places.size() != this->size()) return Base::find(key);
        const auto found = m_places.find(key);
        return found == m_places.end() ? this->end() : this->begin() + offset(found->second);
    }

    size_type count(const Key& key) const { return find(key) == this->end() ? 0 : 1; }

 private:
    static constexpr std::size_t kFew = 24;

    static std::ptrdiff_t offset(std::size_t place) { return static_cast<std::ptrdiff_t>(place); }

    [[nodiscard]] bool isIndexed() const { return !m_places.empty(); }

    /// Makes the index when it is worth it, or anew when names were taken out.
    void index()
    {
        const bool isWanted = this->size() > kFew;
        if (m_places.size() == (isWanted ? this->size() : 0)) return;
        m_places.clear();
        if (!isWanted) return;
        for (std::size_t i = 0; i < this->size(); ++i)
            m_places.emplace(this->Base::Container::operator[](i).first, i);
    }

    std::unordered_map<Key, std::size_t> m_places;
};

using Json = nlohmann::basic_json<IndexedMap>;

}  // namespace jolly::format
