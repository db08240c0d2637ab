// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/happening_words.h"

#include "core/hats/hat_ways.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/matching.h"
#include "core/tangle/virtual_layout.h"
#include "core/value/kind_words.h"
#include "core/value/percent.h"

#include <algorithm>
#include <array>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

Words hatInWords(Counts counts)
{
    const auto way = wayOf(valueOfCounts(ControlKind::Hat, counts));
    return way ? kHatWays[*way].name : words("the middle");
}

/// A controller as the tangle knows it; null when it does not.
const RigController* knownAs(const Tangle& tangle, const Identity& identity)
{
    const auto found = std::ranges::find_if(tangle.rig, [&](const RigController& controller) {
        const auto& known = controller.identity;
        return known.bus == identity.bus && known.vendor == identity.vendor &&
               known.product == identity.product && known.name == identity.name &&
               (known.phys == identity.phys || known.phys.empty() || identity.phys.empty());
    });
    return found == tangle.rig.end() ? nullptr : &*found;
}

std::string nameOfController(const Tangle& tangle, const ControllerDescription& description)
{
    const auto* known = knownAs(tangle, description.identity);
    return known ? known->alias : description.identity.name;
}

/// The parts of what is said of a move.
struct MoveWords {
    Sentence control;
    std::string controller;
    Sentence verb;    ///< "was pressed"
    Sentence stands;  ///< "pressed"
};

MoveWords wordsOf(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto& track = recording.tracks[happening.what];
    const auto& description = recording.controllers[track.controller];
    const auto& control = description.controls[track.control];
    const auto* known = knownAs(tangle, description.identity);
    const auto* mine = known ? findControl(*known, control.code) : nullptr;
    MoveWords move{mine ? nameOf(*known, *mine) : controlName(control.kind, shortTextOf(control.code)),
                   nameOfController(tangle, description),
                   {},
                   {}};
    if (control.kind == ControlKind::Button) {
        const bool isPressed = happening.raw != 0;
        move.stands = isPressed ? words("pressed") : words("let go");
        move.verb = isPressed ? words("was pressed") : words("was let go");
    } else if (control.kind == ControlKind::Turner) {
        move.verb = move.stands = words("turned");
    } else if (control.kind == ControlKind::Hat) {
        const Counts counts =
            happening.isHatY ? Counts{0, happening.raw} : Counts{happening.raw, 0};
        move.stands = hatInWords(counts);
        move.verb = say("went to %1", move.stands);
    } else {
        const auto value = mine ? mine->calibration.valueOf(happening.raw, mine->sides)
                                : control.valueOf({happening.raw, 0}).x;
        move.stands = percent(value);
        move.verb = say("moved to %1", move.stands);
    }
    return move;
}

Sentence moveInWords(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto move = wordsOf(happening, recording, tangle);
    return say("%1 of %2 %3", move.control, move.controller, move.verb);
}

template <class Items>
std::string nameAt(const Items& items, std::uint32_t place)
{
    return place < items.size() ? items[place].name : std::to_string(place);
}

Sentence placeAt(const Tangle& tangle, const Recording& recording, std::uint32_t track)
{
    return placeName(tangle, recording.tracks[track].place);
}

}  // namespace

Sentence countsInWords(const Tangle& tangle, const Target& place, Counts counts)
{
    if (place.control.kind == ControlKind::Button)
        return counts.x != 0 ? words("pressed") : words("not pressed");
    if (place.control.kind == ControlKind::Hat) return hatInWords(counts);
    if (place.control.kind == ControlKind::Turner) return say("%1 counts", counts.x);
    const auto* device = findDevice(tangle, place.device);
    const auto layout = device ? layoutOf(*device) : std::vector<VirtualSlot>();
    const auto slot = std::ranges::find(layout, place.control, &VirtualSlot::control);
    if (slot == layout.end()) return counts.x;
    return percent(Calibration::ofRange(slot->low, slot->high).valueOf(counts.x, slot->sides));
}

Sentence moveInShort(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto move = wordsOf(happening, recording, tangle);
    return say("%1 %2", move.control, move.stands);
}

Sentence inWords(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto what = happening.what;
    switch (happening.kind) {
        case Kind::Move:
        case Kind::Stand:
            return moveInWords(happening, recording, tangle);
        case Kind::Change:
            return say("%1 changed", placeAt(tangle, recording, what));
        case Kind::Tick:
            return words("what moves by itself went on");
        case Kind::Arrive:
            return say("%1 was plugged in", nameOfController(tangle, recording.controllers[what]));
        case Kind::Gone:
            return say("%1 was unplugged", nameOfController(tangle, recording.controllers[what]));
        case Kind::Tangle:
            return words("the tangle was edited");
        case Kind::Live:
            return words("one went live");
        case Kind::Down:
            return words("one stood down");
        case Kind::Flip:
            return say("layer %1 was flipped by hand", nameAt(tangle.layers, what));
        case Kind::Fly:
            return say("%1 was chosen by hand", nameAt(tangle.craft, what));
        case Kind::Engaged:
            return happening.raw != 0 ? say("layer %1 was engaged", nameAt(tangle.layers, what))
                                      : say("layer %1 was let go", nameAt(tangle.layers, what));
        case Kind::Flown:
            return say("%1 is flown", nameAt(tangle.craft, what));
        case Kind::Hand:
            return say("%1 was moved by hand", placeAt(tangle, recording, what));
        case Kind::HandOff:
            return say("%1 was let go by hand", placeAt(tangle, recording, what));
        case Kind::Lost:
            return say("the kernel dropped events of %1, since they were not read fast enough",
                       nameOfController(tangle, recording.controllers[what]));
        case Kind::Gap:
            return say("%1 happenings could not be recorded", happening.raw);
        case Kind::Kept:
            return words("the recording was kept");
        case Kind::Late:
            return say("the program was late by %1 ms", (happening.raw + 500) / 1000);
    }
    return {};
}

}  // namespace jolly
