// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "core/value/kind_words.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/likely.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_effect.h"
#include "core/tangle/stage_shape.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <set>
#include <utility>

namespace jolly
{

namespace
{

std::set<std::string> allIds(const Tangle& tangle)
{
    std::set<std::string> ids;
    for (const auto& c : tangle.rig) ids.insert(c.id);
    for (const auto& d : tangle.devices) ids.insert(d.id);
    for (const auto& f : tangle.functions) ids.insert(f.id);
    for (const auto& l : tangle.layers) ids.insert(l.id);
    for (const auto& c : tangle.craft) ids.insert(c.id);
    for (const auto& s : tangle.strands) ids.insert(s.id);
    return ids;
}

std::string freeAlias(const Tangle& tangle, const std::string& name)
{
    auto alias = name;
    for (int n = 2; findBy(tangle.rig, &RigController::alias, alias); ++n)
        alias = name + " " + std::to_string(n);
    return alias;
}

/// The first kind of stage that makes one kind of control of another; nothing when there is none.
std::optional<StageParameters> turning(ControlKind from, ControlKind to)
{
    std::optional<StageParameters> turn;
    StageList::forEach([&](const auto& kind) {
        if (!turn && kind.kInfo.takes.has(from) && signalAfter(kind, {from, Sides::Two}).kind == to)
            turn = kind;
    });
    return turn;
}

bool coversRest(const Stage& stage)
{
    return restCoverOf(stage.parameters).has_value();
}

}  // namespace

Tangle newTangle()
{
    Tangle tangle;
    addDevice(tangle, VirtualKind::Joystick);
    fitDevices(tangle);
    return tangle;
}

std::string freshId(const Tangle& tangle, const std::string& stem)
{
    const auto ids = allIds(tangle);
    for (std::size_t n = 1;; ++n) {
        auto id = stem + "-" + std::to_string(n);
        if (!ids.contains(id)) return id;
    }
}

std::string slugOf(const std::string& name, const std::string& none)
{
    std::string text;
    for (const char c : name) {
        const bool isWord =
            (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || (c >= 'A' && c <= 'Z');
        if (isWord) text += static_cast<char>(c >= 'A' && c <= 'Z' ? c + ('a' - 'A') : c);
        if (!isWord && !text.empty() && text.back() != '-') text += '-';
    }
    while (!text.empty() && text.back() == '-') text.pop_back();
    return text.empty() ? none : text;
}

std::string freshIdFor(const Tangle& tangle, const std::string& name, const std::string& none)
{
    const auto id = slugOf(name, none);
    return allIds(tangle).contains(id) ? freshId(tangle, id) : id;
}

RigController adopt(const ControllerDescription& description, const Tangle& tangle)
{
    RigController controller;
    controller.id = freshIdFor(tangle, description.identity.name, "controller");
    controller.alias = freeAlias(tangle, description.identity.name);
    controller.identity = description.identity;
    controller.kind = likelyKind(description);
    const bool isDesk =
        controller.kind == ControllerKind::Keyboard || controller.kind == ControllerKind::Pointer;
    controller.hiding = isDesk ? Hiding::None : Hiding::Held;
    for (const auto& control : description.controls) {
        controller.controls.push_back(
            {.code = control.code,
             .kind = control.kind,
             .sides = likelySides(description, controller.kind, control.code),
             .calibration = Calibration::ofRange(control.low, control.high)});
    }
    return controller;
}

void putIntoRig(Tangle& tangle, const RigController& controller)
{
    if (auto* known = findController(tangle, controller.id)) {
        *known = controller;
    } else {
        tangle.rig.push_back(controller);
    }
}

double coverOfRest(const Strand& strand)
{
    const auto found = std::ranges::find_if(strand.stages, coversRest);
    if (found == strand.stages.end() || !found->isOn) return 0.0;
    const auto cover = *restCoverOf(found->parameters);
    return std::min(cover.below, cover.above);
}

void coverRest(Tangle& tangle, const Source& axis, double amount)
{
    for (auto& strand : tangle.strands) {
        if (strand.source != axis) continue;
        auto found = std::ranges::find_if(strand.stages, coversRest);
        if (found == strand.stages.end())
            found = strand.stages.insert(strand.stages.begin(), {DeadZone::none()});
        found->isOn = true;
        const auto cover = *restCoverOf(found->parameters);
        setRestCover(found->parameters,
                     {std::max(cover.below, amount), std::max(cover.above, amount)});
    }
}

Result<std::string> connect(Tangle& tangle, const RigController& controller, ControlCode control,
                            const Target& target)
{
    const auto* from = findControl(controller, control);
    const auto* device = findDevice(tangle, target.device);
    if (!from || !device)
        return fail(Failure::Code::NotThere, words("That control is not there any more."),
                    words("Touch it again."));
    const bool isSame = from->kind == target.control.kind;
    const auto turn = turning(from->kind, target.control.kind);
    if (!isSame && !turn) {
        const auto word = wordsOf(from->kind).any;
        return fail(Failure::Code::Unreadable,
                    say("%1 is %2, %3 is %4.", nameOf(controller, *from), word,
                        nameOf(*device, target.control), wordsOf(target.control.kind).any),
                    from->kind == ControlKind::Turner
                        ? words("Choose an axis or a button on the right.")
                        : say("Choose %1 on the right.", word));
    }
    const bool isFirst = device->kind == VirtualKind::Joystick && takersOf(tangle, target).empty();
    if (!findController(tangle, controller.id)) tangle.rig.push_back(controller);
    Strand strand{.id = freshId(tangle, "strand"), .name = nameOf(controller, *from).english()};
    strand.source = {controller.id, control};
    strand.ends = endsAt({target});
    strand.ends.front().how = usualHow(tangle, strand, target);
    if (isSame && from->kind == ControlKind::Axis && isFirst) setSides(tangle, target, from->sides);
    tangle.strands.push_back(strand);
    if (isSame) return strand.id;
    auto stage = *turn;
    holdBeyond(stage, heldBeyond(*from));
    addStage(tangle, strand.id, stage);
    return strand.id;
}

Result<std::string> connectInstead(Tangle& tangle, const RigController& controller,
                                   ControlCode control, const Target& target,
                                   const std::function<bool(const Strand&)>& mayGo)
{
    auto changed = tangle;
    std::erase_if(changed.strands, [&](Strand& strand) {
        if (mayGo && !mayGo(strand)) return false;
        const bool wasThere = std::erase_if(strand.ends, [&](const End& end) {
                                  return end.goal == Goal(target);
                              }) > 0;
        return wasThere && strand.ends.empty();
    });
    auto woven = connect(changed, controller, control, target);
    if (woven) tangle = std::move(changed);
    return woven;
}

bool goesOneWay(const Tangle& tangle, const Strand& strand, const Target& axis)
{
    const auto* device = findDevice(tangle, axis.device);
    const auto signals = signalsOf(tangle, strand);
    const bool isAxis = axis.control.kind == ControlKind::Axis &&
                        signals.back().kind == ControlKind::Axis && device;
    const bool isOneSided =
        signals.front().kind != ControlKind::Axis || signals.back().sides == Sides::One;
    return isAxis && isOneSided && mayRestInMiddle(*device, axis.control);
}

Result<std::string> connectOtherWay(Tangle& tangle, const std::string& first,
                                    const RigController& controller, ControlCode control,
                                    const Target& axis)
{
    auto changed = tangle;
    auto woven = connect(changed, controller, control, axis);
    if (!woven) return woven;
    for (const auto& id : {first, *woven}) {
        const auto* strand = findStrand(changed, id);
        if (!strand || !goesOneWay(changed, *strand, axis))
            return fail(Failure::Code::Unreadable,
                        words("Only what goes one way, as a pedal, a trigger or a key, can be half "
                              "of an axis."),
                        words("Lead it to the whole axis, or put the stage \"half\" in front."));
        for (std::size_t end = 0; end < strand->ends.size(); ++end) {
            if (strand->ends[end].goal != Goal(axis)) continue;
            if (auto done = setPart(changed, id, end, id == first ? Part::Lower : Part::Upper);
                !done)
                return tl::unexpected(std::move(done.error()));
        }
    }
    tangle = std::move(changed);
    return woven;
}

Fallible beginAt(Tangle& tangle, const std::string& strand, const RigController& controller,
                 ControlCode control)
{
    auto* moved = findStrand(tangle, strand);
    const auto* to = findControl(controller, control);
    if (!moved || !to)
        return fail(Failure::Code::NotThere, words("That control is not there any more."),
                    words("Touch it again."));
    const auto& source = moved->source;
    const auto* known = findController(tangle, source.controller);
    const auto* from = known ? findControl(*known, source.control) : nullptr;
    if (from && from->kind != to->kind)
        return fail(
            Failure::Code::Unreadable,
            say("%1 is of another kind than %2.", nameOf(controller, *to), nameOf(*known, *from)),
            words("Choose a control of the same kind."));
    moved->source = {controller.id, control};
    if (!findController(tangle, controller.id)) tangle.rig.push_back(controller);
    return {};
}

std::string duplicate(Tangle& tangle, const std::string& strand)
{
    const auto found = std::ranges::find(tangle.strands, strand, &Strand::id);
    if (found == tangle.strands.end()) return {};
    auto copy = *found;
    copy.id = freshId(tangle, "strand");
    tangle.strands.insert(found + 1, copy);
    return copy.id;
}

double heldBeyond(const RigControl& axis)
{
    const auto& calibration = axis.calibration;
    const double travel = axis.sides == Sides::Two ? 2.0 : 1.0;
    const double count = travel / (static_cast<double>(calibration.high) - calibration.low);
    return std::max(kLeastHeld, 3.0 * count * calibration.noise);
}

}  // namespace jolly
