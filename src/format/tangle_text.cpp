// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/tangle_text.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/rig_check.h"
#include "core/weave/weave.h"
#include "format/place.h"
#include "format/reader.h"
#include "format/version.h"
#include "format/well_formed.h"
#include "format/writer.h"

namespace jolly::format
{

namespace
{

constexpr const char* kVersionKey = "tangle";

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
    result.problems = findTextProblems(text);
    if (!result.problems.empty()) return result;
    const auto json = Json::parse(text);
    result.problems = findVersionProblems(json, kVersionKey);
    if (result.problems.empty()) {
        Reader reader(json, "", result.problems);
        static_cast<void>(reader.find(kVersionKey));
        describe(reader, result.tangle);
        result.tangle.extra = reader.rest();
        addRoots(result.tangle);
        fitDevices(result.tangle);
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
    return writeFile(kVersionKey, tangle);
}

}  // namespace jolly::format
