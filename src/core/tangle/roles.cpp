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
    Role{words("roll"), kAxis, words("right")},
    Role{words("pitch"), kAxis, words("back")},
    Role{words("yaw"), kAxis, words("right")},
    Role{words("rudder"), kAxis, words("right")},
    Role{words("left toe brake"), kAxis, words("pressed")},
    Role{words("right toe brake"), kAxis, words("pressed")},
    Role{words("power lever"), kAxis, words("forward")},
    Role{words("left power lever"), kAxis, words("forward")},
    Role{words("right power lever"), kAxis, words("forward")},
    Role{words("propeller lever"), kAxis, words("forward")},
    Role{words("mixture lever"), kAxis, words("forward")},
    Role{words("flap lever"), kAxis, words("back")},
    Role{words("air brake lever"), kAxis, words("back")},
    Role{words("collective"), kAxis, words("up")},
    Role{words("trim wheel"), kAxis, words("up")},
    Role{words("tiller"), kAxis, words("right")},
    Role{words("steering"), kAxis, words("right")},
    Role{words("accelerator"), kAxis, words("pressed")},
    Role{words("brake"), kAxis, words("pressed")},
    Role{words("clutch"), kAxis, words("pressed")},
    Role{words("hand brake"), kAxis, words("pulled")},
    Role{words("look left-right"), kAxis, words("right")},
    Role{words("look up-down"), kAxis, words("down")},
    Role{words("trigger"), kButton, {}},
    Role{words("modifier"), kButton, {}},
    Role{words("push to talk"), kButton, {}},
    Role{words("brake button"), kButton, {}},
    Role{words("gear up"), kButton, {}},
    Role{words("gear down"), kButton, {}},
    Role{words("flaps up"), kButton, {}},
    Role{words("flaps down"), kButton, {}},
    Role{words("shift up"), kButton, {}},
    Role{words("shift down"), kButton, {}},
    Role{words("look around"), kHat, {}},
    Role{words("trim"), kHat, {}},
    Role{words("dial"), kTurner, {}},
};

constexpr std::array<std::pair<std::string_view, std::string_view>, 5> kOpposites = {{
    {"right", "left"},
    {"forward", "back"},
    {"up", "down"},
    {"pressed", "let go"},
    {"pulled", "pushed"},
}};

constexpr std::array kWays = {words("right"),   words("left"),   words("forward"),
                              words("back"),    words("up"),     words("down"),
                              words("pressed"), words("pulled"), words("pushed")};

/// Nearer to rest than this is no way at all.
constexpr double kAtRest = 0.02;

}  // namespace

std::span<const Role> knownRoles()
{
    return kRoles;
}

const Role* findRole(std::string_view name)
{
    const auto found =
        std::ranges::find_if(kRoles, [&](const Role& role) { return role.name.english() == name; });
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

std::span<const Words> knownWays()
{
    return kWays;
}

Sentence natureOf(const RigControl& control)
{
    const auto role = Sentence::ourWord(control.label.empty() ? std::string() : control.role);
    if (control.more.empty()) return role;
    const auto way = say("%1 is more", Sentence::ourWord(control.more));
    return role.empty() ? way : inARow({role, way});
}

std::string_view wayOf(const RigControl& control, double value)
{
    if (control.kind != ControlKind::Axis || std::abs(value) < kAtRest) return {};
    return value > 0.0 ? std::string_view(control.more) : oppositeOf(control.more);
}

}  // namespace jolly
