// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"
#include "core/tangle/virtual_layout.h"

#include <vector>

namespace jolly
{

/// Whether a strand counts now: switched on, in an engaged layer, for the craft in use. Engaged is
/// Base and the craft is Everywhere.
[[nodiscard]] bool doesCount(const Strand& strand) noexcept;

/// What keeps one strand from running, each with path and cure; `index` is its place in the tangle.
[[nodiscard]] Problems findStrandProblems(const Tangle& tangle, std::size_t index);

/// What findStrandProblems() says of each strand, found once for all who ask. Good for as long as
/// the tangle stays as it is.
class StrandFindings
{
 public:
    explicit StrandFindings(const Tangle& tangle);

    [[nodiscard]] const Tangle& tangle() const { return m_tangle; }
    [[nodiscard]] const Problems& of(std::size_t strand) const { return m_problems[strand]; }

    /// Whether a strand counts and nothing keeps it from running.
    [[nodiscard]] bool doesRun(std::size_t strand) const;

    /// The controls of a device, by its place in the tangle.
    [[nodiscard]] const std::vector<VirtualSlot>& layout(std::size_t device) const
    {
        return m_layouts[device];
    }

 private:
    const Tangle& m_tangle;
    std::vector<std::vector<VirtualSlot>> m_layouts;
    std::vector<Problems> m_problems;
};

/// Everything about the tangle that stands in the way of a flight: names used twice, strands to
/// what does not exist, stages that do not fit, shapes that games misread, strands that meet.
[[nodiscard]] Problems findProblems(const Tangle& tangle);

}  // namespace jolly
