// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/world_file.h"

#include "core/tangle/told.h"
#include "format/place.h"
#include "format/reader.h"
#include "format/well_formed.h"

namespace jolly
{

template <class Visitor>
void describe(Visitor& visit, PretendControl& c)
{
    using format::optional;
    visit.field("code", c.code, format::required("The kernel's name of the control."));
    visit.field("low", c.low, optional("Lowest count of an axis."));
    visit.field("high", c.high, optional("Highest count of an axis."));
    visit.field("fuzz", c.fuzz,
                {"The kernel's noise filter, as it would be told; nothing is filtered.", false, 0});
    visit.field("flat", c.flat,
                {"The kernel's dead zone, as it would be told; nothing is cut.", false, 0});
    visit.field("rest", c.rest, optional("Counts at rest."));
    visit.field("jitter", c.jitter, {"Counts of noise.", false, 0.0});
    visit.field("drift", c.drift, {"Counts of slow wandering.", false, 0.0});
    visit.field("loop", c.loop, {"Seconds after which it begins again.", false, 0.0});
    visit.field("motion", c.motion, optional("Where it is when."));
    visit.field("presses", c.presses, optional("From when to when it is pressed."));
    visit.field("turns", c.turns, optional("When it turns by how much."));
}

template <class Visitor>
void describe(Visitor& visit, PretendController& c)
{
    format::describe(visit, c.identity);
    visit.field("kind", c.kind, format::optional("What kind of controller it is."));
    visit.field("rate", c.rate, {"Reports a second.", false, 1.0, 1000.0});
    visit.field("controls", c.controls, format::required("Its controls."));
    visit.field("away", c.away, format::optional("From when to when it is unplugged."));
}

template <class Visitor>
void describe(Visitor& visit, PretendScript& s)
{
    visit.field("name", s.name, format::required("The world's name."));
    visit.field("seed", s.seed, {"Of the noise.", false, 0.0, 65535.0});
    visit.field("controllers", s.controllers, format::required("What is plugged in."));
}

namespace
{

constexpr const char* kVersionKey = "world";

ControlKind kindOf(ControlCode code)
{
    if (code.type == EventType::Key) return ControlKind::Button;
    if (code.type == EventType::Rel) return ControlKind::Turner;
    return isHatCode(code) ? ControlKind::Hat : ControlKind::Axis;
}

/// Names every entry of a time table that is not `width` numbers, or earlier than the one before.
void checkTable(const std::vector<std::vector<double>>& table, std::size_t width,
                const std::string& path, Problems& problems)
{
    double before = 0.0;
    for (std::size_t i = 0; i < table.size(); ++i) {
        const bool isFine = table[i].size() == width && table[i][0] >= before;
        if (isFine) {
            before = table[i][0];
            continue;
        }
        problems.push_back(
            {Severity::Error, path + "/" + std::to_string(i), words("This entry is out of order."),
             say("Expected %1 numbers, the first a time not before the last one.", width)});
    }
}

void checkControl(const PretendControl& control, const std::string& path, Problems& problems)
{
    checkTable(control.motion, kindOf(control.code) == ControlKind::Hat ? 3 : 2, path + "/motion",
               problems);
    checkTable(control.presses, 2, path + "/presses", problems);
    checkTable(control.turns, 2, path + "/turns", problems);
    if (kindOf(control.code) == ControlKind::Axis && control.low >= control.high) {
        problems.push_back({Severity::Error, path, say("%1 has no travel.", toText(control.code)),
                            words("Expected low < high.")});
    }
}

void checkScript(const PretendScript& script, Problems& problems)
{
    for (std::size_t c = 0; c < script.controllers.size(); ++c) {
        const auto path = "/controllers/" + std::to_string(c);
        const auto& controller = script.controllers[c];
        checkTable(controller.away, 2, path + "/away", problems);
        for (std::size_t i = 0; i < controller.controls.size(); ++i) {
            checkControl(controller.controls[i], path + "/controls/" + std::to_string(i), problems);
        }
    }
}

}  // namespace

ControllerDescription PretendController::description() const
{
    ControllerDescription result{identity, kind, {}};
    for (const auto& control : controls) {
        result.controls.push_back({control.code, kindOf(control.code), control.low, control.high,
                                   control.fuzz, control.flat});
    }
    return result;
}

ReadWorld readWorld(std::string_view text)
{
    ReadWorld result;
    result.problems = format::findJsonProblems(text);
    if (!result.problems.empty()) return result;
    const auto json = format::Json::parse(text);
    if (!json.is_object() || !json.contains(kVersionKey) || json[kVersionKey] != 1) {
        result.problems = {
            {Severity::Error, "",
             words("This is no world file of version 1: it does not begin with {\"world\": 1."),
             words("Choose a world file; docs/formats/world.md says what is in one."), 1, 1}};
        return result;
    }
    format::Reader reader(json, "", result.problems);
    static_cast<void>(reader.find(kVersionKey));
    describe(reader, result.script);
    static_cast<void>(reader.rest());
    for (auto& problem : result.problems) problem.severity = Severity::Error;
    checkScript(result.script, result.problems);
    result.problems = told(std::move(result.problems));
    format::addPlaces(result.problems, text);
    return result;
}

}  // namespace jolly
