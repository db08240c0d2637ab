// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/place.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/virtual_layout.h"

namespace jolly
{

Sentence nameOfGoal(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    const auto name =
        functionName(tangle, device ? settingsOf(*device, place.control).function : "");
    return name.empty() ? placeName(tangle, place) : Sentence(name);
}

Sentence explainGoal(const Tangle& tangle, const Target& place, const Lead& lead)
{
    const auto what = nameInFull(tangle, place);
    if (lead.from == ControlKind::Button) return explainPress(what, lead);
    if (place.control.kind == ControlKind::Turner) return say("turns %1", what);
    switch (lead.part) {
        case Part::Whole:
            break;
        case Part::Upper:
            return say("moves the upper half of %1", what);
        case Part::Lower:
            return say("moves the lower half of %1", what);
    }
    return say("moves %1", what);
}

Fallible fitGoal(const Tangle& tangle, const Target& place, ControlKind from)
{
    const auto* device = findDevice(tangle, place.device);
    if (!device)
        return fail(Failure::Code::NotThere, words("That virtual device is gone."),
                    words("Choose another."));
    if (from == place.control.kind) return {};
    const auto word = wordsOf(from).any;
    return fail(Failure::Code::Unreadable,
                say("The outlet gives %1, %2 is %3.", word, nameOf(*device, place.control),
                    wordsOf(place.control.kind).any),
                say("Choose %1 on the right.", word));
}

}  // namespace jolly
