// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/remedies.h"

#include "core/sim/spread.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <charconv>
#include <optional>

namespace jolly
{

namespace
{

tl::unexpected<Failure> gone()
{
    return fail(Failure::Code::NotThere, words("What this was about is gone."),
                words("Look at the list anew."));
}

/// The number after `key` in a path: 3 for "/strands/3/ends/0" and "/strands/".
std::optional<std::size_t> placeIn(std::string_view path, std::string_view key)
{
    const auto at = path.find(key);
    if (at == std::string_view::npos) return std::nullopt;
    const auto digits = path.substr(at + key.size());
    std::size_t place = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), place);
    return error == std::errc{} && end != digits.data() ? std::optional(place) : std::nullopt;
}

VirtualDevice* deviceAt(Tangle& tangle, const Problem& problem)
{
    const auto place = placeIn(problem.path, "/devices/");
    return place && *place < tangle.devices.size() ? &tangle.devices[*place] : nullptr;
}

/// A remedy that only changes the device at which the problem is.
template <void (*Change)(VirtualDevice&)>
Fallible reshape(Tangle& tangle, const Problem& problem)
{
    auto* device = deviceAt(tangle, problem);
    if (!device) return gone();
    Change(*device);
    device->sizing = Sizing::Fixed;
    return {};
}

void giveTwoAxes(VirtualDevice& device)
{
    device.axes = kFewestAxes;
}
void giveTwoButtons(VirtualDevice& device)
{
    device.buttons = kFewestButtons;
}
void giveEightAxes(VirtualDevice& device)
{
    device.axes = kSafeAxes;
}
void leaveOneHat(VirtualDevice& device)
{
    device.hats = kSafeHats;
}

Fallible freshNumber(Tangle& tangle, const Problem& problem)
{
    auto* device = deviceAt(tangle, problem);
    if (!device) return gone();
    device->number = freeNumber(tangle);
    return {};
}

Fallible freshName(Tangle& tangle, const Problem& problem)
{
    auto* device = deviceAt(tangle, problem);
    if (!device) return gone();
    const auto stem = device->name.empty() ? "Jolly" : device->name;
    device->name = freeName(tangle, stem);
    return {};
}

Fallible freshIds(Tangle& tangle, const Problem& problem)
{
    auto* device = deviceAt(tangle, problem);
    if (!device) return gone();
    device->ids.reset();
    return {};
}

/// The strand and the place of the end that a problem is about.
std::optional<std::pair<Strand*, std::size_t>> endAt(Tangle& tangle, const Problem& problem)
{
    const auto strand = placeIn(problem.path, "/strands/");
    const auto end = placeIn(problem.path, "/ends/");
    if (!strand || !end || *strand >= tangle.strands.size()) return std::nullopt;
    auto& found = tangle.strands[*strand];
    if (*end >= found.ends.size()) return std::nullopt;
    return std::pair(&found, *end);
}

/// The same, of an end that leads to a virtual control.
std::optional<std::pair<Strand*, std::size_t>> targetAt(Tangle& tangle, const Problem& problem)
{
    const auto end = endAt(tangle, problem);
    return end && targetOf(end->first->ends[end->second]) ? end : std::nullopt;
}

Fallible grow(Tangle& tangle, const Problem& problem)
{
    const auto end = targetAt(tangle, problem);
    if (!end) return gone();
    const auto& target = *targetOf(end->first->ends[end->second]);
    auto* device = findDevice(tangle, target.device);
    if (!device) return gone();
    if (!growFor(*device, target.control))
        return fail(Failure::Code::Unreadable,
                    say("%1 cannot have %2.", device->name, nameOf(target.control)),
                    words("Move the end to another one."));
    return {};
}

Fallible toNextFree(Tangle& tangle, const Problem& problem)
{
    const auto end = targetAt(tangle, problem);
    if (!end) return gone();
    auto& target = *targetOf(end->first->ends[end->second]);
    const auto to = nextFree(tangle, target.control.kind);
    if (!to)
        return fail(Failure::Code::NotThere, words("No virtual device has a free one."),
                    words("Add a virtual device first."));
    target = *to;
    fitDevices(tangle);
    return {};
}

Fallible restAlike(Tangle& tangle, const Problem& problem)
{
    const auto end = targetAt(tangle, problem);
    if (!end) return gone();
    const auto axis = *targetOf(end->first->ends[end->second]);
    setSides(tangle, axis, signalsOf(tangle, *end->first).back().sides);
    return {};
}

Fallible restWithGoal(Tangle& tangle, const Problem& problem)
{
    const auto end = targetAt(tangle, problem);
    if (!end) return gone();
    restWithGoals(tangle, std::string(end->first->id));
    return {};
}

/// The pilot knows what the computer does on a chord, and wants it sent.
Fallible meanIt(Tangle& tangle, const Problem& problem)
{
    const auto end = endAt(tangle, problem);
    auto* chord = end ? keysOf(end->first->ends[end->second]) : nullptr;
    if (!chord) return gone();
    chord->isMeant = true;
    return {};
}

Fallible replan(Tangle& tangle, const Problem&)
{
    const auto plan = spread(tangle);
    if (plan.changesNothing())
        return fail(Failure::Code::NotThere, words("No other plan fits this sim better."),
                    words("Take something away, or choose another sheet."));
    applySpread(tangle, plan);
    return {};
}

constexpr Remedy kRemedies[] = {
    {"two-axes", words("Give it two axes"), reshape<giveTwoAxes>},
    {"two-buttons", words("Give it two buttons"), reshape<giveTwoButtons>},
    {"eight-axes", words("Give it eight axes"), reshape<giveEightAxes>},
    {"one-hat", words("Leave it one hat"), reshape<leaveOneHat>},
    {"fresh-number", words("Give it a free number"), freshNumber},
    {"fresh-name", words("Give it a free name"), freshName},
    {"fresh-ids", words("Give it ids of its own"), freshIds},
    {"grow", words("Make the device large enough"), grow},
    {"next-free", words("Lead it to the next free one"), toNextFree},
    {"same-rest", words("Let it rest there, too"), restAlike},
    {"rest-with-goal", words("Let its stage rest there, too"), restWithGoal},
    {"mean-it", words("Send it all the same"), meanIt},
    {"replan", words("Plan it for this sim"), replan},
};

}  // namespace

std::span<const Remedy> allRemedies() noexcept
{
    return kRemedies;
}

const Remedy* remedyFor(const Problem& problem) noexcept
{
    const auto found = std::ranges::find(kRemedies, problem.remedy, &Remedy::key);
    return found == std::end(kRemedies) ? nullptr : found;
}

}  // namespace jolly
