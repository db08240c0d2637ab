// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"

#include <algorithm>
#include <set>

namespace jolly
{

namespace
{

void addChildren(const Tangle& tangle, const std::string& parent, int depth,
                 std::set<std::string>& done, std::vector<CraftRow>& rows)
{
    for (const auto& craft : tangle.craft) {
        if (craft.parent != parent || !done.insert(craft.id).second) continue;
        rows.push_back({&craft, depth});
        addChildren(tangle, craft.id, depth + 1, done, rows);
    }
}

}  // namespace

std::vector<CraftRow> craftByFamily(const Tangle& tangle)
{
    std::vector<CraftRow> rows;
    std::set<std::string> done;
    addChildren(tangle, {}, 0, done, rows);
    for (const auto& craft : tangle.craft) {
        if (!done.contains(craft.id)) rows.push_back({&craft, 0});
    }
    return rows;
}

std::vector<std::size_t> familyOf(const Tangle& tangle, std::size_t craft)
{
    std::vector<std::size_t> line;
    while (craft < tangle.craft.size() && std::ranges::find(line, craft) == line.end()) {
        line.push_back(craft);
        craft = placeOfCraft(tangle, tangle.craft[craft].parent);
    }
    return line;
}

std::size_t placeOfCraft(const Tangle& tangle, std::string_view id)
{
    return static_cast<std::size_t>(std::ranges::find(tangle.craft, id, &Craft::id) -
                                    tangle.craft.begin());
}

std::size_t placeOfLayer(const Tangle& tangle, std::string_view id)
{
    return static_cast<std::size_t>(std::ranges::find(tangle.layers, id, &Layer::id) -
                                    tangle.layers.begin());
}

}  // namespace jolly
