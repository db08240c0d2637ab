// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <memory>
#include <vector>

namespace jolly::app
{

/// A tangle as a step of the history keeps it: strands, controllers and all the rest that did not
/// change are shared with the step before.
class SharedTangle
{
 public:
    /// @param before  the step before; null for the first.
    SharedTangle(const Tangle& tangle, const SharedTangle* before);

    [[nodiscard]] Tangle tangle() const;

    /// A strand of it; null when there is none with this id.
    [[nodiscard]] const Strand* strand(const std::string& id) const;

    /// The strand at a place; where it did not change, that of the step before.
    [[nodiscard]] const std::shared_ptr<const Strand>& strandAt(std::size_t place) const
    {
        return m_strands[place];
    }

    /// Whether a step is the one before: it shares all with it.
    friend bool operator==(const SharedTangle&, const SharedTangle&) = default;

    /// Whether two steps one after the other change the same: the same strands, the same
    /// controllers, or the same of the rest.
    [[nodiscard]] static bool changeTheSame(const SharedTangle& before, const SharedTangle& between,
                                            const SharedTangle& after);

    /// How many of its strands it shares with another.
    [[nodiscard]] std::size_t sharedStrands(const SharedTangle& other) const;

 private:
    std::shared_ptr<const Tangle> m_rest;  ///< without strands and rig
    std::vector<std::shared_ptr<const Strand>> m_strands;
    std::vector<std::shared_ptr<const RigController>> m_rig;
};

}  // namespace jolly::app
