// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/roles.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

namespace jolly
{

namespace
{

constexpr auto kAxis = ControlKind::Axis;
constexpr auto kButton = ControlKind::Button;
constexpr auto kHat = ControlKind::Hat;
constexpr auto kTurner = ControlKind::Turner;

constexpr std::array kRoles = {
    Role{"roll", kAxis, "right"},
    Role{"pitch", kAxis, "back"},
    Role{"yaw", kAxis, "right"},
    Role{"rudder", kAxis, "right"},
    Role{"left toe brake", kAxis, "pressed"},
    Role{"right toe brake", kAxis, "pressed"},
    Role{"power lever", kAxis, "forward"},
    Role{"left power lever", kAxis, "forward"},
    Role{"right power lever", kAxis, "forward"},
    Role{"propeller lever", kAxis, "forward"},
    Role{"mixture lever", kAxis, "forward"},
    Role{"flap lever", kAxis, "back"},
    Role{"air brake lever", kAxis, "back"},
    Role{"collective", kAxis, "up"},
    Role{"trim wheel", kAxis, "up"},
    Role{"tiller", kAxis, "right"},
    Role{"steering", kAxis, "right"},
    Role{"accelerator", kAxis, "pressed"},
    Role{"brake", kAxis, "pressed"},
    Role{"clutch", kAxis, "pressed"},
    Role{"hand brake", kAxis, "pulled"},
    Role{"look left-right", kAxis, "right"},
    Role{"look up-down", kAxis, "down"},
    Role{"trigger", kButton, ""},
    Role{"modifier", kButton, ""},
    Role{"push to talk", kButton, ""},
    Role{"brake button", kButton, ""},
    Role{"gear up", kButton, ""},
    Role{"gear down", kButton, ""},
    Role{"flaps up", kButton, ""},
    Role{"flaps down", kButton, ""},
    Role{"shift up", kButton, ""},
    Role{"shift down", kButton, ""},
    Role{"look around", kHat, ""},
    Role{"trim", kHat, ""},
    Role{"dial", kTurner, ""},
};

constexpr std::array<std::pair<std::string_view, std::string_view>, 5> kOpposites = {{
    {"right", "left"},
    {"forward", "back"},
    {"up", "down"},
    {"pressed", "let go"},
    {"pulled", "pushed"},
}};

constexpr std::array<std::string_view, 9> kWays = {"right", "left",    "forward", "back",  "up",
                                                   "down",  "pressed", "pulled",  "pushed"};

/// Nearer to rest than this is no way at all.
constexpr double kAtRest = 0.02;

}  // namespace

std::span<const Role> knownRoles()
{
    return kRoles;
}

const Role* findRole(std::string_view name)
{
    const auto found = std::ranges::find(kRoles, name, &Role::name);
    return found == kRoles.end() ? nullptr : &*found;
}

std::string_view oppositeOf(std::string_view way)
{
    for (const auto& [one, other] : kOpposites) {
        if (way == one) return other;
        if (way == other) return one;
    }
    return {};
}

std::span<const std::string_view> knownWays()
{
    return kWays;
}

std::string natureOf(const RigControl& control)
{
    std::string text = control.label.empty() ? std::string() : control.role;
    if (!control.more.empty()) text += (text.empty() ? "" : ", ") + control.more + " is more";
    return text;
}

std::string_view wayOf(const RigControl& control, double value)
{
    if (control.kind != ControlKind::Axis || std::abs(value) < kAtRest) return {};
    return value > 0.0 ? std::string_view(control.more) : oppositeOf(control.more);
}

}  // namespace jolly
