// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/tangle_text.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/rig_check.h"
#include "core/weave/weave.h"
#include "format/fields.h"
#include "format/read_file.h"
#include "format/upgrade.h"
#include "format/writer.h"

namespace jolly::format
{

namespace
{

constexpr const char* kTangleKey = "tangle";

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
    const auto complete = [](Tangle& tangle, Problems& problems) {
        addRoots(tangle);
        fitDevices(tangle);
        if (!hasErrors(problems)) append(problems, findRigProblems(tangle));
    };
    const auto upgrade = [&](Json& json, int version, Problems& problems) {
        result.version = version;
        upgradeTangle(json, version, problems);
    };
    result.isReadable =
        readFile(text, kTangleKey, result.tangle, result.problems, complete, upgrade);
    if (result.isReadable) append(result.problems, findProblems(result.tangle));
    placeAsIn(result.version, result.problems);
    tell(result.problems, text);
    return result;
}

std::string writeTangle(const Tangle& tangle)
{
    return writeFile(kTangleKey, tangle);
}

}  // namespace jolly::format
