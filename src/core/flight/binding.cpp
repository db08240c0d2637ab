// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/binding.h"

#include <algorithm>

namespace jolly
{

std::vector<Binding::Turn> Binding::bind(std::span<const RigController> rig,
                                         std::span<const PresentIdentity> present, bool isFlying)
{
    std::vector<int> kept(present.size(), Match::kUnknown);
    std::vector<int> before(present.size(), Match::kUnknown);
    std::vector<Identity> identities;
    for (std::size_t p = 0; p < present.size(); ++p) {
        identities.push_back(present[p].identity);
        const auto bond = std::ranges::find(m_bonds, present[p].number, &Bond::number);
        if (bond == m_bonds.end()) continue;
        const auto known = std::ranges::find(rig, bond->controller, &RigController::id);
        if (known == rig.end()) continue;
        before[p] = static_cast<int>(known - rig.begin());
        if (isFlying && known->identity == bond->identity) kept[p] = before[p];
    }
    auto match = matchRig(rig, identities, kept);
    m_doubts = std::move(match.doubts);
    m_bonds.clear();
    std::vector<Turn> turns;
    for (std::size_t p = 0; p < present.size(); ++p) {
        const auto place = match.rigOf[p];
        if (place != before[p]) turns.push_back({present[p].number, before[p], place});
        if (place == Match::kUnknown) continue;
        const auto& controller = rig[static_cast<std::size_t>(place)];
        m_bonds.push_back({present[p].number, controller.id, controller.identity, place});
    }
    return turns;
}

int Binding::rigOf(std::uint32_t number) const
{
    const auto bond = std::ranges::find(m_bonds, number, &Bond::number);
    return bond == m_bonds.end() ? Match::kUnknown : bond->rig;
}

}  // namespace jolly
