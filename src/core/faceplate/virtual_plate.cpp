// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/virtual_plate.h"
#include "core/faceplate/pad_layout.h"

#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

namespace
{

std::string functionOf(const Tangle& tangle, const Strand& strand)
{
    const auto name = functionName(tangle, strand.function);
    return name.empty() ? strand.name : std::string(name);
}

/// Collects what one device shows.
class Maker
{
 public:
    Maker(const VirtualDevice& device, const Tangle& tangle, const KeyWords& keyWords)
        : m_device(device), m_tangle(tangle), m_keyWords(keyWords), m_layout(layoutOf(device))
    {
    }

    VirtualPlate controls(const StrandIndex& strands, ButtonsAs buttons)
    {
        const bool isList = buttons == ButtonsAs::List;
        m_made.plate.listsButtons = isList;
        for (std::size_t i = 0; i < m_layout.size(); ++i) {
            const auto control = m_layout[i].control;
            const auto& takers = strands.at({m_device.id, control});
            const auto settings = settingsOf(m_device, control);
            if (isList && control.kind == ControlKind::Button && takers.empty() &&
                settings.function.empty())
                continue;
            if (isFineTwin(control)) continue;
            add(i, takers, settings);
        }
        return std::move(m_made);
    }

    VirtualPlate keys()
    {
        for (const auto& strand : m_tangle.strands) {
            for (const auto& end : strand.ends) {
                if (deviceOf(end) == m_device.id) addKeys(strand, end);
            }
        }
        return std::move(m_made);
    }

 private:
    /// The coarse one stands for both.
    [[nodiscard]] bool isFineTwin(VirtualControl control) const
    {
        const auto other = otherWheelOf(control, m_device);
        return other && other->wheel.number < control.number;
    }

    void add(std::size_t slot, const StrandIndex::Strands& takers, const VirtualSettings& settings)
    {
        const auto& layout = m_layout[slot];
        PlateControl each{.id = toText(layout.control)};
        each.label = Sentence(functionName(m_tangle, settings.function));
        if (!takers.empty()) {
            each.from = takers.front()->name;
            const auto& first = *takers.front();  // a craft's own has a function of its own
            if (first.craft != kEverywhere && !first.function.empty())
                each.label = functionOf(m_tangle, first);
            const bool isNamed = !each.label.empty() || layout.control.kind == ControlKind::Turner;
            if (!isNamed) each.label = functionOf(m_tangle, *takers.front());
        }
        each.number = Sentence(layout.control.number);
        if (m_device.kind == VirtualKind::Gamepad && layout.control.kind == ControlKind::Button)
            each.number = padLetter(layout.code);
        if (layout.control.kind == ControlKind::Axis)
            each.number = nameOf(m_device, layout.control);
        if (layout.control.kind == ControlKind::Turner && each.label.empty())
            each.label = nameOf(m_device, layout.control);
        each.kind = layout.control.kind;
        each.sides = layout.sides;
        each.code = layout.code;
        m_made.plate.controls.push_back(each);
        m_made.slots.push_back({slot});
    }

    void addKeys(const Strand& strand, const End& end)
    {
        PlateControl each{.id = plateIdOf(end), .label = functionOf(m_tangle, strand)};
        if (std::ranges::find(m_made.plate.controls, each.id, &PlateControl::id) !=
            m_made.plate.controls.end())
            return;
        each.number = m_keyWords(end.goal);
        each.from = strand.name;
        each.kind = ControlKind::Button;
        each.isKeys = true;
        std::vector<std::size_t> slots;
        for (const auto& place : placesOf(end)) {
            const auto slot = std::ranges::find(m_layout, place.control, &VirtualSlot::control);
            if (slot != m_layout.end())
                slots.push_back(static_cast<std::size_t>(slot - m_layout.begin()));
        }
        m_made.plate.controls.push_back(each);
        m_made.slots.push_back(std::move(slots));
    }

    const VirtualDevice& m_device;
    const Tangle& m_tangle;
    const KeyWords& m_keyWords;
    std::vector<VirtualSlot> m_layout;
    VirtualPlate m_made;
};

}  // namespace

VirtualPlate virtualPlateOf(const VirtualDevice& device, const Tangle& tangle,
                            const StrandIndex& strands, ButtonsAs buttons, const KeyWords& keyWords)
{
    Maker maker(device, tangle, keyWords);
    return device.kind == VirtualKind::Keyboard ? maker.keys() : maker.controls(strands, buttons);
}

std::string plateIdOf(const End& end)
{
    const auto places = placesOf(end);
    if (places.empty()) return {};
    if (places.size() == 1) return toText(places.front().control);
    std::string id = "keys";
    for (const auto& place : places) id += ' ' + std::to_string(place.control.number);
    return id;
}

}  // namespace jolly
