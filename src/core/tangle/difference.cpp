// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/difference.h"

#include "core/tangle/lookup.h"

namespace jolly
{

namespace
{

using Sentences = std::vector<std::string>;

std::string quoted(const std::string& name, const std::string& id)
{
    return "\"" + (name.empty() ? id : name) + "\"";
}

/// What is different about one strand, as the end of a sentence.
std::string aboutStrand(const Strand& a, const Strand& b)
{
    std::string what;
    const auto add = [&what](bool isOther, const char* words) {
        if (isOther) what += (what.empty() ? "" : ", ") + std::string(words);
    };
    add(a.source != b.source, "begins elsewhere");
    add(a.ends != b.ends, "ends elsewhere");
    add(a.stages != b.stages, "has other stages");
    add(a.isOn != b.isOn, b.isOn ? "is on" : "is off");
    add(a.name != b.name, "has another name");
    return what.empty() ? "is not the same" : what;
}

/// Tells of things with an id what is new, gone and other.
template <class Items, class About>
void compare(const Items& first, const Items& second, const std::string& kind, auto name,
             About&& about, Sentences& sentences)
{
    using Item = typename Items::value_type;
    const auto say = [&](const Item& item, const std::string& what) {
        sentences.push_back(kind + " " + quoted(item.*name, item.id) + " " + what + ".");
    };
    for (const auto& item : second) {
        const auto* before = findBy(first, &Item::id, item.id);
        if (!before) {
            say(item, "is new");
        } else if (!(*before == item)) {
            say(item, about(*before, item));
        }
    }
    for (const auto& item : first) {
        if (!findBy(second, &Item::id, item.id)) say(item, "is gone");
    }
}

std::string aboutFunction(const Function& before, const Function& now)
{
    return before.name == now.name ? "was changed" : "was called \"" + before.name + "\"";
}

}  // namespace

Sentences differenceInWords(const Tangle& first, const Tangle& second)
{
    Sentences sentences;
    const auto isOther = [](const auto&, const auto&) { return std::string("was changed"); };
    if (first.name != second.name)
        sentences.push_back("It is called \"" + second.name + "\", not \"" + first.name + "\".");
    compare(first.rig, second.rig, "Controller", &RigController::alias, isOther, sentences);
    compare(first.devices, second.devices, "Virtual device", &VirtualDevice::name, isOther,
            sentences);
    compare(first.functions, second.functions, "Function", &Function::name, aboutFunction,
            sentences);
    compare(first.craft, second.craft, "Craft", &Craft::name, isOther, sentences);
    compare(first.layers, second.layers, "Layer", &Layer::name, isOther, sentences);
    compare(first.strands, second.strands, "Strand", &Strand::name, aboutStrand, sentences);
    if (first.feels != second.feels) sentences.emplace_back("Kept feels were changed.");
    if (first.sheet != second.sheet) sentences.emplace_back("It is made for another sim.");
    if (sentences.empty() && !(first == second))
        sentences.emplace_back("Something that this version does not know was changed.");
    return sentences;
}

}  // namespace jolly
