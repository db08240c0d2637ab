// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/device_card.h"
#include "app/style/qt_text.h"

#include "app/preflight/problem_row.h"
#include "app/rig/fact_grid.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <QPushButton>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

QString kindName(VirtualKind kind)
{
    switch (kind) {
        case VirtualKind::Joystick:
            return DeviceCard::tr("joystick");
        case VirtualKind::Gamepad:
            return DeviceCard::tr("gamepad");
        case VirtualKind::Keyboard:
            return DeviceCard::tr("keyboard");
        case VirtualKind::Pointer:
            return DeviceCard::tr("pointer");
    }
    return {};
}

/// "6a74:0101".
QString idsText(const VirtualIds& ids)
{
    return QStringLiteral("%1:%2")
        .arg(ids.vendor, 4, 16, QLatin1Char('0'))
        .arg(ids.product, 4, 16, QLatin1Char('0'));
}

}  // namespace

DeviceCard::DeviceCard(Weaver& weaver, Preflight& preflight, std::string device, QWidget* parent)
    : Card(parent), m_weaver(weaver), m_preflight(preflight), m_id(std::move(device))
{
    setObjectName(QStringLiteral("device card"));
    build();
    connect(&weaver.edits(), &Edits::settled, this, &DeviceCard::refresh);
    refresh();
}

const VirtualDevice* DeviceCard::find() const
{
    return findDevice(m_weaver.edits().tangle(), m_id);
}

void DeviceCard::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 14);
    column->setSpacing(8);
    auto* head = new QHBoxLayout;
    m_title = new ElidedLabel;
    m_title->setFont(textFont(TextSize::Title, true));
    setTone(*m_title, "title");
    m_what = new QLabel;
    setTone(*m_what, "dim");
    auto* close = new QPushButton(tr("Done"));
    close->setObjectName(QStringLiteral("device done"));
    connect(close, &QPushButton::clicked, this, &DeviceCard::done);
    head->addWidget(m_title);
    head->addWidget(m_what, 1);
    head->addWidget(close);
    column->addLayout(head);
    buildFields(*column);
    m_problems = new QVBoxLayout;
    m_problems->setSpacing(10);
    column->addLayout(m_problems);
    m_map = new PlaceMap(m_weaver, m_id);
    column->addWidget(m_map, 1);
    auto* hint =
        new QLabel(tr("Enter moves what ends there, or leads the selected control to it. "
                      "F2 names its function."));
    hint->setWordWrap(true);
    hint->setFont(textFont(TextSize::Small));
    setTone(*hint, "dim");
    column->addWidget(hint);
    buildButtons(*column);
}

QWidget* DeviceCard::buildSizes()
{
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    const auto add = [&](const char* name, const QString& words, int most,
                         std::uint16_t VirtualDevice::*member) {
        auto* box = new QSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setSuffix(QStringLiteral(" ") + words);
        box->setRange(0, most);
        box->setKeyboardTracking(false);
        connect(box, &QSpinBox::valueChanged, this, [this, member](int value) {
            changeSize(tr("size of device"), [member, value](VirtualDevice& device) {
                device.*member = static_cast<std::uint16_t>(value);
            });
        });
        line->addWidget(box);
        return box;
    };
    m_axes = add("device axes", tr("axes"), kMostAxes, &VirtualDevice::axes);
    m_buttons = add("device buttons", tr("buttons"), kMostButtons, &VirtualDevice::buttons);
    m_hats = add("device hats", tr("hats"), kMostHats, &VirtualDevice::hats);
    line->addStretch();
    return row;
}

void DeviceCard::buildFields(QVBoxLayout& column)
{
    auto* grid = new FactGrid;
    m_fields = grid;
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("device name"));
    m_name->setAccessibleName(tr("The name that games show"));
    grid->addField(tr("Name"), m_name);
    m_sizing = new QComboBox;
    m_sizing->setObjectName(QStringLiteral("device sizing"));
    m_sizing->setAccessibleName(tr("Who decides how large it is"));
    m_sizing->addItems({tr("Fixed, as set below"), tr("As large as its strands need")});
    grid->addField(tr("Size"), m_sizing);
    m_sizes = buildSizes();
    grid->addField({}, m_sizes);
    m_ids = new QLineEdit;
    m_ids->setObjectName(QStringLiteral("device ids"));
    m_ids->setAccessibleName(tr("Vendor and product number; empty for its own"));
    m_ids->setPlaceholderText(tr("its own"));
    m_ids->setMaximumWidth(140);
    grid->addField(tr("Ids"), m_ids);
    column.addWidget(grid);
    connect(m_name, &QLineEdit::editingFinished, this, &DeviceCard::rename);
    connect(m_ids, &QLineEdit::editingFinished, this, &DeviceCard::setIds);
    connect(m_sizing, &QComboBox::activated, this, [this](int choice) {
        changeSize(tr("size of device"),
                   [choice](VirtualDevice& d) { d.sizing = static_cast<Sizing>(choice); });
    });
}

void DeviceCard::buildButtons(QVBoxLayout& column)
{
    auto* row = new WrapLayout(6);
    auto* copy = new QPushButton(tr("Add a copy"));
    copy->setObjectName(QStringLiteral("copy device"));
    connect(copy, &QPushButton::clicked, this, [this] {
        m_weaver.edits().applyToWhole({tr("copy device")},
                                      [this](Tangle& tangle) { copyDevice(tangle, m_id); });
    });
    auto* remove = new QPushButton(tr("Remove it…"));
    remove->setObjectName(QStringLiteral("remove device"));
    connect(remove, &QPushButton::clicked, this, [this] { Q_EMIT removalWanted(m_id); });
    row->addWidget(copy);
    row->addWidget(remove);
    row->addStretch();
    column.addLayout(row);
}

void DeviceCard::changeSize(const QString& step, const std::function<void(VirtualDevice&)>& change)
{
    m_weaver.edits().applyToWhole({.name = step, .gesture = m_resizing}, [&](Tangle& tangle) {
        if (auto* device = findDevice(tangle, m_id)) change(*device);
    });
}

void DeviceCard::rename()
{
    const auto* device = find();
    const auto name = m_name->text().trimmed().toStdString();
    if (!device || name == device->name) return;
    const auto rename = [&](Tangle& tangle) { return renameDevice(tangle, m_id, name); };
    if (!m_weaver.edits().applyToWhole({tr("rename device")}, rename))
        m_name->setText(toQt(device->name));
}

void DeviceCard::setIds()
{
    const auto* device = find();
    if (!device) return;
    static const QRegularExpression kForm(QStringLiteral("^([0-9a-f]{1,4}):([0-9a-f]{1,4})$"),
                                          QRegularExpression::CaseInsensitiveOption);
    const auto typed = m_ids->text().trimmed();
    const auto match = kForm.match(typed);
    if (!typed.isEmpty() && !match.hasMatch()) {
        refresh();
        return m_weaver.edits().messages().refuse(
            tr("Ids are two hexadecimal numbers, such as 6a74:0101; leave it empty for its own."));
    }
    auto ids = device->ids;
    ids.reset();
    if (!typed.isEmpty()) {
        ids = idsOf(*device);
        ids->vendor = match.captured(1).toUShort(nullptr, 16);
        ids->product = match.captured(2).toUShort(nullptr, 16);
    }
    if (ids == device->ids) return;
    changeSize(tr("ids of device"), [&](VirtualDevice& changed) { changed.ids = ids; });
}

void DeviceCard::refresh()
{
    const auto* device = find();
    if (!device) {
        Q_EMIT done();
        return;
    }
    m_title->setText(toQt(device->name));
    m_what->setText(tr("%1 · number %2").arg(kindName(device->kind)).arg(device->number));
    if (!m_name->hasFocus()) m_name->setText(toQt(device->name));
    m_ids->setPlaceholderText(idsText(idsOf(*device)));
    if (!m_ids->hasFocus()) m_ids->setText(device->ids ? idsText(*device->ids) : QString());
    const bool isJoystick = device->kind == VirtualKind::Joystick;
    m_fields->setRowVisible(m_sizing, isJoystick);
    m_fields->setRowVisible(m_sizes, isJoystick);
    m_sizing->setCurrentIndex(static_cast<int>(device->sizing));
    m_sizes->setEnabled(device->sizing == Sizing::Fixed);
    for (const auto& [box, value] :
         {std::pair(m_axes, device->axes), std::pair(m_buttons, device->buttons),
          std::pair(m_hats, device->hats)}) {
        const QSignalBlocker quiet(box);
        box->setValue(value);
    }
    m_map->refresh();
    refreshProblems();
}

void DeviceCard::refreshProblems()
{
    const auto* device = find();
    if (!device) return;
    const auto path =
        "/devices/" + std::to_string(device - m_weaver.edits().tangle().devices.data());
    Problems problems;
    for (const auto& problem : m_preflight.problems()) {
        if (problem.path == path || problem.path.starts_with(path + "/"))
            problems.push_back(problem);
    }
    if (problems == m_shownProblems) return;
    m_shownProblems = problems;
    while (auto* item = m_problems->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    for (const auto& problem : problems) m_problems->addWidget(new ProblemRow(m_weaver, problem));
}

}  // namespace jolly::app
