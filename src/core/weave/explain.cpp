// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_effect.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

const std::string& nameOf(const Strand& strand)
{
    return strand.name.empty() ? strand.id : strand.name;
}

/// "through dead zone (3.0 % at rest) and curve (3 points)"; empty without stages.
std::string wayOf(const Strand& strand)
{
    std::string text;
    for (const auto& stage : strand.stages) {
        if (!stage.isOn) continue;
        const auto summary =
            std::visit([](const auto& p) { return p.summary(); }, stage.parameters);
        text += (text.empty() ? " through " : ", then ") +
                std::string(infoOf(stage.parameters).name) +
                (summary.empty() ? "" : " (" + summary + ")") + (stage.when ? " at times" : "");
    }
    return text;
}

}  // namespace

namespace
{

/// What an end presses, as an object: "Jolly 1, button 17 (mail hatch)", "the keys LEFTCTRL + G".
std::string pressedBy(const Tangle& tangle, const End& end)
{
    if (const auto* chord = std::get_if<Chord>(&end.goal))
        return (chord->keys.size() == 1 ? "the key " : "the keys ") + toText(*chord);
    return nameInFull(tangle, *targetOf(end));
}

std::string explainOrder(const Tangle& tangle, const Command& command)
{
    switch (command.order) {
        case Order::StandDown:
            return "stands down when it is pressed";
        case Order::Recentre:
            return "lets all that is kept for " + nameInFull(tangle, command.axis) +
                   " begin anew when it is pressed";
        case Order::Reverse:
            return "turns " + nameInFull(tangle, command.axis) +
                   " round when it is pressed, and back with the next press or the flight's end";
        case Order::Keep:
            return "keeps the flight recorder's last minutes when it is pressed";
    }
    return {};
}

std::string explainLayer(const Tangle& tangle, const LayerGoal& goal)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, goal.layer);
    const auto name = "\"" + (layer ? layer->name : goal.layer) + "\"";
    switch (goal.engage) {
        case Engage::Hold:
            return "engages the layer " + name + " while it is pressed";
        case Engage::Flip:
            return "engages the layer " + name +
                   " when it is pressed, and lets it go with the next";
        case Engage::Next:
            return "engages the next layer of the group of " + name + " when it is pressed";
        case Engage::Previous:
            return "engages the layer before of the group of " + name + " when it is pressed";
    }
    return {};
}

std::string explainCraft(const Tangle& tangle, const CraftGoal& goal)
{
    if (goal.choose == Choose::Next) return "chooses the next craft when it is pressed";
    if (goal.choose == Choose::Previous) return "chooses the craft before when it is pressed";
    const auto* craft = findBy(tangle.craft, &Craft::id, goal.craft);
    return "chooses the craft " + (craft ? craft->name : goal.craft) + " when it is pressed";
}

/// What an end that leads from no button does.
std::string explainMoves(const Tangle& tangle, const End& end)
{
    static constexpr const char* kParts[] = {"", "the upper half of ", "the lower half of "};
    const bool isTurner = targetOf(end)->control.kind == ControlKind::Turner;
    return (isTurner ? "turns " : "moves ") + std::string(kParts[static_cast<int>(end.part)]) +
           nameInFull(tangle, *targetOf(end));
}

}  // namespace

std::string explainEnd(const Tangle& tangle, const Strand& strand, const End& end)
{
    if (const auto* layer = std::get_if<LayerGoal>(&end.goal)) return explainLayer(tangle, *layer);
    if (const auto* craft = std::get_if<CraftGoal>(&end.goal)) return explainCraft(tangle, *craft);
    if (const auto* command = std::get_if<Command>(&end.goal))
        return explainOrder(tangle, *command);
    if (placesOf(end).empty()) return "does nothing: it is silent";
    if (signalsOf(tangle, strand).back().kind != ControlKind::Button && targetOf(end))
        return explainMoves(tangle, end);
    const auto what = pressedBy(tangle, end);
    const auto pulse =
        "pulses " + what + " for " + std::to_string(std::lround(end.pulse)) + " ms when it is ";
    switch (end.how) {
        case How::Held:
            return "presses " + what + " while it is pressed";
        case How::Pulse:
            return pulse + "pressed, and does nothing when it is let go";
        case How::PulseAtRelease:
            return pulse + "let go, and does nothing when it is pressed";
        case How::PulseAtBoth:
            return pulse + "pressed, and again when it is let go";
    }
    return {};
}

std::string explainNow(const Tangle& tangle, const Strand& strand, const End& end)
{
    return nameOf(strand) + (end.outlet.empty() ? "" : ", " + end.outlet + ",") + " now " +
           explainEnd(tangle, strand, end) + ".";
}

std::vector<std::string> explainStrand(const Tangle& tangle, const Strand& strand)
{
    std::vector<std::string> lines = {nameOf(strand) + ": " + nameInFull(tangle, strand.source) +
                                      wayOf(strand) + (strand.isOn ? "" : "; switched off")};
    const auto outlets = outletsOf(strand);
    for (const auto& outlet : outlets) {
        bool isLed = false;
        for (const auto& end : strand.ends) {
            const bool isFirst = end.outlet.empty() && outlet == outlets.front();
            if (end.outlet != outlet && !isFirst) continue;
            isLed = true;
            lines.push_back("  " + (outlet.empty() ? "It" : "\"" + outlet + "\"") + " " +
                            explainEnd(tangle, strand, end) + ".");
        }
        if (!isLed) lines.push_back("  \"" + outlet + "\" leads nowhere.");
    }
    return lines;
}

namespace
{

/// Whether a control is a position of the switch that a strand takes for one thing.
bool isPositionOf(const Strand& strand, const Source& control)
{
    bool is = false;
    for (const auto& stage : strand.stages)
        forEachPosition(stage.parameters,
                        [&](const Source& position) { is = is || position == control; });
    return is;
}

}  // namespace

std::vector<std::string> explainControl(const Tangle& tangle, const Source& control)
{
    std::vector<std::string> lines;
    for (const auto& strand : tangle.strands) {
        if (strand.source == control || isPositionOf(strand, control)) {
            const auto more = explainStrand(tangle, strand);
            lines.insert(lines.end(), more.begin(), more.end());
            continue;
        }
        const auto seen = controlsOf(strand);
        if (std::ranges::find(seen, control) != seen.end())
            lines.push_back(nameOf(strand) + " looks at it.");
    }
    if (lines.empty()) lines.push_back(nameInFull(tangle, control) + " does nothing.");
    return lines;
}

std::vector<std::string> explainPlace(const Tangle& tangle, const Target& place)
{
    std::vector<std::string> lines;
    for (const auto* strand : takersOf(tangle, place)) {
        for (const auto& end : strand->ends) {
            const auto places = placesOf(end);
            if (std::ranges::find(places, place) == places.end()) continue;
            lines.push_back(
                nameOf(*strand) + ": " + nameInFull(tangle, strand->source) + wayOf(*strand) +
                (end.outlet.empty() ? "" : ", outlet \"" + end.outlet + "\",") + " " +
                explainEnd(tangle, *strand, end) + (strand->isOn ? "." : "; switched off."));
        }
    }
    if (lines.empty()) lines.push_back("Nothing leads to " + nameInFull(tangle, place) + ".");
    return lines;
}

}  // namespace jolly
