// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/status_json.h"

#include "core/tangle/likely.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

constexpr const char* kControllerKinds[] = {"stick", "throttle", "pedals",   "wheel",
                                            "box",   "gamepad",  "keyboard", "pointer"};
constexpr const char* kControlKinds[] = {"axis", "button", "hat", "turner"};
constexpr const char* kHolds[] = {"free", "waiting", "held"};
constexpr const char* kGames[] = {"hear it", "hear it until its buttons are let go",
                                  "list it, but do not hear it"};

static_assert(std::size(kControllerKinds) == static_cast<std::size_t>(ControllerKind::Pointer) + 1);
static_assert(std::size(kHolds) == static_cast<std::size_t>(Hold::Held) + 1);
static_assert(std::size(kControlKinds) == static_cast<std::size_t>(ControlKind::Turner) + 1);

template <class Enum, std::size_t N>
Enum enumOf(const Json& json, const char* const (&names)[N])
{
    for (std::size_t i = 0; i < N; ++i) {
        if (json == names[i]) return static_cast<Enum>(i);
    }
    return Enum{};
}

template <class Enum, std::size_t N>
const char* nameOf(Enum value, const char* const (&names)[N])
{
    return names[static_cast<std::size_t>(value)];
}

Json toJson(const Identity& i)
{
    return {{"bus", i.bus},   {"vendor", i.vendor}, {"product", i.product}, {"version", i.version},
            {"name", i.name}, {"uniq", i.uniq},     {"phys", i.phys}};
}

Identity identityOf(const Json& j)
{
    return {j.at("bus"),  j.at("vendor"), j.at("product"), j.at("version"),
            j.at("name"), j.at("uniq"),   j.at("phys")};
}

/// How many axes, buttons, hats and turners it has.
Json countsOf(const ControllerDescription& description)
{
    Json counts;
    for (std::size_t kind = 0; kind < std::size(kControlKinds); ++kind)
        counts[kControlKinds[kind]] = std::ranges::count(
            description.controls, static_cast<ControlKind>(kind), &ControlDescription::kind);
    return counts;
}

Json toJson(const PresentController& c)
{
    auto controls = Json::array();
    for (const auto& control : c.description.controls) {
        controls.push_back({{"code", toText(control.code)},
                            {"kind", nameOf(control.kind, kControlKinds)},
                            {"low", control.low},
                            {"high", control.high},
                            {"fuzz", control.fuzz},
                            {"flat", control.flat}});
    }
    return {{"identity", toJson(c.description.identity)},
            {"kind", nameOf(c.description.kind, kControllerKinds)},
            {"likely", nameOf(likelyKind(c.description), kControllerKinds)},
            {"rig", c.rig},
            {"hold", nameOf(c.hold, kHolds)},
            {"oursAlone", c.isOursAlone},
            {"games", nameOf(c.hold, kGames)},
            {"has", countsOf(c.description)},
            {"firstSlot", c.firstSlot},
            {"driver", c.description.driver},
            {"nodes", c.description.nodes},
            {"controls", controls}};
}

PresentController controllerOf(const Json& j)
{
    PresentController c;
    c.description.identity = identityOf(j.at("identity"));
    c.description.kind = enumOf<ControllerKind>(j.at("kind"), kControllerKinds);
    c.rig = j.at("rig");
    c.hold = enumOf<Hold>(j.at("hold"), kHolds);
    c.isOursAlone = j.at("oursAlone");
    c.firstSlot = j.at("firstSlot");
    c.description.driver = j.at("driver");
    c.description.nodes = j.at("nodes");
    for (const auto& control : j.at("controls")) {
        const auto code = parseControlCode(control.at("code").get<std::string>());
        c.description.controls.push_back(
            {code.value_or(ControlCode{}), enumOf<ControlKind>(control.at("kind"), kControlKinds),
             control.at("low"), control.at("high"), control.at("fuzz"), control.at("flat")});
    }
    return c;
}

/// A name is a text, a number {"number": "3.1"}, and a text of the source {"text": "%1 of %2",
/// "places": […]}, with "many" and "count" where it is about several things.
Json toJson(const Sentence& sentence)
{
    const auto& parts = sentence.parts();
    if (parts.kind == Sentence::Kind::Name) return parts.text;
    if (parts.kind == Sentence::Kind::Number) return {{"number", parts.text}};
    Json json{{"text", parts.text}};
    for (const auto& place : parts.places) json["places"].push_back(toJson(place));
    if (!parts.many.empty()) {
        json["many"] = parts.many;
        json["count"] = parts.count;
    }
    if (parts.hasCapital) json["capital"] = true;
    return json;
}

Sentence sentenceOf(const Json& json)
{
    if (json.is_string()) return json.get<std::string>();
    if (json.contains("number")) return Sentence::number(json.at("number"));
    Sentence::Parts parts{.text = json.at("text"), .kind = Sentence::Kind::Text};
    parts.many = json.value("many", std::string());
    parts.count = json.value("count", std::int64_t{0});
    parts.hasCapital = json.value("capital", false);
    if (json.contains("places")) {
        for (const auto& place : json.at("places")) parts.places.push_back(sentenceOf(place));
    }
    return Sentence(std::move(parts));
}

Json toJson(const Problems& problems)
{
    auto list = Json::array();
    for (const auto& p : problems) {
        list.push_back({{"severity", p.severity == Severity::Error ? "error" : "warning"},
                        {"path", p.path},
                        {"line", p.line},
                        {"column", p.column},
                        {"sentence", p.sentence.english()},
                        {"meaning", p.meaning.english()},
                        {"cure", p.cure.english()},
                        {"parts", {toJson(p.sentence), toJson(p.meaning), toJson(p.cure)}},
                        {"remedy", p.remedy},
                        {"command", p.command}});
    }
    return list;
}

Problems problemsOf(const Json& list)
{
    Problems problems;
    for (const auto& j : list) {
        problems.push_back({j.at("severity") == "error" ? Severity::Error : Severity::Warning,
                            j.at("path"), sentenceOf(j.at("parts").at(0)),
                            sentenceOf(j.at("parts").at(2)), j.at("line"), j.at("column"),
                            sentenceOf(j.at("parts").at(1)), j.at("remedy"), j.at("command")});
    }
    return problems;
}

Json toJson(const std::vector<Target>& places)
{
    auto list = Json::array();
    for (const auto& place : places)
        list.push_back({{"device", place.device}, {"control", toText(place.control)}});
    return list;
}

std::vector<Target> placesOf(const Json& list)
{
    std::vector<Target> places;
    for (const auto& j : list) {
        const auto control = parseVirtualControl(j.at("control").get<std::string>());
        places.push_back({j.at("device"), control.value_or(VirtualControl{})});
    }
    return places;
}

EngineStatus statusOf(const Json& j)
{
    EngineStatus s;
    s.generation = j.at("generation");
    s.edition = j.at("edition");
    s.isLive = j.at("live");
    s.liveSince = Time(j.at("liveSinceNs").get<std::int64_t>());
    s.tangle = j.at("tangle");
    s.mark = j.at("mark").get<std::uint64_t>();
    for (const auto& controller : j.at("controllers"))
        s.controllers.push_back(controllerOf(controller));
    for (const auto& device : j.at("devices")) {
        s.devices.push_back({device.at("id"), device.at("there"), device.at("firstSlot")});
    }
    s.byHand = placesOf(j.at("byHand"));
    s.learned = placesOf(j.at("learned"));
    for (const auto& doubt : j.at("doubts"))
        s.doubts.push_back({doubt.at("rig"), doubt.at("candidates")});
    s.troubles = problemsOf(j.at("troubles"));
    return s;
}

}  // namespace

std::string statusToJson(const EngineStatus& s)
{
    Json j{{"generation", s.generation},         {"edition", s.edition}, {"live", s.isLive},
           {"liveSinceNs", s.liveSince.count()}, {"tangle", s.tangle},   {"mark", s.mark}};
    j["controllers"] = Json::array();
    for (const auto& controller : s.controllers) j["controllers"].push_back(toJson(controller));
    j["devices"] = Json::array();
    for (const auto& device : s.devices) {
        j["devices"].push_back(
            {{"id", device.id}, {"there", device.isThere}, {"firstSlot", device.firstSlot}});
    }
    j["byHand"] = toJson(s.byHand);
    j["learned"] = toJson(s.learned);
    j["doubts"] = Json::array();
    for (const auto& doubt : s.doubts)
        j["doubts"].push_back({{"rig", doubt.rig}, {"candidates", doubt.candidates}});
    j["troubles"] = toJson(s.troubles);
    return j.dump(2, ' ', false, Json::error_handler_t::replace);
}

Result<EngineStatus> statusFromJson(const std::string& text)
{
    try {
        return statusOf(Json::parse(text));
    } catch (const Json::exception&) {
        return fail(Failure::Code::Unreadable,
                    words("The engine that runs speaks another language than this program."),
                    words("Stop it with \"tangle down\" and start it again."));
    }
}

std::string problemsToJson(const Problems& problems)
{
    return toJson(problems).dump(2, ' ', false, Json::error_handler_t::replace);
}

Problems problemsFromJson(const std::string& text)
{
    try {
        return problemsOf(Json::parse(text));
    } catch (const Json::exception&) {
        return {};
    }
}

}  // namespace jolly
