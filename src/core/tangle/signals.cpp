// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/signals.h"

#include "core/tangle/lookup.h"

#include <algorithm>
#include <ranges>

namespace jolly
{

Signal signalOf(const Tangle& tangle, const Source& source)
{
    const auto* controller = findController(tangle, source.controller);
    const auto* control = controller ? findControl(*controller, source.control) : nullptr;
    return control ? Signal{control->kind, control->sides} : Signal{};
}

std::vector<Signal> signalsOf(const Tangle& tangle, const Strand& strand)
{
    std::vector<Signal> signals = {signalOf(tangle, strand.source)};
    for (const auto& stage : strand.stages)
        signals.push_back(stage.isOn ? signalAfter(stage.parameters, signals.back())
                                     : signals.back());
    return signals;
}

std::vector<Source> controlsOf(const Strand& strand)
{
    std::vector<Source> controls;
    if (strand.hasSource()) controls.push_back(strand.source);
    for (const auto& stage : strand.stages) {
        if (stage.when && !stage.when->output) controls.push_back(stage.when->control);
        forEachControl(stage.parameters, [&](const auto&, const std::optional<Source>& source) {
            if (source) controls.push_back(*source);
        });
    }
    return controls;
}

bool dependsOn(const Strand& strand, std::string_view controller)
{
    const auto controls = controlsOf(strand);
    return std::ranges::find(controls, controller, &Source::controller) != controls.end();
}

std::vector<std::string> outletsOf(const Strand& strand)
{
    for (const auto& stage : strand.stages | std::views::reverse) {
        if (stage.isOn) return outletsOf(stage.parameters);
    }
    return {""};
}

}  // namespace jolly
