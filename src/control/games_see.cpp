// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/games_see.h"

#include "core/tangle/signals.h"
#include "core/weave/weave.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Meaning = GameSight::Meaning;

bool isWoven(const Tangle& tangle, const RigController& controller)
{
    return std::ranges::any_of(tangle.strands, [&](const Strand& strand) {
        return doesCount(strand) && dependsOn(strand, controller.id);
    });
}

GameSight sightOf(const VirtualDevice& device, bool isThere)
{
    return {device.name,
            true,
            {},
            isThere ? Meaning::Fine : Meaning::Missing,
            isThere ? words("Games see it: bind to this one.") : words("It is there while live."),
            Match::kUnknown};
}

std::pair<Meaning, Words> judge(const Tangle& tangle, const EngineStatus& status,
                                const PresentController& controller)
{
    if (controller.rig < 0)
        return {Meaning::Fine, words("Games hear it; it is not in the tangle.")};
    const auto& rig = tangle.rig[static_cast<std::size_t>(controller.rig)];
    if (!isWoven(tangle, rig))
        return {Meaning::Fine, words("Games hear it; no strand begins there.")};
    if (!status.isLive) return {Meaning::Fine, words("Games hear it until you go live.")};
    if (controller.hold == Hold::Held && controller.isOursAlone)
        return {Meaning::Hidden, words("Games that start now do not find it.")};
    if (controller.hold == Hold::Held)
        return {Meaning::Silent, words("Games list it, but do not hear it: bind nothing to it.")};
    if (rig.hiding == Hiding::FromLaunched)
        return {Meaning::Hidden, words("Launched games do not find it; all others hear it.")};
    if (controller.hold == Hold::Waiting)
        return {Meaning::DoubleInput, words("Games hear it twice until its buttons are let go.")};
    return {Meaning::DoubleInput, words("Games hear it twice: itself and what it is woven to.")};
}

bool isJoystick(const PresentController& controller)
{
    const auto kind = controller.description.kind;
    return kind != ControllerKind::Keyboard && kind != ControllerKind::Pointer;
}

}  // namespace

std::vector<GameSight> whatGamesSee(const Tangle& tangle, const EngineStatus& status)
{
    std::vector<GameSight> all;
    for (const auto& device : tangle.devices) {
        if (!device.isForGames()) continue;
        const auto present = std::ranges::find(status.devices, device.id, &PresentDevice::id);
        all.push_back(sightOf(device, present != status.devices.end() && present->isThere));
    }
    const auto first = static_cast<std::ptrdiff_t>(all.size());
    for (const auto& controller : status.controllers) {
        const bool isKnown =
            controller.rig < 0 || static_cast<std::size_t>(controller.rig) < tangle.rig.size();
        if (!isJoystick(controller) || !isKnown) continue;
        const auto [meaning, sentence] = judge(tangle, status, controller);
        all.push_back({controller.description.identity.name, false, controller.description.nodes,
                       meaning, sentence, controller.rig});
    }
    std::ranges::stable_sort(all.begin() + first, all.end(), {}, &GameSight::nodes);
    return all;
}

}  // namespace jolly
