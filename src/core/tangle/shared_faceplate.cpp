// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/shared_faceplate.h"

#include "core/tangle/lookup.h"
#include "core/tangle/switches.h"

#include <algorithm>

namespace jolly
{

SharedFaceplate share(const RigController& controller)
{
    SharedFaceplate shared{controller.identity.name,
                           controller.identity.vendor,
                           controller.identity.product,
                           controller.kind,
                           {},
                           controller.switches,
                           controller.faceplate,
                           {}};
    for (const auto& c : controller.controls)
        shared.controls.push_back(
            {c.code, c.label, c.role, c.more, c.kind, c.sides, c.buttonKind, {}});
    return shared;
}

std::vector<Sentence> takeShared(RigController& controller, const SharedFaceplate& shared)
{
    std::vector<Sentence> remarks;
    const auto& identity = controller.identity;
    if (identity.vendor != shared.vendor || identity.product != shared.product)
        remarks.push_back(say("It was made for %1, this is %2.", shared.name, identity.name));
    std::size_t missing = 0;
    for (const auto& from : shared.controls) {
        auto* control = findControl(controller, from.code);
        if (!control || control->kind != from.kind) {
            ++missing;
            continue;
        }
        control->label = from.label;
        control->role = from.role;
        control->more = from.more;
        control->sides = from.sides;
        control->buttonKind = from.buttonKind;
    }
    controller.kind = shared.controllerKind;
    controller.faceplate = shared.arrangement;
    controller.switches.clear();
    for (const auto& each : shared.switches) {
        if (const auto put = putSwitch(controller, std::nullopt, each); !put)
            remarks.push_back(
                say("The switch %1 was left out: %2", each.name, put.error().sentence));
    }
    std::erase_if(controller.faceplate.parts, [&](const PlatePart& part) {
        return findControl(controller, part.control) == nullptr;
    });
    if (missing > 0)
        remarks.push_back(several("%n of its controls is not on this one and left out.",
                                  "%n of its controls are not on this one and left out.", missing));
    return remarks;
}

}  // namespace jolly
