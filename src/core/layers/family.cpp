// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"

#include <algorithm>

namespace jolly
{

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
