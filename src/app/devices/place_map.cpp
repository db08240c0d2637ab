// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/place_map.h"

#include "app/style/palette.h"
#include "app/style/qt_text.h"
#include "app/widgets/finder.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/game_numbers.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <QHeaderView>
#include <QSignalBlocker>

namespace jolly::app
{

namespace
{

enum Column { Name, Numbers, Function, Taken };

/// "12 · 12 · 13": as SDL, joydev and the Windows layer count; a dash where one does not see it.
QString numbersText(const VirtualDevice& device, VirtualControl control)
{
    QStringList numbers;
    for (const auto reader : {Reader::Sdl, Reader::Joydev, Reader::WindowsLayer}) {
        const auto number = gameNumber(device, control, reader);
        numbers << (number ? QString::number(*number) : QStringLiteral("–"));
    }
    return numbers.join(QStringLiteral(" · "));
}

QString takersText(const Tangle& tangle, const Target& place)
{
    QStringList names;
    for (const auto* strand : takersOf(tangle, place)) names << toQt(strand->name);
    return names.join(QStringLiteral(", "));
}

}  // namespace

PlaceMap::PlaceMap(Weaver& weaver, std::string device, QWidget* parent)
    : QTreeWidget(parent), m_weaver(weaver), m_device(std::move(device))
{
    setObjectName(QStringLiteral("place map"));
    setAccessibleName(tr("What is taken and free on the device"));
    setColumnCount(4);
    setHeaderLabels({tr("Control"), tr("SDL · js · Windows"), tr("Function"), tr("Taken by")});
    setRootIsDecorated(false);
    setUniformRowHeights(true);
    setMinimumHeight(300);
    setEditTriggers(QAbstractItemView::EditKeyPressed);
    header()->setStretchLastSection(true);
    connect(this, &QTreeWidget::itemChanged, this, &PlaceMap::label);
    connect(this, &QTreeWidget::itemActivated, this, &PlaceMap::move);
}

void PlaceMap::fill(QTreeWidgetItem& row, const VirtualDevice& device, VirtualControl control)
{
    const Target place{device.id, control};
    const auto takers = takersText(m_weaver.edits().tangle(), place);
    row.setText(Name, toQt(nameOf(device, control)));
    row.setData(Name, Qt::UserRole, toQt(toText(control)));
    row.setText(Numbers, numbersText(device, control));
    row.setText(Function, toQt(functionName(m_weaver.edits().tangle(),
                                            settingsOf(device, control).function)));
    row.setText(Taken, takers.isEmpty() ? tr("free") : takers);
    for (const int column : {Numbers, Taken})
        row.setForeground(column, takers.isEmpty() || column == Numbers
                                      ? jolly::app::palette().dim
                                      : jolly::app::palette().text);
    row.setFlags(row.flags() | Qt::ItemIsEditable);
}

void PlaceMap::refresh()
{
    const auto* device = findDevice(m_weaver.edits().tangle(), m_device);
    if (!device) return;
    const QSignalBlocker quiet(this);
    const auto layout = layoutOf(*device);
    while (topLevelItemCount() > static_cast<int>(layout.size())) delete takeTopLevelItem(0);
    while (topLevelItemCount() < static_cast<int>(layout.size()))
        addTopLevelItem(new QTreeWidgetItem);
    for (std::size_t i = 0; i < layout.size(); ++i)
        fill(*topLevelItem(static_cast<int>(i)), *device, layout[i].control);
    resizeColumnToContents(Name);
    resizeColumnToContents(Numbers);
    viewport()->update();
}

void PlaceMap::label(QTreeWidgetItem* row, int column)
{
    const auto control =
        parseVirtualControl(row->data(Name, Qt::UserRole).toString().toStdString());
    if (column != Function || !control) return refresh();
    const auto words = row->text(Function).trimmed().toStdString();
    m_weaver.edits().applyToWhole({tr("name function")}, [&](Tangle& tangle) {
        setFunction(tangle, {m_device, *control}, words);
    });
}

void PlaceMap::move(QTreeWidgetItem* row)
{
    const auto control =
        parseVirtualControl(row->data(Name, Qt::UserRole).toString().toStdString());
    if (!control) return;
    const Target place{m_device, *control};
    for (const auto* strand : takersOf(m_weaver.edits().tangle(), place)) {
        const auto end =
            std::ranges::find(strand->ends, Goal(place), &End::goal) - strand->ends.begin();
        return askForPlace(m_weaver, strand->id, static_cast<std::size_t>(end), window());
    }
    m_weaver.leadSelected(place);
}

void askForPlace(Weaver& weaver, const std::string& strand, std::size_t end, QWidget* parent)
{
    const auto* moved = findStrand(weaver.edits().tangle(), strand);
    if (!moved || end >= moved->ends.size() || !targetOf(moved->ends[end])) return;
    const auto from = *targetOf(moved->ends[end]);
    const auto go = [&weaver, strand, end](const Target& to) {
        return [&weaver, strand, end, to] { weaver.moveEnd(strand, end, to); };
    };
    std::vector<Found> all;
    if (const auto next = nextFree(weaver.edits().tangle(), from.control.kind))
        all.push_back(
            {QObject::tr("next free one: %1").arg(toQt(placeName(weaver.edits().tangle(), *next))),
             QObject::tr("free"), go(*next)});
    for (const auto& device : weaver.edits().tangle().devices) {
        for (const auto& slot : layoutOf(device)) {
            const Target place{device.id, slot.control};
            if (slot.control.kind != from.control.kind || place == from) continue;
            const auto takers = takersText(weaver.edits().tangle(), place);
            const auto name = toQt(placeName(weaver.edits().tangle(), place));
            all.push_back(
                {takers.isEmpty() ? name
                                  : QObject::tr("%1: change places with %2").arg(name, takers),
                 takers.isEmpty() ? QObject::tr("free") : QObject::tr("taken"), go(place)});
        }
    }
    (new Finder(std::move(all),
                QObject::tr("Find a place: its device, its number, what is there …"), parent))
        ->open();
}

}  // namespace jolly::app
