// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/weave.h"

#include "core/sim/sheet_check.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/reach_check.h"
#include "core/weave/shape_check.h"

#include <map>
#include <set>
#include <tuple>

namespace jolly
{

namespace
{

/// Names every id of a list that stands in it before.
template <class Items, class Field>
void findTwins(const Items& items, Field field, const std::string& path, const std::string& what,
               Problems& problems)
{
    std::set<std::string> seen;
    for (std::size_t i = 0; i < items.size(); ++i) {
        if (seen.insert(items[i].*field).second) continue;
        problems.push_back({.severity = Severity::Error,
                            .path = path + "/" + std::to_string(i),
                            .sentence = "Two " + what + " are called \"" + items[i].*field + "\".",
                            .cure = "Give one of them another name.",
                            .meaning = "Strands could not tell them apart."});
    }
}

void findSleepers(const Tangle& tangle, Problems& problems)
{
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        const auto& strand = tangle.strands[i];
        if (!strand.isOn || doesCount(strand)) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/strands/" + std::to_string(i),
             .sentence = "Strand \"" + strand.name +
                         "\" sleeps: only the layer Base and the craft Everywhere run in this "
                         "version.",
             .cure = "Move it to Base and Everywhere to use it now; it is kept as it is.",
             .meaning = "It does nothing in flight."});
    }
}

void findMeetings(const Tangle& tangle, Problems& problems)
{
    std::map<std::tuple<std::string, VirtualControl>, std::vector<std::size_t>> meetings;
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        if (!doesCount(tangle.strands[i])) continue;
        for (const auto& target : tangle.strands[i].targets) {
            meetings[{target.device, target.control}].push_back(i);
        }
    }
    for (const auto& [place, strands] : meetings) {
        const auto* device = findDevice(tangle, std::get<0>(place));
        if (strands.size() < 2 || !device) continue;
        std::string names;
        for (const auto i : strands)
            names += (names.empty() ? "\"" : ", \"") + tangle.strands[i].name + "\"";
        const bool isButton = std::get<1>(place).kind == ControlKind::Button;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/strands/" + std::to_string(strands.back()),
             .sentence = std::to_string(strands.size()) + " strands meet on " +
                         nameOf(*device, std::get<1>(place)) + " of " + device->name + ": " +
                         names + ".",
             .cure = isButton ? "That is fine if either is to press it; else move one elsewhere."
                              : "That is fine if you move one at a time; else move one elsewhere.",
             .meaning = isButton ? "The game sees one button, pressed while any of them presses."
                                 : "The game sees one axis that several controls move."});
    }
}

}  // namespace

bool doesCount(const Strand& strand) noexcept
{
    return strand.isOn && strand.layer == kBase && strand.craft == kEverywhere;
}

Problems findProblems(const Tangle& tangle)
{
    Problems problems;
    findTwins(tangle.rig, &RigController::id, "/rig", "controllers", problems);
    findTwins(tangle.rig, &RigController::alias, "/rig", "controllers", problems);
    findTwins(tangle.devices, &VirtualDevice::id, "/devices", "virtual devices", problems);
    findTwins(tangle.layers, &Layer::id, "/layers", "layers", problems);
    findTwins(tangle.craft, &Craft::id, "/craft", "craft", problems);
    findTwins(tangle.strands, &Strand::id, "/strands", "strands", problems);
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        for (auto& problem : findStrandProblems(tangle, i)) problems.push_back(std::move(problem));
    }
    for (auto& problem : findDeviceProblems(tangle)) problems.push_back(std::move(problem));
    for (auto* find : {findSheetProblems, findSidesProblems, findHalfReaches, findUnfed}) {
        for (auto& problem : find(tangle)) problems.push_back(std::move(problem));
    }
    findSleepers(tangle, problems);
    findMeetings(tangle, problems);
    return problems;
}

}  // namespace jolly
