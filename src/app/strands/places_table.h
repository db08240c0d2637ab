// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"
#include "app/models/selection.h"
#include "app/widgets/row_table.h"
#include "core/digital/switch_place.h"

namespace jolly::app
{

/// The positions of a switch as rows: a name, the button that is pressed there or none, and where a
/// position puts an axis, in percent.
class PlacesTable : public RowTable
{
    Q_OBJECT

 public:
    /// @param low  the least value that a position can have; nothing where positions have none.
    PlacesTable(Selection& selection, Messages& messages, std::optional<double> low,
                QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const ValuePlaces& places);

 Q_SIGNALS:
    void changed(const jolly::ValuePlaces& places);

 private:
    void rebuild() override;
    void addRow(std::size_t place);
    void addPlace(const Source& button);
    void change(std::size_t place, const std::function<void(ValuePlace&)>& how);

    Selection& m_selection;
    Messages& m_messages;
    std::optional<double> m_low;
    ValuePlaces m_places;
};

}  // namespace jolly::app
