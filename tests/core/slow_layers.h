// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <map>
#include <set>
#include <string>
#include <vector>

namespace jolly::test
{

/// The stack of layers as docs/model.md says, with names and sets.
class SlowStack
{
 public:
    explicit SlowStack(const Tangle& tangle) { take(tangle); }

    /// Another tangle runs; what was flipped, and what was wanted when, stays by the names.
    void take(const Tangle& tangle);

    [[nodiscard]] const std::set<std::string>& engaged() const { return m_engaged; }

    /// A layer until the next flip, or until another of its group is.
    void flip(const std::string& layer) { setFlipped(layer, !m_flipped.contains(layer)); }

    /// The next of its group, or the one before, from the one that is engaged; itself where none
    /// is.
    void step(const std::string& layer, int by);

    /// @param pressed  layers that are held. @return those that are not as they were.
    std::set<std::string> settle(const std::set<std::string>& pressed);

 private:
    [[nodiscard]] const Layer& layerOf(const std::string& id) const;
    [[nodiscard]] std::vector<std::string> groupOf(const std::string& id) const;
    [[nodiscard]] bool isByItself(const Layer& layer) const;
    [[nodiscard]] bool stands(const std::string& id, const std::set<std::string>& wanted,
                              std::set<std::string> met = {}) const;
    [[nodiscard]] std::set<std::string> standing(const std::set<std::string>& wanted) const;
    void setFlipped(const std::string& layer, bool isOn);

    std::vector<Layer> m_layers;
    std::set<std::string> m_led;  ///< some strand engages them
    std::set<std::string> m_flipped, m_pressed, m_wanted = {"base"}, m_engaged = {"base"};
    std::map<std::string, int> m_latest;
    int m_count = 0;
};

/// The strands that count for a control in one layer, for one craft: from Everywhere down the
/// family, what a craft has of its own takes the place of all that is inherited, or of one of it,
/// or of what took the place of that one.
[[nodiscard]] std::vector<const Strand*> slowView(const Tangle& tangle, const std::string& craft,
                                                  const std::string& layer, const Source& source);

}  // namespace jolly::test
