// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/place.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/virtual_layout.h"

namespace jolly
{

std::string nameOfGoal(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    const auto name =
        functionName(tangle, device ? settingsOf(*device, place.control).function : "");
    return name.empty() ? placeName(tangle, place) : name;
}

std::string explainGoal(const Tangle& tangle, const Target& place, const Lead& lead)
{
    const auto what = nameInFull(tangle, place);
    if (lead.from == ControlKind::Button) return explainPress(what, lead);
    static constexpr const char* kParts[] = {"", "the upper half of ", "the lower half of "};
    const bool isTurner = place.control.kind == ControlKind::Turner;
    return (isTurner ? "turns " : "moves ") + std::string(kParts[static_cast<int>(lead.part)]) +
           what;
}

Fallible fitGoal(const Tangle& tangle, const Target& place, ControlKind from)
{
    const auto* device = findDevice(tangle, place.device);
    if (!device)
        return fail(Failure::Code::NotThere, "That virtual device is gone.", "Choose another.");
    if (from == place.control.kind) return {};
    const std::string word(wordsOf(from).any);
    return fail(Failure::Code::Unreadable,
                "The outlet gives " + word + ", " + nameOf(*device, place.control) + " is " +
                    std::string(wordsOf(place.control.kind).any) + ".",
                "Choose " + word + " on the right.");
}

}  // namespace jolly
