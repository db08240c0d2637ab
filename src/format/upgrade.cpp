// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/upgrade.h"

#include "core/tangle/edit.h"

#include <map>
#include <regex>
#include <set>

namespace jolly::format
{

namespace
{

/// What says the same thing by the names of two versions: whichever was left out would be lost.
/// @param version  the earlier one of the two.
void findBoth(const Json& item, const std::string& path, const char* before, const char* now,
              int version, Problems& problems)
{
    if (!item.is_object() || !item.contains(before) || !item.contains(now)) return;
    const bool isStrand = path.starts_with("/strands/");
    problems.push_back({.severity = Severity::Error,
                        .path = path,
                        .sentence = isStrand ? say("A strand has \"%1\" and \"%2\", which are two "
                                                   "names of one thing.",
                                                   std::string(before), std::string(now))
                                             : say("A virtual control has \"%1\" and \"%2\", which "
                                                   "are two names of one thing.",
                                                   std::string(before), std::string(now)),
                        .cure = say("Leave \"%1\" alone, as version %2 has it; the file was left "
                                    "as it is.",
                                    std::string(before), version)});
}

/// A strand of version 1 as one of version 2.
Json upgraded(const Json& strand, const std::string& path, Problems& problems)
{
    findBoth(strand, path, "targets", "ends", 1, problems);
    findBoth(strand, path, "sources", "source", 1, problems);
    auto upgraded = Json::object();
    for (const auto& [key, value] : strand.items()) {
        if (key == "targets") {
            upgraded["ends"] = value;
        } else if (key != "sources" || !value.is_array()) {
            upgraded[key == "sources" ? "source" : key] = value;
        } else if (value.size() == 1) {
            upgraded["source"] = value.front();
        } else if (value.size() > 1) {
            problems.push_back(
                {.severity = Severity::Error,
                 .path = path + "/source",
                 .sentence = say("A strand has %1 sources, of which only the first "
                                 "was ever used.",
                                 value.size()),
                 .cure = words("Leave the first one alone; the file was left as it is.")});
        }
    }
    return upgraded;
}

void upgradeStrands(Json& json, Problems& problems)
{
    if (!json.contains("strands") || !json["strands"].is_array()) return;
    auto& strands = json["strands"];
    for (std::size_t i = 0; i < strands.size(); ++i) {
        if (strands[i].is_object())
            strands[i] = upgraded(strands[i], "/strands/" + std::to_string(i), problems);
    }
}

/// Functions were names wherever they are named; of version 3 they are items with ids. What leads
/// to one tells how it is worked; of those that are only planned nobody knows.
class FunctionIds
{
 public:
    explicit FunctionIds(Json& json) : m_json(json) {}

    void run(Problems& problems)
    {
        forEach(m_json, "devices", [&](Json& device, const std::string& path) {
            forEach(device, "settings", [&](Json& settings, const std::string& place) {
                findBoth(settings, path + place, "label", "function", 2, problems);
                rename(settings);
                replace(settings, "function", isAxis(settings) ? "axis" : "");
            });
        });
        forEach(m_json, "strands", [&](Json& strand, const std::string&) {
            bool leadsToAxis = false;
            forEach(strand, "ends", [&](const Json& end, const std::string&) {
                leadsToAxis = leadsToAxis || isAxis(end);
            });
            replace(strand, "function", leadsToAxis ? "axis" : "");
        });
        forEach(m_json, "craft", [&](Json& craft, const std::string&) {
            if (!craft.contains("functions") || !craft["functions"].is_array()) return;
            for (auto& name : craft["functions"]) name = idOf(name, "");
        });
        if (m_functions.empty()) return;
        m_json["functions"] = m_functions;
    }

 private:
    /// Visits the objects of a list, with their places in it.
    template <class Visit>
    static void forEach(Json& json, const char* list, Visit&& visit)
    {
        if (!json.contains(list) || !json[list].is_array()) return;
        auto& items = json[list];
        for (std::size_t i = 0; i < items.size(); ++i) {
            if (items[i].is_object())
                visit(items[i], std::string("/") + list + "/" + std::to_string(i));
        }
    }

    static bool isAxis(const Json& item)
    {
        const auto control = item.find("control");
        return control != item.end() && control->is_string() &&
               control->get<std::string>().starts_with("axis");
    }

    /// A member takes its new name and keeps its place.
    static void rename(Json& settings)
    {
        auto renamed = Json::object();
        for (const auto& [key, value] : settings.items())
            renamed[key == "label" ? "function" : key] = value;
        settings = std::move(renamed);
    }

    void replace(Json& item, const char* key, const std::string& kind)
    {
        if (const auto found = item.find(key); found != item.end()) *found = idOf(*found, kind);
    }

    /// The id of a name; what is no name is left to the reader, which says so.
    Json idOf(const Json& name, const std::string& kind)
    {
        if (!name.is_string() || name.get<std::string>().empty()) return name;
        const auto words = name.get<std::string>();
        if (const auto known = m_ids.find(words); known != m_ids.end()) return known->second;
        auto id = slugOf(words, "function");
        for (int n = 1; !m_taken.insert(id).second; ++n)
            id = slugOf(words, "function") + "-" + std::to_string(n);
        m_ids.emplace(words, id);
        Json function{{"id", id}, {"name", words}};
        if (!kind.empty()) function["kind"] = kind;
        m_functions.push_back(function);
        return id;
    }

    Json& m_json;
    std::map<std::string, std::string> m_ids;  ///< by name
    std::set<std::string> m_taken;             ///< ids
    Json m_functions = Json::array();
};

void findOwnFunctions(const Json& json, Problems& problems)
{
    if (!json.contains("functions")) return;
    problems.push_back({.severity = Severity::Error,
                        .path = "/functions",
                        .sentence = words("The tangle has \"functions\", which are of version 3."),
                        .cure = words("Give them another name; the file was left as it is.")});
}

}  // namespace

void upgradeTangle(Json& json, int version, Problems& problems)
{
    if (version < 2) upgradeStrands(json, problems);
    if (version >= 3) return;
    findOwnFunctions(json, problems);
    FunctionIds(json).run(problems);
}

void placeAsIn(int version, Problems& problems)
{
    static const std::regex kSource("^(/strands/[0-9]+)/source(?=/|$)");
    static const std::regex kEnds("^(/strands/[0-9]+)/ends(?=/|$)");
    static const std::regex kLabel("^(/devices/[0-9]+/settings/[0-9]+)/function(?=/|$)");
    for (auto& problem : problems) {
        if (version < 2) {
            problem.path = std::regex_replace(problem.path, kSource, "$1/sources/0");
            problem.path = std::regex_replace(problem.path, kEnds, "$1/targets");
        }
        if (version < 3) problem.path = std::regex_replace(problem.path, kLabel, "$1/label");
    }
}

}  // namespace jolly::format
