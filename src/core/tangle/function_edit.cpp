// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/function_edit.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly
{

namespace
{

Function* findFunction(Tangle& tangle, std::string_view id)
{
    const auto found = std::ranges::find(tangle.functions, id, &Function::id);
    return found == tangle.functions.end() ? nullptr : &*found;
}

const Function* functionOfName(const Tangle& tangle, const std::string& name)
{
    const auto found = std::ranges::find(tangle.functions, name, &Function::name);
    return found == tangle.functions.end() ? nullptr : &*found;
}

/// How many virtual controls and strands name a function.
std::size_t countUsers(const Tangle& tangle, std::string_view id)
{
    auto count = std::ranges::count(tangle.strands, id, &Strand::function);
    for (const auto& device : tangle.devices)
        count += std::ranges::count(device.settings, id, &VirtualSettings::function);
    return static_cast<std::size_t>(count);
}

void dropUnused(Tangle& tangle, const std::string& id)
{
    const bool isPlanned = std::ranges::any_of(tangle.craft, [&](const Craft& craft) {
        return std::ranges::find(craft.functions, id) != craft.functions.end();
    });
    if (isPlanned || countUsers(tangle, id) > 0) return;
    std::erase_if(tangle.functions, [&](const Function& function) { return function.id == id; });
}

}  // namespace

const Function* findFunction(const Tangle& tangle, std::string_view id)
{
    const auto found = std::ranges::find(tangle.functions, id, &Function::id);
    return found == tangle.functions.end() ? nullptr : &*found;
}

std::string functionName(const Tangle& tangle, std::string_view id)
{
    const auto* function = id.empty() ? nullptr : findFunction(tangle, id);
    return function ? function->name : std::string();
}

std::string functionCalled(Tangle& tangle, const std::string& name, FunctionKind kind)
{
    if (const auto* known = functionOfName(tangle, name)) return known->id;
    const auto id = freshIdFor(tangle, name, "function");
    tangle.functions.push_back({.id = id, .name = name, .kind = kind});
    return id;
}

void setFunction(Tangle& tangle, const Target& place, const std::string& name)
{
    const auto* device = findDevice(std::as_const(tangle), place.device);
    const auto before = device ? settingsOf(*device, place.control).function : std::string();
    const bool isOurs = !name.empty() && countUsers(tangle, before) == 1;
    if (isOurs && renameFunction(tangle, before, name)) return;
    const auto kind =
        place.control.kind == ControlKind::Axis ? FunctionKind::Axis : FunctionKind::Press;
    giveFunction(tangle, place, name.empty() ? name : functionCalled(tangle, name, kind));
    dropUnused(tangle, before);
}

void setFunctions(Tangle& tangle, std::string_view craft, const std::vector<std::string>& names)
{
    const auto place = std::ranges::find(tangle.craft, craft, &Craft::id);
    if (place == tangle.craft.end()) return;
    const auto before = place->functions;
    std::vector<std::string> now;
    for (std::size_t i = 0; i < names.size(); ++i) {
        const bool isNew = !functionOfName(tangle, names[i]);
        const bool wasThere = before.size() == names.size() && findFunction(tangle, before[i]);
        const bool isGone =
            wasThere && std::ranges::find(names, functionName(tangle, before[i])) == names.end();
        const bool isRenamed = isNew && isGone && renameFunction(tangle, before[i], names[i]);
        auto id = isRenamed ? before[i] : functionCalled(tangle, names[i], FunctionKind::Press);
        if (std::ranges::find(now, id) == now.end()) now.push_back(std::move(id));
    }
    place->functions = std::move(now);
    for (const auto& id : before) dropUnused(tangle, id);
}

Fallible renameFunction(Tangle& tangle, std::string_view id, const std::string& name)
{
    auto* function = findFunction(tangle, id);
    if (!function)
        return fail(Failure::Code::NotThere, words("This function is not there any more."),
                    words("Choose another one."));
    if (name.empty())
        return fail(Failure::Code::Unreadable, words("A function has to have a name."),
                    words("Give it one."));
    const auto* other = functionOfName(tangle, name);
    if (other && other != function)
        return fail(Failure::Code::Busy, say("There is another function called \"%1\".", name),
                    words("Give it another name, or use that one."));
    function->name = name;
    return {};
}

}  // namespace jolly
