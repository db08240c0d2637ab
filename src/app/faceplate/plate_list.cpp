// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/plate_list.h"
#include "app/style/qt_text.h"

#include "core/faceplate/virtual_plate.h"
#include "app/goals/goal.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

/// Makes the list as long as `count`; what is too much is deleted.
template <class Make>
void resize(std::vector<Faceplate*>& plates, std::size_t count, Make&& make)
{
    while (plates.size() > count) {
        plates.back()->hide();
        plates.back()->deleteLater();
        plates.pop_back();
    }
    while (plates.size() < count) make();
}

QString keysText(std::size_t used)
{
    if (used == 0) return QObject::tr("no key is used yet");
    return QObject::tr("%n key(s) used", nullptr, static_cast<int>(used));
}

QString usedText(std::size_t used, std::size_t all)
{
    return QObject::tr("%1 of %2 used").arg(used).arg(all);
}

}  // namespace

ControllerPlates::ControllerPlates(Stance& stance, Selection& selection, QWidget* parent)
    : QObject(parent), m_stance(stance), m_selection(selection), m_parent(parent)
{
}

QString ControllerPlates::stateText(const DeskController& controller, bool isLive)
{
    if (!controller.candidates.empty()) return tr("which one is it?");
    if (!controller.isPresent) return tr("away");
    if (!controller.isKnown) return tr("not in the tangle yet");
    if (controller.hold == Hold::Held) return tr("held");
    if (controller.hold == Hold::Waiting) return tr("waits to be held");
    return isLive ? tr("games hear it") : tr("present");
}

void ControllerPlates::wire(Faceplate* plate)
{
    connect(plate, &Faceplate::activated, this, [this, plate](const QString& id) {
        if (const auto ref = refOf(plate, id)) Q_EMIT activated(*ref);
    });
    connect(plate, &Faceplate::menuWanted, this, [this, plate](const QString& id, QPoint at) {
        if (const auto ref = refOf(plate, id)) Q_EMIT menuWanted(*ref, at);
    });
    connect(plate, &Faceplate::dragMoved, this, [this, plate](const QString& id, QPoint at) {
        if (const auto ref = refOf(plate, id)) Q_EMIT dragMoved(*ref, at);
    });
    connect(plate, &Faceplate::dropped, this, [this, plate](const QString& id, QPoint at) {
        if (const auto ref = refOf(plate, id)) Q_EMIT dropped(*ref, at);
    });
    connect(plate, &Faceplate::deedWanted, this, [this, plate] {
        const auto place =
            static_cast<std::size_t>(std::ranges::find(m_plates, plate) - m_plates.begin());
        const auto& controllers = m_selection.feed().desk().controllers;
        if (place < controllers.size()) Q_EMIT deedWanted(controllers[place].rig.id);
    });
}

std::optional<Source> ControllerPlates::refOf(Faceplate* plate, const QString& id) const
{
    const auto place =
        static_cast<std::size_t>(std::ranges::find(m_plates, plate) - m_plates.begin());
    const auto code = parseControlCode(id.toStdString());
    if (place >= m_selection.feed().desk().controllers.size() || !code) return std::nullopt;
    return Source{m_selection.feed().desk().controllers[place].rig.id, *code};
}

void ControllerPlates::rebuild()
{
    const auto& controllers = m_selection.feed().desk().controllers;
    resize(m_plates, controllers.size(), [this] {
        m_plates.push_back(new Faceplate(Faceplate::Kind::Controller, m_parent));
        wire(m_plates.back());
        Q_EMIT plateAdded(m_plates.back());
    });
    m_isUsed.assign(controllers.size(), {});
    for (std::size_t i = 0; i < controllers.size(); ++i) dress(i);
    showValues();
}

void ControllerPlates::dress(std::size_t place)
{
    const auto& controller = m_selection.feed().desk().controllers[place];
    for (const auto& control : controller.rig.controls) {
        m_isUsed[place].push_back(controller.isKnown &&
                                  m_stance.index().isUsed({controller.rig.id, control.code}));
    }
    const auto used = static_cast<std::size_t>(std::ranges::count(m_isUsed[place], true));
    auto* plate = m_plates[place];
    plate->setTitle(toQt(controller.rig.alias),
                    stateText(controller, m_selection.feed().session().isLive()));
    plate->setPlate(jolly::plateOf(controller.rig));
    plate->setFooter(controller.port, usedText(used, controller.rig.controls.size()));
    plate->setDashed(!controller.isPresent);
}

void ControllerPlates::showValues()
{
    const auto& desk = m_selection.feed().desk();
    const auto& selected = m_selection.selected();
    for (std::size_t p = 0; p < m_plates.size() && p < desk.controllers.size(); ++p) {
        const auto& controller = desk.controllers[p];
        const bool isHere = selected && selected->controller == controller.rig.id;
        m_plates[p]->setMarked(isHere);
        if (!m_plates[p]->isVisible()) continue;
        for (std::size_t i = 0; i < controller.rig.controls.size(); ++i) {
            ControlState state;
            state.value = desk.valueOf(controller, i, m_selection.feed().values());
            state.isUsed = m_isUsed[p][i];
            state.isSelected = isHere && selected->control == controller.rig.controls[i].code;
            state.isAway = !controller.isPresent;
            m_plates[p]->setState(i, state);
        }
    }
}

Faceplate* ControllerPlates::plateOf(const std::string& controller) const
{
    const auto& controllers = m_selection.feed().desk().controllers;
    for (std::size_t i = 0; i < m_plates.size() && i < controllers.size(); ++i) {
        if (controllers[i].rig.id == controller) return m_plates[i];
    }
    return nullptr;
}

ControlView* ControllerPlates::viewOf(const Source& ref) const
{
    auto* plate = plateOf(ref.controller);
    return plate ? plate->view(toQt(toText(ref.control))) : nullptr;
}

DevicePlates::DevicePlates(Stance& stance, Selection& selection, QWidget* parent)
    : QObject(parent), m_stance(stance), m_selection(selection), m_parent(parent)
{
}

std::size_t DevicePlates::placeOf(const Faceplate* plate) const
{
    return static_cast<std::size_t>(std::ranges::find(m_plates, plate) - m_plates.begin());
}

std::optional<Target> DevicePlates::targetOf(const Faceplate* plate, const QString& id) const
{
    const auto place = placeOf(plate);
    const auto control = parseVirtualControl(id.toStdString());
    if (place >= m_selection.feed().desk().devices.size() || !control) return std::nullopt;
    return Target{m_selection.feed().desk().devices[place].device.id, *control};
}

void DevicePlates::wire(Faceplate* plate)
{
    connect(plate, &Faceplate::activated, this, [this, plate](const QString& id, bool byMouse) {
        if (const auto target = targetOf(plate, id)) Q_EMIT activated(*target, byMouse);
    });
    connect(plate, &Faceplate::pointed, this,
            [this, plate](const QString& id) { Q_EMIT pointed(targetOf(plate, id)); });
    connect(plate, &Faceplate::hovered, this, &DevicePlates::hovered);
    connect(plate, &Faceplate::dragMoved, this, [this, plate](const QString& id, QPoint at) {
        if (const auto target = targetOf(plate, id)) Q_EMIT dragMoved(*target, at);
    });
    connect(plate, &Faceplate::dropped, this, [this, plate](const QString& id, QPoint at) {
        if (const auto target = targetOf(plate, id)) Q_EMIT dropped(*target, at);
    });
    connect(plate, &Faceplate::menuWanted, this, [this, plate](const QString& id, QPoint at) {
        const auto place = placeOf(plate);
        if (place < m_selection.feed().desk().devices.size())
            Q_EMIT menuWanted(m_selection.feed().desk().devices[place].device.id,
                              targetOf(plate, id), at);
    });
    connect(plate, &Faceplate::deedWanted, this, [this, plate] {
        const auto place = placeOf(plate);
        if (place < m_selection.feed().desk().devices.size())
            Q_EMIT sizeWanted(m_selection.feed().desk().devices[place].device.id);
    });
    connect(plate, &Faceplate::otherWanted, this, [this, plate] { doOther(placeOf(plate)); });
}

/// Records keys, or shows buttons as a list or again as a grid.
void DevicePlates::doOther(std::size_t place)
{
    const auto& devices = m_selection.feed().desk().devices;
    if (place >= devices.size()) return;
    const auto& device = devices[place].device;
    if (device.kind == VirtualKind::Keyboard) {
        Q_EMIT keysWanted(device.id);
        return;
    }
    if (m_lists.erase(device.id) == 0) m_lists.insert(device.id);
    dress(place);
    showValues();
}

void DevicePlates::rebuild()
{
    const auto& devices = m_selection.feed().desk().devices;
    resize(m_plates, devices.size(), [this] {
        auto* plate = new Faceplate(Faceplate::Kind::Virtual, m_parent);
        m_plates.push_back(plate);
        wire(plate);
        Q_EMIT plateAdded(plate);
    });
    m_slots.assign(devices.size(), {});
    for (std::size_t d = 0; d < devices.size(); ++d) dress(d);
    showValues();
}

void DevicePlates::dress(std::size_t place)
{
    const auto& shown = m_selection.feed().desk().devices[place];
    const auto& device = shown.device;
    const bool isList = m_lists.contains(device.id);
    const auto& stance = m_stance;
    const auto made = virtualPlateOf(
        device, stance.view(), stance.index(), isList ? ButtonsAs::List : ButtonsAs::Grid,
        [&](const Goal& goal) { return goalText(stance.view(), goal).toStdString(); });
    m_slots[place].clear();
    std::size_t used = 0;
    for (std::size_t i = 0; i < made.slots.size(); ++i) {
        Slot state{.places = made.slots[i]};
        state.isUsed = made.plate.controls[i].isKeys;
        for (const auto slot : made.slots[i]) {
            const Target target{device.id, shown.layout[slot].control};
            for (const auto* strand : stance.index().at(target)) {
                state.isUsed = true;
                const auto& from = strand->source;
                const bool isHere = std::ranges::any_of(strand->ends, [&](const End& end) {
                    return deviceOf(end) == device.id &&
                           plateIdOf(end) == made.plate.controls[i].id;
                });
                if (isHere && strand->hasSource() && m_selection.selected() == from)
                    state.isSelected = true;
            }
        }
        used += state.isUsed ? 1U : 0U;
        m_slots[place].push_back(std::move(state));
    }
    auto* plate = m_plates[place];
    const bool isKeyboard = device.kind == VirtualKind::Keyboard;
    plate->setTitle(toQt(device.name), shown.isThere ? tr("games see it") : tr("not live"));
    plate->setPlate(made.plate);
    plate->setDeed("plate deed", tr("size it…"));
    plate->setOther(isKeyboard             ? tr("+ keys…")
                    : !device.isForGames() ? QString()
                    : isList               ? tr("as grid")
                                           : tr("as list"));
    plate->setFooter({}, isKeyboard ? keysText(used) : usedText(used, made.slots.size()));
}

void DevicePlates::showValues()
{
    const auto& desk = m_selection.feed().desk();
    for (std::size_t d = 0; d < m_plates.size() && d < desk.devices.size(); ++d) {
        const auto& device = desk.devices[d];
        for (std::size_t i = 0; i < m_slots[d].size(); ++i) {
            const auto& slot = m_slots[d][i];
            if (slot.places.empty()) continue;
            ControlState state;
            state.value = desk.valueOf(device, slot.places.front(), m_selection.feed().values());
            const bool areAllDown = std::ranges::all_of(slot.places, [&](std::size_t place) {
                return desk.valueOf(device, place, m_selection.feed().values()).isPressed();
            });
            if (slot.places.size() > 1) state.value = {areAllDown ? 1.0 : 0.0, 0.0};
            state.isUsed = slot.isUsed;
            state.isSelected = slot.isSelected;
            state.isOutlined = !device.isThere;
            m_plates[d]->setState(i, state);
        }
    }
}

ControlView* DevicePlates::viewOf(std::string_view device, const QString& id) const
{
    const auto& devices = m_selection.feed().desk().devices;
    for (std::size_t d = 0; d < m_plates.size() && d < devices.size(); ++d) {
        if (devices[d].device.id == device) return m_plates[d]->view(id);
    }
    return nullptr;
}

ControlView* DevicePlates::viewOf(const Target& target) const
{
    return viewOf(target.device, toQt(toText(target.control)));
}

ControlView* DevicePlates::viewOf(const End& end) const
{
    return viewOf(deviceOf(end), toQt(plateIdOf(end)));
}

std::optional<Target> DevicePlates::targetAt(QPoint globalPlace) const
{
    const auto& devices = m_selection.feed().desk().devices;
    for (std::size_t d = 0; d < m_plates.size() && d < devices.size(); ++d) {
        auto* view = dynamic_cast<ControlView*>(
            m_plates[d]->childAt(m_plates[d]->mapFromGlobal(globalPlace)));
        if (!view) continue;
        const auto control = parseVirtualControl(view->drawing().control(0).id);
        if (control) return Target{devices[d].device.id, *control};
    }
    return std::nullopt;
}

}  // namespace jolly::app
