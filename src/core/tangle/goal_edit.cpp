// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/goal_edit.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

namespace
{

tl::unexpected<Failure> gone()
{
    return fail(Failure::Code::NotThere, words("That outlet is not there any more."),
                words("Choose another."));
}

}  // namespace

Result<std::size_t> leadOutlet(Tangle& tangle, const std::string& id, const std::string& outlet,
                               std::optional<std::size_t> end, const Goal& goal)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || (end && *end >= strand->ends.size())) return gone();
    const auto outlets = outletsOf(*strand);
    if (std::ranges::find(outlets, outlet) == outlets.end()) return gone();
    if (auto fits = fitGoal(tangle, goal, signalsOf(tangle, *strand).back().kind); !fits)
        return tl::unexpected(std::move(fits.error()));
    const auto how = usualHow(tangle, *strand, goal);
    if (!end) {
        end = strand->ends.size();
        strand->ends.push_back({outlet, goal, how});
    } else {
        auto& led = strand->ends[*end];
        if (how != usualHow(tangle, *strand, led.goal)) led.how = how;
        led.goal = goal;
        led.part = Part::Whole;
    }
    fitDevices(tangle);
    restWithGoals(tangle, id);
    return *end;
}

How usualHow(const Tangle& tangle, const Strand& strand, const Goal& goal)
{
    const auto* source = findControl(tangle, strand.source);
    const bool stays =
        source && source->kind == ControlKind::Button && !springsBack(source->buttonKind);
    const auto places = std::visit([](const auto& g) { return placesOfGoal(g); }, goal);
    const bool isOfKeys = std::ranges::any_of(places, [&](const Target& place) {
        const auto* device = findDevice(tangle, place.device);
        return device && device->kind == VirtualKind::Keyboard;
    });
    return stays && isOfKeys ? How::Pulse : How::Held;
}

void removeEnd(Tangle& tangle, const std::string& id, std::size_t end)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || end >= strand->ends.size()) return;
    strand->ends.erase(strand->ends.begin() + static_cast<std::ptrdiff_t>(end));
    fitDevices(tangle);
}

Fallible setPart(Tangle& tangle, const std::string& id, std::size_t end, Part part)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || end >= strand->ends.size()) return gone();
    const auto* target = targetOf(strand->ends[end]);
    const auto* device = target ? findDevice(tangle, target->device) : nullptr;
    if (part != Part::Whole && device) {
        const auto axis = *target;
        if (!mayRestInMiddle(*device, axis.control))
            return fail(Failure::Code::Unreadable,
                        say("%1 rests at its low end, in every game.", placeName(tangle, axis)),
                        words("Lead it to an axis that rests in the middle."));
        if (settingsOf(*device, axis.control).meeting == Meeting::MovedLast)
            setMeeting(tangle, axis, Meeting::Sum);
        setSides(tangle, axis, Sides::Two);
    }
    strand->ends[end].part = part;
    restWithGoals(tangle, id);
    return {};
}

std::string keyboardOf(Tangle& tangle)
{
    const auto found =
        std::ranges::find(tangle.devices, VirtualKind::Keyboard, &VirtualDevice::kind);
    return found == tangle.devices.end() ? addDevice(tangle, VirtualKind::Keyboard) : found->id;
}

}  // namespace jolly
