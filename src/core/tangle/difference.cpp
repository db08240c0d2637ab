// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/difference.h"

#include "core/tangle/lookup.h"

namespace jolly
{

namespace
{

using Sentences = std::vector<Sentence>;

/// What is different about one strand, as the end of a sentence.
Sentence aboutStrand(const Strand& a, const Strand& b)
{
    Sentences what;
    const auto add = [&what](bool isOther, Words how) {
        if (isOther) what.emplace_back(how);
    };
    add(a.source != b.source, words("begins elsewhere"));
    add(a.ends != b.ends, words("ends elsewhere"));
    add(a.stages != b.stages, words("has other stages"));
    add(a.isOn != b.isOn, b.isOn ? words("is on") : words("is off"));
    add(a.name != b.name, words("has another name"));
    return what.empty() ? words("is not the same") : inARow(what);
}

/// Tells of things with an id what is new, gone and other.
template <class Items, class About>
void compare(const Items& first, const Items& second, Words kind, auto name, About&& about,
             Sentences& sentences)
{
    using Item = typename Items::value_type;
    const auto tell = [&](const Item& item, const Sentence& what) {
        const auto& named = item.*name;
        sentences.push_back(say("%1 \"%2\" %3.", kind, named.empty() ? item.id : named, what));
    };
    for (const auto& item : second) {
        const auto* before = findBy(first, &Item::id, item.id);
        if (!before) {
            tell(item, words("is new"));
        } else if (!(*before == item)) {
            tell(item, about(*before, item));
        }
    }
    for (const auto& item : first) {
        if (!findBy(second, &Item::id, item.id)) tell(item, words("is gone"));
    }
}

Sentence aboutFunction(const Function& before, const Function& now)
{
    return before.name == now.name ? words("was changed") : say("was called \"%1\"", before.name);
}

}  // namespace

Sentences differenceInWords(const Tangle& first, const Tangle& second)
{
    Sentences sentences;
    const auto isOther = [](const auto&, const auto&) { return words("was changed"); };
    if (first.name != second.name)
        sentences.push_back(say("It is called \"%1\", not \"%2\".", second.name, first.name));
    compare(first.rig, second.rig, words("Controller"), &RigController::alias, isOther, sentences);
    compare(first.devices, second.devices, words("Virtual device"), &VirtualDevice::name, isOther,
            sentences);
    compare(first.functions, second.functions, words("Function"), &Function::name, aboutFunction,
            sentences);
    compare(first.craft, second.craft, words("Craft"), &Craft::name, isOther, sentences);
    compare(first.layers, second.layers, words("Layer"), &Layer::name, isOther, sentences);
    compare(first.strands, second.strands, words("Strand"), &Strand::name, aboutStrand, sentences);
    if (first.feels != second.feels) sentences.emplace_back(words("Kept feels were changed."));
    if (first.sheet != second.sheet) sentences.emplace_back(words("It is made for another sim."));
    if (sentences.empty() && !(first == second))
        sentences.emplace_back(words("Something that this version does not know was changed."));
    return sentences;
}

}  // namespace jolly
