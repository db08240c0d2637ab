// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/places_table.h"
#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
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
    : QWidget(parent),
      m_selection(selection),
      m_messages(messages),
      m_low(low),
      m_grid(new QGridLayout(this))
{
    setObjectName(QStringLiteral("positions"));
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(6);
    m_grid->setVerticalSpacing(4);
    m_grid->setColumnStretch(1, 1);
}

void PlacesTable::show(const ValuePlaces& places)
{
    if (places == m_places && m_grid->count() > 0) return;
    m_places = places;
    rebuild();
}

void PlacesTable::rebuild()
{
    clearLayout(*m_grid);
    QStringList heads = {tr("position"), tr("pressed there")};
    if (m_low) heads << tr("the axis there");
    for (int column = 0; column < heads.size(); ++column) {
        auto* head = new QLabel(heads[column], this);
        setTone(*head, "dim");
        m_grid->addWidget(head, 0, column);
    }
    for (std::size_t i = 0; i < m_places.size(); ++i) addRow(i);
    auto* add = new ListenField(m_selection, m_messages, isButton, this);
    add->setObjectName(QStringLiteral("add position"));
    add->setText(tr("+ position: touch its button"));
    connect(add, &ListenField::chosen, this, &PlacesTable::addPlace, Qt::QueuedConnection);
    m_grid->addWidget(add, m_grid->rowCount(), 0, 1, 2);
}

void PlacesTable::addRow(std::size_t place)
{
    const int row = static_cast<int>(place) + 1;
    const auto& shown = m_places[place];
    auto* name = new QLineEdit(toQt(shown.name), this);
    name->setObjectName(tr("position %1").arg(row));
    name->setAccessibleName(tr("name of position %1").arg(row));
    connect(name, &QLineEdit::editingFinished, this, [this, name, place] {
        change(place, [&](ValuePlace& p) { p.name = name->text().toStdString(); });
    });
    m_grid->addWidget(name, row, 0);
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
    m_grid->addWidget(listen, row, 1);
    if (m_low) {
        auto* value = new QDoubleSpinBox(this);
        value->setObjectName(tr("value of position %1").arg(row));
        value->setAccessibleName(value->objectName());
        value->setRange(*m_low * 100.0, 100.0);
        value->setDecimals(1);
        value->setSuffix(QStringLiteral(" %"));
        value->setValue(shown.value * 100.0);
        connect(value, &QDoubleSpinBox::editingFinished, this, [this, value, place] {
            change(place, [&](ValuePlace& p) { p.value = value->value() / 100.0; });
        });
        m_grid->addWidget(value, row, 2);
    }
    auto* none = new QToolButton(this);
    none->setText(tr("silent"));
    none->setObjectName(tr("position %1 silent").arg(row));
    none->setAccessibleName(tr("position %1 has no button").arg(row));
    none->setEnabled(shown.control.has_value());
    connect(
        none, &QToolButton::clicked, this,
        [this, place] { change(place, [](ValuePlace& p) { p.control.reset(); }); },
        Qt::QueuedConnection);
    m_grid->addWidget(none, row, 3);
    auto* remove = new QToolButton(this);
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove position %1").arg(row));
    remove->setAccessibleName(remove->objectName());
    remove->setEnabled(m_places.size() > (m_low ? 1 : 2));
    connect(
        remove, &QToolButton::clicked, this,
        [this, place] {
            auto places = m_places;
            places.erase(places.begin() + static_cast<std::ptrdiff_t>(place));
            Q_EMIT changed(places);
        },
        Qt::QueuedConnection);
    m_grid->addWidget(remove, row, 4);
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
