// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/places_table.h"
#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"

#include <QGridLayout>
#include <QLineEdit>
#include <QToolButton>
#include <algorithm>

namespace jolly::app
{

namespace
{

bool isButton(const DeskController& controller, const RigControl& control)
{
    return controller.isKnown && control.kind == ControlKind::Button;
}

}  // namespace

PlacesTable::PlacesTable(Selection& selection, Messages& messages, std::optional<double> low,
                         QWidget* parent)
    : RowTable("positions", parent), m_selection(selection), m_messages(messages), m_low(low)
{
    grid().setColumnStretch(1, 1);
}

void PlacesTable::show(const ValuePlaces& places)
{
    if (places == m_places && grid().count() > 0) return;
    m_places = places;
    rebuild();
}

void PlacesTable::rebuild()
{
    QStringList heads = {tr("position"), tr("pressed there")};
    if (m_low) heads << tr("the axis there");
    begin(heads);
    for (std::size_t i = 0; i < m_places.size(); ++i) addRow(i);
    auto* add = new ListenField(m_selection, m_messages, isButton, this);
    add->setObjectName(QStringLiteral("add position"));
    add->setText(tr("+ position: touch its button"));
    connect(add, &ListenField::chosen, this, &PlacesTable::addPlace, Qt::QueuedConnection);
    grid().addWidget(add, grid().rowCount(), 0, 1, 2);
}

void PlacesTable::addRow(std::size_t place)
{
    const int row = static_cast<int>(place) + 1;
    const auto& shown = m_places[place];
    auto& name = addText(
        row, 0, tr("position %1").arg(row), shown.name,
        [this, place](const auto& text) { change(place, [&](ValuePlace& p) { p.name = text; }); });
    name.setAccessibleName(tr("name of position %1").arg(row));
    auto* listen = new ListenField(m_selection, m_messages, isButton, this);
    listen->setObjectName(tr("button of position %1").arg(row));
    listen->setText(shown.control ? m_selection.feed().nameOf(
                                        {shown.control->controller, shown.control->control})
                                  : tr("none: it is silent"));
    connect(
        listen, &ListenField::chosen, this,
        [this, place](const Source& ref) {
            change(place, [&](ValuePlace& p) { p.control = ref; });
        },
        Qt::QueuedConnection);
    grid().addWidget(listen, row, 1);
    if (m_low)
        addPercent(row, 2, {tr("value of position %1").arg(row), shown.value, *m_low},
                   [this, place](double value) {
                       change(place, [&](ValuePlace& p) { p.value = value; });
                   });
    auto& none = addButton(row, 3, tr("position %1 silent").arg(row), tr("silent"), [this, place] {
        change(place, [](ValuePlace& p) { p.control.reset(); });
    });
    none.setAccessibleName(tr("position %1 has no button").arg(row));
    none.setEnabled(shown.control.has_value());
    auto& remove =
        addButton(row, 4, tr("remove position %1").arg(row), QStringLiteral("×"), [this, place] {
            auto places = m_places;
            places.erase(places.begin() + static_cast<std::ptrdiff_t>(place));
            Q_EMIT changed(places);
        });
    remove.setEnabled(m_places.size() > (m_low ? 1 : 2));
}

/// A position of a fresh name, at the end of the travel.
void PlacesTable::addPlace(const Source& button)
{
    auto places = m_places;
    int number = static_cast<int>(places.size()) + 1;
    const auto nameOf = [](int n) { return tr("position %1").arg(n).toStdString(); };
    while (std::ranges::find(places, nameOf(number), &ValuePlace::name) != places.end()) ++number;
    places.push_back({nameOf(number), button, 1.0});
    Q_EMIT changed(places);
}

void PlacesTable::change(std::size_t place, const std::function<void(ValuePlace&)>& how)
{
    if (place >= m_places.size()) return;
    auto places = m_places;
    how(places[place]);
    if (places != m_places) Q_EMIT changed(places);
}

}  // namespace jolly::app
