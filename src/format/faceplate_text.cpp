// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/faceplate_text.h"

#include "format/faceplate_fields.h"
#include "format/read_file.h"
#include "format/writer.h"

namespace jolly::format
{

namespace
{

constexpr const char* kFaceplateKey = "faceplate";

}  // namespace

ReadFaceplate readFaceplate(std::string_view text)
{
    ReadFaceplate result;
    result.isReadable = readFile(text, kFaceplateKey, result.faceplate, result.problems,
                                 [](SharedFaceplate&, Problems&) {});
    tell(result.problems, text);
    return result;
}

std::string writeFaceplate(const SharedFaceplate& faceplate)
{
    return writeFile(kFaceplateKey, faceplate);
}

}  // namespace jolly::format
