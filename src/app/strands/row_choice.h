// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"

#include <QObject>
#include <functional>
#include <optional>
#include <string>

namespace jolly::app
{

/// One way out of a strand.
struct OutletPlace {
    std::string strand;
    std::string outlet;
    std::optional<std::size_t>
        end;  ///< place among the strand's ends; empty where it leads nowhere

    friend bool operator==(const OutletPlace&, const OutletPlace&) = default;
};

/// The outlet that a click on a goal leads, and what leads it.
class RowChoice : public QObject
{
    Q_OBJECT

 public:
    explicit RowChoice(Edits& edits, Selection& selection, QObject* parent = nullptr);

    [[nodiscard]] const std::optional<OutletPlace>& row() const { return m_row; }

    /// Chooses a row; the same again, or none, lets go of it.
    void choose(const std::optional<OutletPlace>& row);

    /// Leads a row to a goal as one step, and says what now happens, or why it cannot.
    void lead(const OutletPlace& row, const Goal& goal);

    /// Leads it to the next free control of its kind.
    void leadToNextFree(const OutletPlace& row);

    /// Leads it to keys of a virtual keyboard, which is added where there is none.
    void leadToKeys(const OutletPlace& row, const std::vector<std::uint16_t>& keys);

    /// Weaves a strand from a button to keys, likewise.
    void weaveKeys(const Source& from, const std::vector<std::uint16_t>& keys);

    /// "taxi of Lights": how a row is called.
    [[nodiscard]] QString nameOf(const OutletPlace& row) const;

 Q_SIGNALS:
    void changed();

 private:
    void follow();
    void commit(OutletPlace row, const std::function<Goal(Tangle&)>& goal);
    void tellOf(const std::string& strand, std::size_t end);

    Edits& m_edits;
    Selection& m_selection;
    std::optional<OutletPlace> m_row;
};

}  // namespace jolly::app
