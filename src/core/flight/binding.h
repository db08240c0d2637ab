// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/matching.h"

#include <cstdint>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// A controller that is present, by a number of its own for as long as it is.
struct PresentIdentity {
    std::uint32_t number = 0;
    Identity identity;
};

/// Which present controller is which of the rig, from one moment to the next. In flight what is
/// bound stays bound for as long as both are there and the rig says the same of it, whatever else
/// is plugged in; only the others are matched (see matchRig()).
class Binding
{
 public:
    /// A controller that is no longer what it was in the rig, or is something now.
    struct Turn {
        std::uint32_t number = 0;
        int before = Match::kUnknown;  ///< place in the rig before; kUnknown for none
        int now = Match::kUnknown;
    };

    /// Finds out anew who is who.
    /// @param isFlying  whether what is bound stays so.
    /// @return those that are not what they were, as places in this rig.
    std::vector<Turn> bind(std::span<const RigController> rig,
                           std::span<const PresentIdentity> present, bool isFlying);

    /// The place in the rig of a controller; Match::kUnknown when it has none.
    [[nodiscard]] int rigOf(std::uint32_t number) const;

    [[nodiscard]] const std::vector<Doubt>& doubts() const noexcept { return m_doubts; }

 private:
    struct Bond {
        std::uint32_t number = 0;
        std::string controller;  ///< id of the rig's
        Identity identity;       ///< what the rig said of it
        int rig = Match::kUnknown;
    };

    std::vector<Bond> m_bonds;
    std::vector<Doubt> m_doubts;
};

}  // namespace jolly
