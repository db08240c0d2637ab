// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/function_check.h"

#include "core/tangle/device_edit.h"

#include <set>
#include <string>

namespace jolly
{

namespace
{

std::string numbered(const char* list, std::size_t place)
{
    return std::string("/") + list + "/" + std::to_string(place);
}

}  // namespace

Problems findLostFunctions(const Tangle& tangle)
{
    std::set<std::string_view> known{""};
    for (const auto& function : tangle.functions) known.insert(function.id);
    Problems problems;
    const auto look = [&](const std::string& id, std::string path, const Sentence& who) {
        if (known.contains(id)) return;
        problems.push_back(
            {.severity = Severity::Warning,
             .path = std::move(path),
             .sentence =
                 say("%1 names the function \"%2\", which the tangle does not have.", who, id),
             .cure = words("Name one that is among its functions, or none."),
             .meaning = words("It is shown as if it had none.")});
    };
    for (std::size_t d = 0; d < tangle.devices.size(); ++d) {
        const auto& device = tangle.devices[d];
        for (std::size_t s = 0; s < device.settings.size(); ++s) {
            const auto& settings = device.settings[s];
            look(settings.function, numbered("devices", d) + numbered("settings", s) + "/function",
                 placeName(tangle, {device.id, settings.control}));
        }
    }
    for (std::size_t c = 0; c < tangle.craft.size(); ++c) {
        const auto& craft = tangle.craft[c];
        for (std::size_t f = 0; f < craft.functions.size(); ++f)
            look(craft.functions[f], numbered("craft", c) + numbered("functions", f), craft.name);
    }
    for (std::size_t s = 0; s < tangle.strands.size(); ++s) {
        const auto& strand = tangle.strands[s];
        look(strand.function, numbered("strands", s) + "/function",
             say("Strand \"%1\"", strand.name));
    }
    return problems;
}

}  // namespace jolly
