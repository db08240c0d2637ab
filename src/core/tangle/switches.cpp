// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/switches.h"

#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly
{

namespace
{

tl::unexpected<Failure> refuse(Sentence sentence, Sentence cure)
{
    return fail(Failure::Code::Unreadable, std::move(sentence), std::move(cure));
}

std::size_t buttonsOf(const RigSwitch& of)
{
    return static_cast<std::size_t>(std::ranges::count_if(
        of.positions, [](const SwitchPosition& p) { return p.button.has_value(); }));
}

Fallible check(const RigController& controller, std::optional<std::size_t> place,
               const RigSwitch& made)
{
    if (made.name.empty()) return refuse(words("The switch has no name."), words("Give it one."));
    if (made.positions.size() < 2)
        return refuse(words("A switch has two positions at least."),
                      words("Add one, or take the switch apart."));
    if (made.positions.size() > buttonsOf(made) + 1)
        return refuse(say("Two positions of %1 report no button, so they look alike.", made.name),
                      words("Choose a button for one of them."));
    for (const auto& position : made.positions) {
        if (position.name.empty())
            return refuse(say("A position of %1 has no name.", made.name), words("Give it one."));
        if (!position.button) continue;
        const auto* button = findControl(controller, *position.button);
        if (!button || button->kind != ControlKind::Button)
            return refuse(say("%1 is no button of %2.", toText(*position.button), controller.alias),
                          words("Choose one of its buttons."));
        const auto owner = switchAt(controller, *position.button);
        if (owner && owner->first != place)
            return refuse(say("%1 belongs to the switch %2.", nameOf(controller, *button),
                              controller.switches[owner->first].name),
                          words("Take that one apart first."));
        if (std::ranges::count(made.positions, position.button, &SwitchPosition::button) > 1)
            return refuse(say("Two positions of %1 report the same button.", made.name),
                          words("Choose another one for one of them."));
    }
    return {};
}

void setKinds(RigController& controller, const RigSwitch& of, ButtonKind kind)
{
    for (const auto& position : of.positions) {
        auto* button = position.button ? findControl(controller, *position.button) : nullptr;
        if (button) button->buttonKind = kind;
    }
}

}  // namespace

RigSwitch twoPositions(ControlCode button)
{
    return {"switch", {{"on", button, {}}, {"off", std::nullopt, {}}}, {}};
}

RigSwitch threePositions(ControlCode up, std::optional<ControlCode> down)
{
    return {"switch", {{"up", up, {}}, {"middle", std::nullopt, {}}, {"down", down, {}}}, {}};
}

RigSwitch selectorOf(const std::vector<ControlCode>& buttons)
{
    RigSwitch made{"selector", {}, {}};
    for (std::size_t i = 0; i < buttons.size(); ++i)
        made.positions.push_back({std::to_string(i + 1), buttons[i], {}});
    return made;
}

Result<std::size_t> putSwitch(RigController& controller, std::optional<std::size_t> place,
                              const RigSwitch& made)
{
    if (auto done = check(controller, place, made); !done) return tl::unexpected(done.error());
    if (place) {
        setKinds(controller, controller.switches[*place], ButtonKind::Switch);
        controller.switches[*place] = made;
    } else {
        controller.switches.push_back(made);
    }
    setKinds(controller, made, buttonsOf(made) == 1 ? ButtonKind::Switch : ButtonKind::Selector);
    return place.value_or(controller.switches.size() - 1);
}

void takeApart(RigController& controller, std::size_t place)
{
    setKinds(controller, controller.switches[place], ButtonKind::Switch);
    controller.switches.erase(controller.switches.begin() + static_cast<std::ptrdiff_t>(place));
}

SwitchPlaces placesOf(const Tangle& tangle, const Source& button)
{
    const auto* controller = findController(tangle, button.controller);
    if (!controller) return {};
    for (const auto& one : controller->switches) {
        if (std::ranges::find(one.positions, std::optional(button.control),
                              &SwitchPosition::button) == one.positions.end())
            continue;
        SwitchPlaces places;
        for (const auto& position : one.positions) {
            places.push_back({position.name, {}});
            if (position.button) places.back().control = {controller->id, *position.button};
        }
        return places;
    }
    return {{"on", button}, {"off", {}}};
}

std::optional<std::size_t> positionOf(const RigSwitch& of,
                                      const std::function<bool(ControlCode)>& isPressed)
{
    std::optional<std::size_t> without;
    for (std::size_t i = 0; i < of.positions.size(); ++i) {
        const auto& button = of.positions[i].button;
        if (!button) without = i;
        if (button && isPressed(*button)) return i;
    }
    return without;
}

}  // namespace jolly
