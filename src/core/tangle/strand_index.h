// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <map>
#include <string_view>
#include <utility>
#include <vector>

namespace jolly
{

/// The strands of a tangle by where they begin, by where they end and by what they depend on. Good
/// for as long as the tangle stays where and as it is.
class StrandIndex
{
 public:
    using Strands = std::vector<const Strand*>;

    StrandIndex() = default;
    explicit StrandIndex(const Tangle& tangle);

    /// Those that begin at a control, or at another position of its switch, in the order of
    /// the tangle.
    [[nodiscard]] const Strands& from(const Source& source) const;

    /// Those that end at a virtual control, likewise.
    [[nodiscard]] const Strands& at(const Target& target) const;

    /// Whether a strand begins at a control, or a stage looks at it.
    [[nodiscard]] bool isUsed(const Source& control) const;

 private:
    using SourceKey = std::pair<std::string_view, ControlCode>;
    using TargetKey = std::pair<std::string_view, VirtualControl>;

    std::map<SourceKey, Strands> m_from;
    std::map<TargetKey, Strands> m_at;
    std::map<SourceKey, bool> m_areSeen;
};

}  // namespace jolly
