// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/recording_json.h"

#include "core/flight/tape.h"

#include <nlohmann/json.hpp>

namespace jolly::format
{

namespace
{

using Ordered = nlohmann::ordered_json;

constexpr const char* kKinds[] = {"axis", "button", "hat", "turner"};
constexpr const char* kControllerKinds[] = {"stick", "throttle", "pedals",   "wheel",
                                            "box",   "gamepad",  "keyboard", "pointer"};

static_assert(std::size(kControllerKinds) == static_cast<std::size_t>(ControllerKind::Pointer) + 1);
static_assert(std::size(kKinds) == static_cast<std::size_t>(ControlKind::Turner) + 1);

template <class Enum, std::size_t N>
Enum enumOf(const Ordered& json, const char* const (&names)[N])
{
    for (std::size_t i = 0; i < N; ++i) {
        if (json == names[i]) return static_cast<Enum>(i);
    }
    throw std::out_of_range("no such name");
}

Ordered jsonOf(const ControllerDescription& controller)
{
    const auto& i = controller.identity;
    auto controls = Ordered::array();
    for (const auto& control : controller.controls) {
        controls.push_back({{"code", toText(control.code)},
                            {"kind", kKinds[static_cast<std::size_t>(control.kind)]},
                            {"low", control.low},
                            {"high", control.high},
                            {"fuzz", control.fuzz},
                            {"flat", control.flat}});
    }
    return {{"bus", i.bus},
            {"vendor", i.vendor},
            {"product", i.product},
            {"version", i.version},
            {"name", i.name},
            {"uniq", i.uniq},
            {"phys", i.phys},
            {"kind", kControllerKinds[static_cast<std::size_t>(controller.kind)]},
            {"controls", controls}};
}

ControllerDescription controllerOf(const Ordered& json)
{
    ControllerDescription controller;
    controller.identity = {json.at("bus"),     json.at("vendor"), json.at("product"),
                           json.at("version"), json.at("name"),   json.at("uniq"),
                           json.at("phys")};
    controller.kind = enumOf<ControllerKind>(json.at("kind"), kControllerKinds);
    for (const auto& control : json.at("controls")) {
        controller.controls.push_back(
            {parseControlCode(control.at("code").get<std::string>()).value(),
             enumOf<ControlKind>(control.at("kind"), kKinds), control.at("low"), control.at("high"),
             control.at("fuzz"), control.at("flat")});
    }
    return controller;
}

Ordered jsonOf(const Track& track)
{
    if (track.isVirtual())
        return {{"device", track.place.device}, {"control", toText(track.place.control)}};
    return {{"controller", track.controller}, {"place", track.control}};
}

Track trackOf(const Ordered& json, const Recording& recording)
{
    if (json.contains("device"))
        return {.place = {json.at("device"),
                          parseVirtualControl(json.at("control").get<std::string>()).value()}};
    Track track{json.at("controller"), json.at("place"), {}};
    // Whoever uses it looks it up unasked.
    static_cast<void>(recording.controllers.at(track.controller).controls.at(track.control));
    return track;
}

}  // namespace

std::string jsonOf(const Recording& recording)
{
    Ordered json = {{"clock", recording.clock},
                    {"keptFrom", recording.keptFrom.count()},
                    {"controllers", Ordered::array()},
                    {"tracks", Ordered::array()},
                    {"firstTangle", recording.firstTangle},
                    {"tangles", Ordered::array()}};
    for (const auto& controller : recording.controllers)
        json["controllers"].push_back(jsonOf(controller));
    for (const auto& track : recording.tracks) json["tracks"].push_back(jsonOf(track));
    for (const auto& edit : recording.tangles)
        json["tangles"].push_back(
            {{"from", edit.from}, {"removed", edit.removed}, {"put", edit.put}});
    return json.dump(1, ' ', false, Ordered::error_handler_t::replace) + "\n";
}

std::optional<Recording> recordingOfJson(std::string_view text)
{
    try {
        const auto json = Ordered::parse(text);
        Recording recording;
        recording.clock = json.at("clock");
        recording.keptFrom = Time(json.value("keptFrom", std::int64_t{0}));
        recording.firstTangle = json.at("firstTangle");
        for (const auto& controller : json.at("controllers"))
            recording.controllers.push_back(controllerOf(controller));
        for (const auto& track : json.at("tracks"))
            recording.tracks.push_back(trackOf(track, recording));
        for (const auto& edit : json.at("tangles"))
            recording.tangles.push_back({edit.at("from"), edit.at("removed"), edit.at("put")});
        if (recording.tracks.size() > TapeReader::kMostTracks) return std::nullopt;
        return recording;
    } catch (const std::exception&) {  // it is none, or not what it should be
        return std::nullopt;
    }
}

}  // namespace jolly::format
