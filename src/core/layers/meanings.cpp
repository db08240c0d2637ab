// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/meanings.h"

#include "core/layers/family.h"
#include "core/layers/views.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

#include <algorithm>

namespace jolly
{

namespace
{

/// Where a strand begins, as far as layers ask: what stands for one control.
using SourceKey = std::pair<std::string_view, ControlCode>;

SourceKey keyOf(const Strand& strand)
{
    return {strand.source.controller, strand.source.control};
}

}  // namespace

bool does(const Tangle& tangle, const Strand& strand, const std::string& function)
{
    return strand.function == function || std::ranges::any_of(strand.ends, [&](const End& end) {
               const auto* target = targetOf(end);
               const auto* device = target ? findDevice(tangle, target->device) : nullptr;
               return device && settingsOf(*device, target->control).function == function;
           });
}

std::vector<Meaning> meaningsOf(const Tangle& tangle, const std::vector<const Strand*>& strands,
                                std::string_view craft)
{
    std::vector<const Strand*> on;
    std::ranges::copy_if(strands, std::back_inserter(on),
                         [](const Strand* strand) { return strand->isOn; });
    std::vector<Meaning> meanings;
    for (const auto& found : viewOf(tangle, on, familyOf(tangle, placeOfCraft(tangle, craft)))) {
        meanings.push_back({found.layer, {}});
        for (const auto place : found.strands) meanings.back().strands.push_back(on[place]);
    }
    return meanings;
}

const Meaning* actingOf(std::span<const Meaning> meanings, std::uint64_t engaged)
{
    const auto found = std::ranges::find_if(meanings, [&](const Meaning& meaning) {
        return meaning.layer == 0 || ((engaged >> meaning.layer) & 1U) != 0;
    });
    return found == meanings.end() ? nullptr : &*found;
}

std::vector<const Strand*> strandsOf(const Tangle& tangle, std::string_view craft)
{
    std::vector<const Strand*> list;
    const auto family = familyOf(tangle, placeOfCraft(tangle, craft));
    if (family.size() == 1) {  // nothing stands instead of anything
        for (const auto& strand : tangle.strands) {
            if (strand.craft == craft) list.push_back(&strand);
        }
        return list;
    }
    std::vector<const Strand*> all;
    for (const auto& strand : tangle.strands) all.push_back(&strand);
    std::ranges::stable_sort(all, {}, [](const Strand* strand) { return keyOf(*strand); });
    std::vector<bool> counts(all.size());
    for (auto from = all.begin(); from != all.end();) {
        const auto to = std::find_if(
            from, all.end(), [&](const Strand* each) { return keyOf(*each) != keyOf(**from); });
        const std::vector<const Strand*> strands(from, to);
        for (const auto& found : viewOf(tangle, strands, family)) {
            for (const auto place : found.strands)
                counts[static_cast<std::size_t>(strands[place] - tangle.strands.data())] = true;
        }
        from = to;
    }
    for (std::size_t i = 0; i < counts.size(); ++i) {
        if (counts[i]) list.push_back(&tangle.strands[i]);
    }
    return list;
}

Tangle tangleOf(const Tangle& tangle, std::string_view craft)
{
    auto part = withoutStrands(tangle);
    const auto* sheet = sheetOf(tangle, craft);
    part.sheet = sheet ? std::optional(*sheet) : std::nullopt;
    for (const auto* strand : strandsOf(tangle, craft)) part.strands.push_back(*strand);
    return part;
}

std::vector<std::string> functionsOf(const Tangle& tangle, std::string_view craft)
{
    std::vector<std::string> functions;
    for (const auto place : familyOf(tangle, placeOfCraft(tangle, craft))) {
        for (const auto& function : tangle.craft[place].functions) {
            if (std::ranges::find(functions, function) == functions.end())
                functions.push_back(function);
        }
    }
    return functions;
}

std::vector<std::string> gapsOf(const Tangle& tangle, std::string_view craft)
{
    const auto strands = strandsOf(tangle, craft);
    auto gaps = functionsOf(tangle, craft);
    std::erase_if(gaps, [&](const std::string& function) {
        return std::ranges::any_of(strands, [&](const Strand* strand) {
            return strand->isOn && does(tangle, *strand, function);
        });
    });
    return gaps;
}

const SimSheet* sheetOf(const Tangle& tangle, std::string_view craft)
{
    for (const auto place : familyOf(tangle, placeOfCraft(tangle, craft))) {
        if (const auto& sheet = tangle.craft[place].sheet) return &*sheet;
    }
    return tangle.sheet ? &*tangle.sheet : nullptr;
}

Sentence deedOf(const Tangle& tangle, const Strand& strand)
{
    if (auto name = functionName(tangle, strand.function); !name.empty()) return name;
    std::vector<Sentence> names;
    for (const auto& end : strand.ends) names.push_back(nameOfGoal(tangle, end.goal));
    return inARow(names);
}

}  // namespace jolly
