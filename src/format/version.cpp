// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/version.h"

#include "format/well_formed.h"

namespace jolly::format
{

Problems findTextProblems(std::string_view text)
{
    if (text.find_first_not_of(" \t\r\n") != std::string_view::npos) return findJsonProblems(text);
    return {{Severity::Error, "", words("The file is empty."),
             words("Choose another one, or an earlier version of it next to it."), 1, 1}};
}

Problems findVersionProblems(const Json& json, const std::string& kind)
{
    const auto problem = [](std::string path, Sentence sentence, Sentence cure) {
        return Problems{{Severity::Error, std::move(path), std::move(sentence), std::move(cure)}};
    };
    if (!json.is_object() || !json.contains(kind)) {
        return problem("", say("This is JSON, but no %1: it does not begin with {\"%1\": 1.", kind),
                       words("Choose a file that Jolly Tangle saved; this one was left alone."));
    }
    const auto& version = json[kind];
    if (!version.is_number_integer() || version.get<double>() < 1.0) {
        return problem("/" + kind, say("The version \"%1\" is %2.", kind, version.dump()),
                       words("Expected a whole number, 1 or more."));
    }
    if (version.get<double>() > versionOf(kind)) {
        return problem("/" + kind,
                       say("This %1 has version %2; this Jolly Tangle reads up to version %3.",
                           kind, version.dump(), versionOf(kind)),
                       words("Update Jolly Tangle to open it; the file was left alone."));
    }
    return {};
}

}  // namespace jolly::format
