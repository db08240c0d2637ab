// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/plate_parts.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

/// The place of a two-sided axis; -1 when there is none.
int findTwoSided(const Plate& plate, int code)
{
    const auto found = std::ranges::find_if(plate.controls, [code](const PlateControl& c) {
        return c.kind == ControlKind::Axis && c.code.code == code && c.sides == Sides::Two;
    });
    return found == plate.controls.end() ? -1 : static_cast<int>(found - plate.controls.begin());
}

}  // namespace

PlateParts::PlateParts(const Plate& plate) : m_isTaken(plate.controls.size())
{
    for (int s = 0; s < static_cast<int>(plate.switches.size()); ++s) {
        switches.push_back(s);
        for (const auto& position : plate.switches[static_cast<std::size_t>(s)].positions) {
            const int button = placeOf(plate.controls, position.button);
            if (button >= 0) m_isTaken[static_cast<std::size_t>(button)] = true;
        }
    }
    if (plate.kind == ControllerKind::Wheel) {
        takeWheel(plate);
    } else {
        takePair(plate, ABS_X, ABS_Y, pad);
    }
    takePair(plate, ABS_RX, ABS_RY, mini);
    for (int i = 0; i < static_cast<int>(plate.controls.size()); ++i)
        sort(plate.controls[static_cast<std::size_t>(i)], i);
}

bool PlateParts::hasSmallThings() const
{
    return !(hats.empty() && turners.empty() && toggles.empty() && buttons.empty() &&
             mini.empty() && switches.empty());
}

void PlateParts::drop(const std::vector<int>& controls)
{
    for (auto* part : {&pad, &mini, &wheel, &bars, &levers, &hats, &turners, &toggles, &buttons}) {
        std::erase_if(*part, [&](int control) {
            return std::ranges::find(controls, control) != controls.end();
        });
    }
}

void PlateParts::takePair(const Plate& plate, int x, int y, std::vector<int>& pair)
{
    const int left = findTwoSided(plate, x);
    const int right = findTwoSided(plate, y);
    if (left < 0 || right < 0) return;
    pair = {left, right};
    for (const int place : pair) m_isTaken[static_cast<std::size_t>(place)] = true;
}

void PlateParts::takeWheel(const Plate& plate)
{
    for (const int code : {ABS_WHEEL, ABS_X}) {
        const int place = findTwoSided(plate, code);
        if (place < 0) continue;
        wheel = {place};
        m_isTaken[static_cast<std::size_t>(place)] = true;
        return;
    }
}

void PlateParts::sort(const PlateControl& control, int place)
{
    if (m_isTaken[static_cast<std::size_t>(place)]) return;
    switch (control.kind) {
        case ControlKind::Axis:
            (control.sides == Sides::Two ? bars : levers).push_back(place);
            break;
        case ControlKind::Hat:
            hats.push_back(place);
            break;
        case ControlKind::Turner:
            turners.push_back(place);
            break;
        case ControlKind::Button:
            (control.buttonKind == ButtonKind::Switch ? toggles : buttons).push_back(place);
            break;
    }
}

}  // namespace jolly
