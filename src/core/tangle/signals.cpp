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
    std::vector<Signal> signals = {
        strand.sources.empty() ? Signal{} : signalOf(tangle, strand.sources.front())};
    for (const auto& stage : strand.stages)
        signals.push_back(stage.isOn ? signalAfter(stage.parameters, signals.back())
                                     : signals.back());
    return signals;
}

std::vector<std::string> outletsOf(const Strand& strand)
{
    for (const auto& stage : strand.stages | std::views::reverse) {
        if (stage.isOn) return outletsOf(stage.parameters);
    }
    return {""};
}

}  // namespace jolly
