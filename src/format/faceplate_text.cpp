// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/faceplate_text.h"

#include "format/faceplate_fields.h"
#include "format/place.h"
#include "format/version.h"
#include "format/writer.h"

namespace jolly::format
{

namespace
{

constexpr const char* kVersionKey = "faceplate";

}  // namespace

ReadFaceplate readFaceplate(std::string_view text)
{
    ReadFaceplate result;
    result.problems = findTextProblems(text);
    if (!result.problems.empty()) return result;
    const auto json = Json::parse(text);
    result.problems = findVersionProblems(json, kVersionKey);
    if (result.problems.empty()) {
        Reader reader(json, "", result.problems);
        static_cast<void>(reader.find(kVersionKey));
        describe(reader, result.faceplate);
        result.faceplate.extra = reader.rest();
        result.isReadable = !hasErrors(result.problems);
    }
    addPlaces(result.problems, text);
    return result;
}

std::string writeFaceplate(const SharedFaceplate& faceplate)
{
    return writeFile(kVersionKey, faceplate);
}

}  // namespace jolly::format
