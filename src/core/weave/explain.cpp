// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

std::string nameOf(const Tangle& tangle, const Source& source)
{
    const auto* controller = findController(tangle, source.controller);
    const auto* control = controller ? findControl(*controller, source.control) : nullptr;
    return control ? nameOf(*controller, *control) + " of " + controller->alias
                   : toText(source.control) + " of \"" + source.controller + "\"";
}

std::string nameOf(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    const auto function = device ? settingsOf(*device, place.control).label : std::string();
    return placeName(tangle, place) + (function.empty() ? "" : " (" + function + ")");
}

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

std::string explainEnd(const Tangle& tangle, const Strand& strand, const End& end)
{
    const auto* target = targetOf(end);
    if (!target) return "does nothing: it is silent";
    const auto place = nameOf(tangle, *target);
    if (signalsOf(tangle, strand).back().kind != ControlKind::Button) return "moves " + place;
    const auto pulse =
        "pulses " + place + " for " + std::to_string(std::lround(end.pulse)) + " ms when it is ";
    switch (end.how) {
        case How::Held:
            return "presses " + place + " while it is pressed";
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
    std::vector<std::string> lines = {nameOf(strand) + ": " + nameOf(tangle, strand.source) +
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

std::vector<std::string> explainControl(const Tangle& tangle, const Source& control)
{
    std::vector<std::string> lines;
    for (const auto& strand : tangle.strands) {
        if (strand.source == control) {
            const auto more = explainStrand(tangle, strand);
            lines.insert(lines.end(), more.begin(), more.end());
            continue;
        }
        const auto seen = controlsOf(strand);
        if (std::ranges::find(seen, control) != seen.end())
            lines.push_back(nameOf(strand) + " looks at it.");
    }
    if (lines.empty()) lines.push_back(nameOf(tangle, control) + " does nothing.");
    return lines;
}

std::vector<std::string> explainPlace(const Tangle& tangle, const Target& place)
{
    std::vector<std::string> lines;
    for (const auto* strand : takersOf(tangle, place)) {
        for (const auto& end : strand->ends) {
            if (end.goal != Goal(place)) continue;
            lines.push_back(
                nameOf(*strand) + ": " + nameOf(tangle, strand->source) + wayOf(*strand) +
                (end.outlet.empty() ? "" : ", outlet \"" + end.outlet + "\",") + " " +
                explainEnd(tangle, *strand, end) + (strand->isOn ? "." : "; switched off."));
        }
    }
    if (lines.empty()) lines.push_back("Nothing leads to " + nameOf(tangle, place) + ".");
    return lines;
}

}  // namespace jolly
