// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/matching.h"

#include <algorithm>
#include <functional>

namespace jolly
{

namespace
{

bool areAlike(const Identity& a, const Identity& b)
{
    return a.bus == b.bus && a.vendor == b.vendor && a.product == b.product && a.name == b.name;
}

/// The members of one group of alike controllers that have no partner yet.
struct Group {
    std::vector<std::size_t> rig;
    std::vector<std::size_t> present;
};

class Matcher
{
 public:
    Matcher(std::span<const RigController> rig, std::span<const Identity> present,
            std::span<const int> bound)
        : m_rig(rig), m_present(present)
    {
        m_match.rigOf.assign(present.size(), Match::kUnknown);
        std::ranges::copy(bound, m_match.rigOf.begin());
    }

    Match run()
    {
        std::vector<bool> isDone(m_rig.size());
        for (std::size_t r = 0; r < m_rig.size(); ++r) {
            if (!isDone[r]) matchGroup(groupOf(r, isDone));
        }
        return std::move(m_match);
    }

 private:
    using SameUnit = std::function<bool(const Identity&, const Identity&)>;

    Group groupOf(std::size_t first, std::vector<bool>& isDone) const
    {
        Group group;
        for (std::size_t r = first; r < m_rig.size(); ++r) {
            if (isDone[r] || !areAlike(m_rig[r].identity, m_rig[first].identity)) continue;
            isDone[r] = true;
            if (!m_match.isPresent(r)) group.rig.push_back(r);
        }
        for (std::size_t p = 0; p < m_present.size(); ++p) {
            const bool isFree = m_match.rigOf[p] == Match::kUnknown;
            if (isFree && areAlike(m_present[p], m_rig[first].identity)) group.present.push_back(p);
        }
        return group;
    }

    void matchGroup(Group group)
    {
        pair(group,
             [](const auto& a, const auto& b) { return !a.uniq.empty() && a.uniq == b.uniq; });
        pair(group,
             [](const auto& a, const auto& b) { return !a.phys.empty() && a.phys == b.phys; });
        if (group.rig.empty() || group.present.empty()) return;
        const bool isLast = group.rig.size() == 1 && group.present.size() == 1;
        if (isLast && !contradict(m_rig[group.rig[0]].identity, m_present[group.present[0]])) {
            join(group.rig[0], group.present[0]);
            return;
        }
        for (const auto r : group.rig) m_match.doubts.push_back({r, group.present});
    }

    static bool contradict(const Identity& a, const Identity& b)
    {
        return !a.uniq.empty() && !b.uniq.empty() && a.uniq != b.uniq;
    }

    /// Joins those for which `isSame` leaves exactly one partner on each side.
    void pair(Group& group, const SameUnit& isSame)
    {
        Group left;
        std::vector<bool> isTaken(m_present.size());
        for (const auto r : group.rig) {
            const auto partner = onlyPartner(group, r, isSame);
            if (partner == m_present.size()) {
                left.rig.push_back(r);
                continue;
            }
            join(r, partner);
            isTaken[partner] = true;
        }
        for (const auto p : group.present) {
            if (!isTaken[p]) left.present.push_back(p);
        }
        group = std::move(left);
    }

    /// The one present controller that is the same unit as `r` and as no other of the rig; the
    /// number of present ones when there is none.
    std::size_t onlyPartner(const Group& group, std::size_t r, const SameUnit& isSame) const
    {
        const auto matches = [&](std::size_t rig, std::size_t p) {
            return isSame(m_rig[rig].identity, m_present[p]);
        };
        std::size_t found = m_present.size();
        for (const auto p : group.present) {
            if (!matches(r, p)) continue;
            const auto claims =
                std::ranges::count_if(group.rig, [&](auto o) { return matches(o, p); });
            if (found != m_present.size() || claims > 1) return m_present.size();
            found = p;
        }
        return found;
    }

    void join(std::size_t r, std::size_t p) { m_match.rigOf[p] = static_cast<int>(r); }

    std::span<const RigController> m_rig;
    std::span<const Identity> m_present;
    Match m_match;
};

}  // namespace

bool Match::isPresent(std::size_t rig) const
{
    return std::ranges::find(rigOf, static_cast<int>(rig)) != rigOf.end();
}

Match matchRig(std::span<const RigController> rig, std::span<const Identity> present,
               std::span<const int> bound)
{
    return Matcher(rig, present, bound).run();
}

}  // namespace jolly
