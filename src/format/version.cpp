// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/version.h"

#include "format/well_formed.h"

namespace jolly::format
{

Problems findTextProblems(std::string_view text)
{
    if (text.find_first_not_of(" \t\r\n") != std::string_view::npos) return findJsonProblems(text);
    return {{Severity::Error, "", "The file is empty.",
             "Choose another one, or an earlier version of it next to it.", 1, 1}};
}

Problems findVersionProblems(const Json& json, const std::string& kind)
{
    const auto problem = [](std::string path, std::string sentence, std::string cure) {
        return Problems{{Severity::Error, std::move(path), std::move(sentence), std::move(cure)}};
    };
    if (!json.is_object() || !json.contains(kind)) {
        return problem(
            "", "This is JSON, but no " + kind + ": it does not begin with {\"" + kind + "\": 1.",
            "Choose a file that Jolly Tangle saved; this one was left alone.");
    }
    const auto& version = json[kind];
    if (!version.is_number_integer() || version.get<double>() < 1.0) {
        return problem("/" + kind, "The version \"" + kind + "\" is " + version.dump() + ".",
                       "Expected a whole number, 1 or more.");
    }
    if (version.get<double>() > versionOf(kind)) {
        return problem("/" + kind,
                       "This " + kind + " has version " + version.dump() +
                           "; this Jolly Tangle reads up to version " +
                           std::to_string(versionOf(kind)) + ".",
                       "Update Jolly Tangle to open it; the file was left alone.");
    }
    return {};
}

}  // namespace jolly::format
