// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/weave.h"

#include "core/layers/meanings.h"
#include "core/sim/sheet_check.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_effect.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/function_check.h"
#include "core/weave/layer_check.h"
#include "core/weave/reach_check.h"
#include "core/weave/shape_check.h"

#include <map>
#include <set>
#include <tuple>
#include <vector>

namespace jolly
{

namespace
{

/// What is said of names in a list that are empty or not the only ones.
struct TwinWords {
    Words nameless;
    Words twins;  ///< with a place for the name
};

constexpr TwinWords kControllers{words("One of the controllers has no name."),
                                 words("Two controllers are called \"%1\".")};
constexpr TwinWords kDevices{words("One of the virtual devices has no name."),
                             words("Two virtual devices are called \"%1\".")};
constexpr TwinWords kFunctions{words("One of the functions has no name."),
                               words("Two functions are called \"%1\".")};
constexpr TwinWords kLayers{words("One of the layers has no name."),
                            words("Two layers are called \"%1\".")};
constexpr TwinWords kCraft{words("One of the craft has no name."),
                           words("Two craft are called \"%1\".")};
constexpr TwinWords kStrands{words("One of the strands has no name."),
                             words("Two strands are called \"%1\".")};
constexpr TwinWords kFeels{words("One of the feels has no name."),
                           words("Two feels are called \"%1\".")};

/// Names every id of a list that is empty, or stands in it before.
template <class Items, class Field>
void findTwins(const Items& items, Field field, const std::string& path, const TwinWords& what,
               Problems& problems, Severity severity = Severity::Error)
{
    std::set<std::string> seen;
    for (std::size_t i = 0; i < items.size(); ++i) {
        const auto& name = items[i].*field;
        const bool isFine = !name.empty() && seen.insert(name).second;
        if (isFine) continue;
        problems.push_back(
            {.severity = severity,
             .path = path + "/" + std::to_string(i),
             .sentence = name.empty() ? what.nameless : filled(what.twins.english(), {name}),
             .cure = name.empty() ? words("Give it one.") : words("Give one of them another name."),
             .meaning = words("They could not be told apart.")});
    }
}

/// Craft whose parents are not there, or go round in a ring.
void findLostCraft(const Tangle& tangle, Problems& problems)
{
    std::map<std::string, std::size_t> places;
    for (std::size_t i = 0; i < tangle.craft.size(); ++i) places.emplace(tangle.craft[i].id, i);
    const auto parentOf = [&](std::size_t i) {
        const auto found = places.find(tangle.craft[i].parent);
        return found == places.end() ? i : found->second;
    };
    enum class Way : std::uint8_t { Unknown, Going, ToTheRoot, Lost };
    std::vector<Way> ways(tangle.craft.size(), Way::Unknown);
    for (std::size_t i = 0; i < tangle.craft.size(); ++i) {
        std::vector<std::size_t> line;
        auto at = i;
        for (; ways[at] == Way::Unknown; at = parentOf(at)) {
            ways[at] = Way::Going;
            line.push_back(at);
        }
        const bool isRing = ways[at] == Way::Going && !tangle.craft[at].parent.empty();
        const bool isLost = isRing || ways[at] == Way::Lost;
        for (const auto each : line) ways[each] = isLost ? Way::Lost : Way::ToTheRoot;
    }
    for (std::size_t i = 0; i < tangle.craft.size(); ++i) {
        if (ways[i] != Way::Lost) continue;
        const auto& craft = tangle.craft[i];
        const bool isThere = places.contains(craft.parent);
        problems.push_back({.severity = Severity::Error,
                            .path = "/craft/" + std::to_string(i) + "/parent",
                            .sentence = isThere
                                            ? say("The craft \"%1\" belongs to \"%2\", whose own "
                                                  "family never comes to Everywhere.",
                                                  craft.name, craft.parent)
                                            : say("The craft \"%1\" belongs to \"%2\", which the "
                                                  "tangle does not have.",
                                                  craft.name, craft.parent),
                            .cure = words("Let it belong to \"everywhere\" or to another craft."),
                            .meaning = words("It inherits nothing.")});
    }
}

void findMeetings(const Tangle& tangle, Problems& problems)
{
    using Where = std::tuple<std::string, VirtualControl, std::string, std::string>;
    std::map<Where, std::vector<std::size_t>> meetings;  // of one layer and craft
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        if (!doesCount(tangle.strands[i])) continue;
        const auto& strand = tangle.strands[i];
        for (const auto& end : strand.ends) {
            const auto* target = targetOf(end);
            if (!target || end.part != Part::Whole) continue;  // halves are meant to meet
            meetings[{target->device, target->control, strand.layer, strand.craft}].push_back(i);
        }
    }
    for (const auto& [place, strands] : meetings) {
        const auto* device = findDevice(tangle, std::get<0>(place));
        const bool addsUp = std::get<1>(place).kind == ControlKind::Turner;
        if (strands.size() < 2 || !device || addsUp) continue;
        const auto names =
            listed(strands, [&](auto i) { return say("\"%1\"", tangle.strands[i].name); });
        const bool isButton = std::get<1>(place).kind == ControlKind::Button;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/strands/" + std::to_string(strands.back()),
             .sentence = say("%1 strands meet on %2 of %3: %4.", strands.size(),
                             nameOf(*device, std::get<1>(place)), device->name, names),
             .cure = isButton
                         ? words("That is fine if either is to press it; else move one elsewhere.")
                         : words("That is fine if you move one at a time; else move one "
                                 "elsewhere."),
             .meaning = isButton
                            ? words("The game sees one button, pressed while any of them presses.")
                            : words("The game sees one axis that several controls move.")});
    }
}

/// Strands of a button that another strand takes for a position of its switch.
void findSwitchesInUse(const Tangle& tangle, Problems& problems)
{
    std::map<std::pair<std::string, ControlCode>, const Strand*> places;
    for (const auto& strand : tangle.strands) {
        if (!doesCount(strand)) continue;
        for (const auto& stage : strand.stages) {
            if (!stage.isOn) continue;
            forEachPosition(stage.parameters, [&](const Source& position) {
                places.try_emplace({position.controller, position.control}, &strand);
            });
        }
    }
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
        const auto& strand = tangle.strands[i];
        if (!doesCount(strand)) continue;
        const auto found = places.find({strand.source.controller, strand.source.control});
        if (found == places.end() || found->second == &strand) continue;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = "/strands/" + std::to_string(i),
             .sentence = say("Strand \"%1\" begins at a button that is a position of \"%2\".",
                             strand.name, found->second->name),
             .cure = words("That is fine if both are to happen; else switch one of them off."),
             .meaning = words("The button does two things.")});
    }
}

/// What the own sim of a craft does not take of what the craft does.
void findCraftSheetProblems(const Tangle& tangle, Problems& problems)
{
    for (std::size_t c = 0; c < tangle.craft.size(); ++c) {
        const auto& craft = tangle.craft[c];
        if (!craft.sheet) continue;
        for (auto problem : findSheetProblems(tangleOf(tangle, craft.id))) {
            problem.path = "/craft/" + std::to_string(c) + "/sheet";
            problem.sentence = say("%1: %2", craft.name, problem.sentence);
            problems.push_back(std::move(problem));
        }
    }
}

}  // namespace

bool doesCount(const Strand& strand) noexcept
{
    return strand.isOn;
}

Problems findProblems(const Tangle& tangle)
{
    Problems problems;
    findTwins(tangle.rig, &RigController::id, "/rig", kControllers, problems);
    findTwins(tangle.rig, &RigController::alias, "/rig", kControllers, problems);
    findTwins(tangle.devices, &VirtualDevice::id, "/devices", kDevices, problems);
    findTwins(tangle.functions, &Function::id, "/functions", kFunctions, problems);
    findTwins(tangle.layers, &Layer::id, "/layers", kLayers, problems);
    findTwins(tangle.craft, &Craft::id, "/craft", kCraft, problems);
    findTwins(tangle.functions, &Function::name, "/functions", kFunctions, problems,
              Severity::Warning);
    findTwins(tangle.layers, &Layer::name, "/layers", kLayers, problems, Severity::Warning);
    findTwins(tangle.craft, &Craft::name, "/craft", kCraft, problems, Severity::Warning);
    findTwins(tangle.strands, &Strand::id, "/strands", kStrands, problems);
    findTwins(tangle.feels, &Feel::name, "/feels", kFeels, problems, Severity::Warning);
    findLostCraft(tangle, problems);
    const StrandFindings strands(tangle);
    const auto take = [&problems](const Problems& found) {
        problems.insert(problems.end(), found.begin(), found.end());
    };
    for (std::size_t i = 0; i < tangle.strands.size(); ++i) take(strands.of(i));
    take(findDeviceProblems(tangle));
    take(findSheetProblems(tangle));
    findCraftSheetProblems(tangle, problems);
    take(findSidesProblems(strands));
    take(findHalfReaches(strands));
    take(findUnfed(tangle));
    take(findLostFunctions(tangle));
    findLayerProblems(tangle, problems);
    findMeetings(tangle, problems);
    findSwitchesInUse(tangle, problems);
    return problems;
}

}  // namespace jolly
