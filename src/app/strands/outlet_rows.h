// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/strands/outlet_row.h"

#include <optional>
#include <span>
#include <vector>

namespace jolly::app
{

/// The ways out of a strand: a row for each outlet with each of its ends, or without one. There is
/// none where an axis or a hat comes out and nothing forks.
class OutletRows : public QWidget
{
 public:
    OutletRows(Studio& studio, const Strand& strand, QWidget* parent = nullptr);

    /// Whether these rows can go on showing the strand.
    [[nodiscard]] bool fits(const Strand& strand) const;
    void show(const Strand& strand);

    /// @param values  what comes out, by outlet.
    void showValues(std::span<const Value> values);

    [[nodiscard]] bool isEmpty() const { return m_ways.empty(); }

    /// How far below its top the row of an outlet is; below 0 when there is none.
    [[nodiscard]] int placeOf(const std::string& outlet) const;

 private:
    struct Way {
        std::size_t outlet = 0;            ///< place among the strand's outlets
        std::optional<std::size_t> end{};  ///< place among its ends
        OutletRow* row = nullptr;
    };

    [[nodiscard]] std::vector<Way> waysOf(const Strand& strand) const;
    [[nodiscard]] OutletRow::Words wordsOf(const Strand& strand, const Way& way) const;
    void leadToNextFree(const std::string& outlet);
    void press(std::size_t end, How how, double pulse);

    Studio& m_studio;
    std::string m_strand;
    std::vector<std::string> m_outlets;
    std::vector<Way> m_ways;
};

}  // namespace jolly::app
