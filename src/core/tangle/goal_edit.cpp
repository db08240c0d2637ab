// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/value/kind_words.h"
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
    return fail(Failure::Code::NotThere, "That outlet is not there any more.", "Choose another.");
}

/// What is wrong with a goal for what leaves the stages.
Fallible check(const Tangle& tangle, ControlKind kind, const Goal& goal)
{
    const std::string word(wordsOf(kind).any);
    if (const auto* target = std::get_if<Target>(&goal)) {
        const auto* device = findDevice(tangle, target->device);
        if (!device)
            return fail(Failure::Code::NotThere, "That virtual device is gone.", "Choose another.");
        if (kind == target->control.kind) return {};
        return fail(Failure::Code::Unreadable,
                    "The outlet gives " + word + ", " + nameOf(*device, target->control) + " is " +
                        std::string(wordsOf(target->control.kind).any) + ".",
                    "Choose " + word + " on the right.");
    }
    if (kind == ControlKind::Button || std::holds_alternative<Nothing>(goal)) return {};
    return fail(Failure::Code::Unreadable, "The outlet gives " + word + ", which presses nothing.",
                "Make a button of it with a stage first.");
}

}  // namespace

Result<std::size_t> leadOutlet(Tangle& tangle, const std::string& id, const std::string& outlet,
                               std::optional<std::size_t> end, const Goal& goal)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || (end && *end >= strand->ends.size())) return gone();
    const auto outlets = outletsOf(*strand);
    if (std::ranges::find(outlets, outlet) == outlets.end()) return gone();
    if (auto fits = check(tangle, signalsOf(tangle, *strand).back().kind, goal); !fits)
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
