// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/tangle_text.h"

#include "core/tangle/rig_check.h"
#include "core/weave/weave.h"
#include "format/place.h"
#include "format/reader.h"
#include "format/well_formed.h"
#include "format/writer.h"

namespace jolly::format
{

namespace
{

constexpr const char* kVersionKey = "tangle";

/// What keeps a JSON text from being a tangle of a version we can read; empty when nothing does.
Problems findVersionProblems(const Json& json)
{
    const auto problem = [](std::string path, std::string sentence, std::string cure) {
        return Problems{{Severity::Error, std::move(path), std::move(sentence), std::move(cure)}};
    };
    if (!json.is_object() || !json.contains(kVersionKey)) {
        return problem("", "This is JSON, but no tangle: it does not begin with {\"tangle\": 1.",
                       "Choose a file that Jolly Tangle saved; this one was left alone.");
    }
    const auto& version = json[kVersionKey];
    if (!version.is_number_integer() || version.get<double>() < 1.0) {
        return problem("/tangle", "The version \"tangle\" is " + version.dump() + ".",
                       "Expected a whole number, 1 or more.");
    }
    if (version.get<double>() > kVersion) {
        return problem("/tangle",
                       "This tangle has version " + version.dump() +
                           "; this Jolly Tangle reads up to version " + std::to_string(kVersion) +
                           ".",
                       "Update Jolly Tangle to open it; the file was left alone.");
    }
    return {};
}

/// Every tangle has Base and Everywhere, whatever its file leaves out.
void addRoots(Tangle& tangle)
{
    const Tangle fresh;
    if (tangle.layers.empty()) tangle.layers = fresh.layers;
    if (tangle.craft.empty()) tangle.craft = fresh.craft;
}

}  // namespace

ReadTangle readTangle(std::string_view text)
{
    ReadTangle result;
    if (text.find_first_not_of(" \t\r\n") == std::string_view::npos) {
        result.problems = {{Severity::Error, "", "The file is empty.",
                            "Choose another one, or an earlier version of it next to it.", 1, 1}};
        return result;
    }
    result.problems = findJsonProblems(text);
    if (!result.problems.empty()) return result;
    const auto json = Json::parse(text);
    result.problems = findVersionProblems(json);
    if (result.problems.empty()) {
        Reader reader(json, "", result.problems);
        static_cast<void>(reader.find(kVersionKey));
        describe(reader, result.tangle);
        result.tangle.extra = reader.rest();
        addRoots(result.tangle);
        for (auto& problem : findRigProblems(result.tangle))
            result.problems.push_back(std::move(problem));
        result.isReadable = !hasErrors(result.problems);
    }
    if (result.isReadable) {
        for (auto& problem : findProblems(result.tangle))
            result.problems.push_back(std::move(problem));
    }
    addPlaces(result.problems, text);
    return result;
}

std::string writeTangle(const Tangle& tangle)
{
    auto copy = tangle;
    auto json = Json::object();
    json[kVersionKey] = kVersion;
    Writer writer(json);
    describe(writer, copy);
    writer.extra(copy.extra);
    return json.dump(2) + "\n";
}

}  // namespace jolly::format
