// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/happening_words.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/matching.h"
#include "core/tangle/virtual_layout.h"
#include "core/value/percent.h"

#include <algorithm>
#include <array>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

std::string hatInWords(Counts counts)
{
    constexpr std::array<const char*, 3> kUpDown = {"up", "", "down"};
    constexpr std::array<const char*, 3> kLeftRight = {"left", "", "right"};
    const auto place = [](std::int32_t half) {
        return static_cast<std::size_t>(std::clamp(half, -1, 1) + 1);
    };
    std::string text = kUpDown[place(counts.y)];
    const std::string across = kLeftRight[place(counts.x)];
    if (!text.empty() && !across.empty()) text += " ";
    text += across;
    return text.empty() ? "the middle" : text;
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
    std::string control;
    std::string controller;
    std::string verb;    ///< " was pressed"
    std::string stands;  ///< " pressed"
};

/// Of a control that the tangle does not know: "axis X", "button TRIGGER".
std::string nameByItself(const ControlDescription& control)
{
    const auto text = toText(control.code);
    const auto rest = text.substr(text.find('_') + 1);
    switch (control.kind) {
        case ControlKind::Axis:
            return "axis " + rest;
        case ControlKind::Button:
            return "button " + rest;
        case ControlKind::Hat:
            return "hat " + rest;
        case ControlKind::Turner:
            return "turner " + rest;
    }
    return text;
}

MoveWords wordsOf(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto& track = recording.tracks[happening.what];
    const auto& description = recording.controllers[track.controller];
    const auto& control = description.controls[track.control];
    const auto* known = knownAs(tangle, description.identity);
    const auto* mine = known ? findControl(*known, control.code) : nullptr;
    MoveWords words{mine ? nameOf(*known, *mine) : nameByItself(control),
                    nameOfController(tangle, description),
                    {},
                    {}};
    if (control.kind == ControlKind::Button) {
        words.stands = happening.raw != 0 ? " pressed" : " let go";
        words.verb = " was" + words.stands;
    } else if (control.kind == ControlKind::Turner) {
        words.verb = words.stands = " turned";
    } else if (control.kind == ControlKind::Hat) {
        const Counts counts =
            happening.isHatY ? Counts{0, happening.raw} : Counts{happening.raw, 0};
        words.stands = " " + hatInWords(counts);
        words.verb = " went to" + words.stands;
    } else {
        const auto value = mine ? mine->calibration.valueOf(happening.raw, mine->sides)
                                : control.valueOf({happening.raw, 0}).x;
        words.stands = " " + percent(value);
        words.verb = " moved to" + words.stands;
    }
    return words;
}

std::string moveInWords(const Happening& happening, const Recording& recording,
                        const Tangle& tangle)
{
    const auto words = wordsOf(happening, recording, tangle);
    return words.control + " of " + words.controller + words.verb;
}

template <class Items>
std::string nameAt(const Items& items, std::uint32_t place)
{
    return place < items.size() ? items[place].name : std::to_string(place);
}

std::string placeAt(const Tangle& tangle, const Recording& recording, std::uint32_t track)
{
    return placeName(tangle, recording.tracks[track].place);
}

}  // namespace

std::string countsInWords(const Tangle& tangle, const Target& place, Counts counts)
{
    if (place.control.kind == ControlKind::Button) return counts.x != 0 ? "pressed" : "not pressed";
    if (place.control.kind == ControlKind::Hat) return hatInWords(counts);
    if (place.control.kind == ControlKind::Turner) return std::to_string(counts.x) + " counts";
    const auto* device = findDevice(tangle, place.device);
    const auto layout = device ? layoutOf(*device) : std::vector<VirtualSlot>();
    const auto slot = std::ranges::find(layout, place.control, &VirtualSlot::control);
    if (slot == layout.end()) return std::to_string(counts.x);
    return percent(Calibration::ofRange(slot->low, slot->high).valueOf(counts.x, slot->sides));
}

std::string moveInShort(const Happening& happening, const Recording& recording,
                        const Tangle& tangle)
{
    const auto words = wordsOf(happening, recording, tangle);
    return words.control + words.stands;
}

std::string inWords(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto what = happening.what;
    switch (happening.kind) {
        case Kind::Move:
        case Kind::Stand:
            return moveInWords(happening, recording, tangle);
        case Kind::Change:
            return placeAt(tangle, recording, what) + " changed";
        case Kind::Tick:
            return "what moves by itself went on";
        case Kind::Arrive:
            return nameOfController(tangle, recording.controllers[what]) + " was plugged in";
        case Kind::Gone:
            return nameOfController(tangle, recording.controllers[what]) + " was unplugged";
        case Kind::Tangle:
            return "the tangle was edited";
        case Kind::Live:
            return "one went live";
        case Kind::Down:
            return "one stood down";
        case Kind::Flip:
            return "layer " + nameAt(tangle.layers, what) + " was flipped by hand";
        case Kind::Fly:
            return nameAt(tangle.craft, what) + " was chosen by hand";
        case Kind::Engaged:
            return "layer " + nameAt(tangle.layers, what) +
                   (happening.raw != 0 ? " was engaged" : " was let go");
        case Kind::Flown:
            return nameAt(tangle.craft, what) + " is flown";
        case Kind::Hand:
            return placeAt(tangle, recording, what) + " was moved by hand";
        case Kind::HandOff:
            return placeAt(tangle, recording, what) + " was let go by hand";
        case Kind::Lost:
            return "the kernel dropped events of " +
                   nameOfController(tangle, recording.controllers[what]) +
                   ", since they were not read fast enough";
        case Kind::Gap:
            return std::to_string(happening.raw) + " happenings could not be recorded";
        case Kind::Kept:
            return "the recording was kept";
        case Kind::Late:
            return "the program was late by " + std::to_string((happening.raw + 500) / 1000) +
                   " ms";
    }
    return {};
}

}  // namespace jolly
