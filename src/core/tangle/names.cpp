// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/names.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

namespace jolly
{

Sentence nameInFull(const Tangle& tangle, const Source& source)
{
    const auto* controller = findController(tangle, source.controller);
    const auto* control = controller ? findControl(*controller, source.control) : nullptr;
    return control ? say("%1 of %2", nameOf(*controller, *control), controller->alias)
                   : say("%1 of \"%2\"", toText(source.control), source.controller);
}

Sentence nameInFull(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    const auto function =
        functionName(tangle, device ? settingsOf(*device, place.control).function : "");
    const auto name = placeName(tangle, place);
    return function.empty() ? name : say("%1 (%2)", name, function);
}

}  // namespace jolly
