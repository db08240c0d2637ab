// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family_edit.h"

#include "core/layers/family.h"
#include "core/tangle/edit.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <map>
#include <set>

namespace jolly
{

namespace
{

tl::unexpected<Failure> isGone(Words sentence)
{
    return fail(Failure::Code::NotThere, sentence, words("Choose another one."));
}

bool hasName(const Tangle& tangle, const std::string& name)
{
    return std::ranges::any_of(tangle.craft, [&](const Craft& c) { return c.name == name; });
}

/// The ids of a craft and of all whose family it is of.
std::set<std::string> heirsOf(const Tangle& tangle, const std::string& craft)
{
    std::set<std::string> heirs;
    const auto place = placeOfCraft(tangle, craft);
    for (std::size_t c = 0; c < tangle.craft.size(); ++c) {
        const auto family = familyOf(tangle, c);
        if (std::ranges::find(family, place) != family.end()) heirs.insert(tangle.craft[c].id);
    }
    return heirs;
}

/// Puts the craft's own strand behind the one that it stands instead of.
void standInstead(Tangle& tangle, const Strand& inherited, Strand own, const std::string& craft)
{
    own.id = freshId(tangle, "strand");
    own.craft = craft;
    own.insteadOf = inherited.id;
    own.shape.clear();
    const auto place = std::ranges::find(tangle.strands, inherited.id, &Strand::id);
    tangle.strands.insert(place == tangle.strands.end() ? place : place + 1, std::move(own));
}

}  // namespace

void keepInherited(const Tangle& before, Tangle& after, const Footing& footing)
{
    std::map<std::string_view, const Strand*> were;
    for (const auto& strand : before.strands) were.emplace(strand.id, &strand);
    for (auto& strand : after.strands) {
        if (were.contains(strand.id)) continue;
        if (strand.layer == kBase) strand.layer = footing.layer;
        if (strand.craft == kEverywhere) strand.craft = footing.craft;
    }
    std::set<std::string_view> ancestors;
    for (const auto place : familyOf(before, placeOfCraft(before, footing.craft)))
        ancestors.insert(before.craft[place].id);
    ancestors.erase(footing.craft);
    if (ancestors.empty()) return;
    std::vector<std::pair<const Strand*, Strand>> own;
    for (std::size_t place = 0; place < before.strands.size(); ++place) {
        const auto& was = before.strands[place];
        if (!ancestors.contains(was.craft)) continue;
        auto* is = findStrand(after, was.id);
        if (is && *is == was) continue;
        if (is) {
            own.emplace_back(&was, std::exchange(*is, was));
        } else {
            auto silent = was;
            silent.stages.clear();
            silent.ends = {{{}, Nothing{}}};
            own.emplace_back(&was, std::move(silent));
            const auto at = std::min(place, after.strands.size());
            after.strands.insert(after.strands.begin() + static_cast<std::ptrdiff_t>(at), was);
        }
    }
    for (auto& [was, strand] : own) standInstead(after, *was, std::move(strand), footing.craft);
}

Result<std::string> giveToFamily(Tangle& tangle, const std::string& strand)
{
    const auto* own = findStrand(tangle, strand);
    if (!own) return isGone(words("That strand is not there any more."));
    const auto* craft = findBy(tangle.craft, &Craft::id, own->craft);
    if (!craft || craft->parent.empty())
        return fail(Failure::Code::Unreadable, words("It is for everyone already."), {});
    if (auto* inherited = findStrand(tangle, own->insteadOf)) {
        auto like = *own;
        like.id = inherited->id;
        like.craft = inherited->craft;
        like.insteadOf = inherited->insteadOf;
        like.shape = inherited->shape;
        *inherited = std::move(like);
        const auto id = inherited->id;
        std::erase_if(tangle.strands, [&](const Strand& each) { return each.id == strand; });
        return id;
    }
    const auto parent = craft->parent;
    findStrand(tangle, strand)->craft = parent;
    findStrand(tangle, strand)->insteadOf.clear();
    return strand;
}

Fallible setBack(Tangle& tangle, const std::string& strand)
{
    const auto* own = findStrand(tangle, strand);
    if (!own) return isGone(words("That strand is not there any more."));
    if (own->craft == kEverywhere)
        return fail(Failure::Code::Unreadable,
                    words("It is for everyone and inherits from nobody."),
                    words("Remove it instead."));
    std::erase_if(tangle.strands, [&](const Strand& each) { return each.id == strand; });
    return {};
}

Fallible moveToCraft(Tangle& tangle, const std::string& strand, const std::string& craft)
{
    auto* moved = findStrand(tangle, strand);
    if (!moved) return isGone(words("That strand is not there any more."));
    if (!findBy(tangle.craft, &Craft::id, craft))
        return isGone(words("That craft is not there any more."));
    moved->craft = craft;
    moved->insteadOf.clear();
    return {};
}

Result<std::string> addCraft(Tangle& tangle, const std::string& name, const std::string& parent)
{
    if (name.empty())
        return fail(Failure::Code::Unreadable, words("The craft has no name."),
                    words("Give it one."));
    if (hasName(tangle, name))
        return fail(Failure::Code::Unreadable, say("There is a craft \"%1\" already.", name),
                    words("Choose another name."));
    if (!findBy(tangle.craft, &Craft::id, parent))
        return isGone(words("That family is not there any more."));
    Craft craft{.id = freshId(tangle, "craft"), .name = name, .parent = parent};
    tangle.craft.push_back(craft);
    return craft.id;
}

Result<std::string> copyCraft(Tangle& tangle, const std::string& craft)
{
    const auto* model = findBy(tangle.craft, &Craft::id, craft);
    if (!model) return isGone(words("That craft is not there any more."));
    auto copy = *model;
    copy.id = freshId(tangle, "craft");
    if (copy.parent.empty()) copy.parent = kEverywhere;
    for (int n = 2; hasName(tangle, copy.name); ++n)
        copy.name = model->name + " " + std::to_string(n);
    tangle.craft.push_back(copy);
    if (craft == kEverywhere) return copy.id;  // which inherits it all
    const auto own = tangle.strands;
    for (auto strand : own) {
        if (strand.craft != craft) continue;
        strand.id = freshId(tangle, "strand");
        strand.craft = copy.id;
        strand.shape.clear();
        tangle.strands.push_back(std::move(strand));
    }
    return copy.id;
}

Fallible removeCraft(Tangle& tangle, const std::string& craft)
{
    const auto found = std::ranges::find(tangle.craft, craft, &Craft::id);
    if (found == tangle.craft.end()) return isGone(words("That craft is not there any more."));
    if (craft == kEverywhere)
        return fail(Failure::Code::Unreadable,
                    words("Everywhere is the root of all craft and stays."),
                    words("Remove its strands instead."));
    for (auto& child : tangle.craft) {
        if (child.parent == craft) child.parent = found->parent;
    }
    tangle.craft.erase(std::ranges::find(tangle.craft, craft, &Craft::id));
    std::erase_if(tangle.strands, [&](const Strand& strand) { return strand.craft == craft; });
    for (auto& strand : tangle.strands) {
        for (auto& end : strand.ends) {
            const auto* goal = craftOf(end);
            if (goal && goal->choose == Choose::This && goal->craft == craft) end.goal = Nothing{};
        }
    }
    return {};
}

Fallible renameCraft(Tangle& tangle, const std::string& craft, const std::string& name)
{
    auto* renamed = findBy(tangle.craft, &Craft::id, craft);
    if (!renamed) return isGone(words("That craft is not there any more."));
    if (name == renamed->name) return {};
    if (name.empty())
        return fail(Failure::Code::Unreadable, words("The craft has no name."),
                    words("Give it one."));
    if (hasName(tangle, name))
        return fail(Failure::Code::Unreadable, say("There is a craft \"%1\" already.", name),
                    words("Choose another name."));
    renamed->name = name;
    return {};
}

void setSheet(Tangle& tangle, const std::string& craft, const std::optional<SimSheet>& sheet)
{
    auto* found = findBy(tangle.craft, &Craft::id, craft);
    auto& place = found && craft != kEverywhere ? found->sheet : tangle.sheet;
    place = sheet;
}

Fallible setParent(Tangle& tangle, const std::string& craft, const std::string& parent)
{
    auto* child = findBy(tangle.craft, &Craft::id, craft);
    const auto* family = findBy(tangle.craft, &Craft::id, parent);
    if (!child || !family) return isGone(words("That craft is not there any more."));
    if (craft == kEverywhere)
        return fail(Failure::Code::Unreadable, words("Everywhere belongs to no other craft."), {});
    if (heirsOf(tangle, craft).contains(parent))
        return fail(Failure::Code::Unreadable,
                    say("%1 belongs to %2 itself.", family->name, child->name),
                    words("Choose a craft that does not."));
    child->parent = parent;
    return {};
}

}  // namespace jolly
