// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/names.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

namespace jolly
{

std::string nameInFull(const Tangle& tangle, const Source& source)
{
    const auto* controller = findController(tangle, source.controller);
    const auto* control = controller ? findControl(*controller, source.control) : nullptr;
    return control ? nameOf(*controller, *control) + " of " + controller->alias
                   : toText(source.control) + " of \"" + source.controller + "\"";
}

std::string nameInFull(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    const auto function =
        functionName(tangle, device ? settingsOf(*device, place.control).function : "");
    return placeName(tangle, place) + (function.empty() ? "" : " (" + function + ")");
}

}  // namespace jolly
