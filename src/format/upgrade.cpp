// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/upgrade.h"

#include <regex>

namespace jolly::format
{

namespace
{

/// A strand that says the same thing by the names of two versions: whichever was left out would be
/// lost.
void findBoth(const Json& strand, const std::string& path, const char* before, const char* now,
              Problems& problems)
{
    if (!strand.contains(before) || !strand.contains(now)) return;
    problems.push_back({.severity = Severity::Error,
                        .path = path,
                        .sentence = std::string("A strand has \"") + before + "\" and \"" + now +
                                    "\", which are two names of one thing.",
                        .cure = std::string("Leave \"") + before +
                                "\" alone, as version 1 has it; the file was left as it is."});
}

/// A strand of version 1 as one of version 2.
Json upgraded(const Json& strand, const std::string& path, Problems& problems)
{
    findBoth(strand, path, "targets", "ends", problems);
    findBoth(strand, path, "sources", "source", problems);
    auto upgraded = Json::object();
    for (const auto& [key, value] : strand.items()) {
        if (key == "targets") {
            upgraded["ends"] = value;
        } else if (key != "sources" || !value.is_array()) {
            upgraded[key == "sources" ? "source" : key] = value;
        } else if (value.size() == 1) {
            upgraded["source"] = value.front();
        } else if (value.size() > 1) {
            problems.push_back({.severity = Severity::Error,
                                .path = path + "/source",
                                .sentence = "A strand has " + std::to_string(value.size()) +
                                            " sources, of which only the first was ever used.",
                                .cure = "Leave the first one alone; the file was left as it is."});
        }
    }
    return upgraded;
}

}  // namespace

void upgradeTangle(Json& json, int version, Problems& problems)
{
    if (version >= 2 || !json.contains("strands") || !json["strands"].is_array()) return;
    auto& strands = json["strands"];
    for (std::size_t i = 0; i < strands.size(); ++i) {
        if (strands[i].is_object())
            strands[i] = upgraded(strands[i], "/strands/" + std::to_string(i), problems);
    }
}

void placeAsIn(int version, Problems& problems)
{
    if (version >= 2) return;
    static const std::regex kSource("^(/strands/[0-9]+)/source(?=/|$)");
    static const std::regex kEnds("^(/strands/[0-9]+)/ends(?=/|$)");
    for (auto& problem : problems) {
        problem.path = std::regex_replace(problem.path, kSource, "$1/sources/0");
        problem.path = std::regex_replace(problem.path, kEnds, "$1/targets");
    }
}

}  // namespace jolly::format
