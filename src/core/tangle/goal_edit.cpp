// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/goal_edit.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
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
    if (!end) {
        end = strand->ends.size();
        strand->ends.push_back({outlet, goal});
    } else {
        strand->ends[*end].goal = goal;
        strand->ends[*end].part = Part::Whole;
    }
    fitDevices(tangle);
    return *end;
}

void removeEnd(Tangle& tangle, const std::string& id, std::size_t end)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || end >= strand->ends.size()) return;
    strand->ends.erase(strand->ends.begin() + static_cast<std::ptrdiff_t>(end));
    fitDevices(tangle);
}

void setPart(Tangle& tangle, const std::string& id, std::size_t end, Part part)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || end >= strand->ends.size()) return;
    strand->ends[end].part = part;
    const auto* axis = targetOf(strand->ends[end]);
    auto* device = axis ? findDevice(tangle, axis->device) : nullptr;
    if (!device || part == Part::Whole) return;
    auto settings = settingsOf(*device, axis->control);
    if (settings.meeting == Meeting::MovedLast) setMeeting(tangle, *axis, Meeting::Sum);
}

std::string keyboardOf(Tangle& tangle)
{
    const auto found =
        std::ranges::find(tangle.devices, VirtualKind::Keyboard, &VirtualDevice::kind);
    return found == tangle.devices.end() ? addDevice(tangle, VirtualKind::Keyboard) : found->id;
}

}  // namespace jolly
