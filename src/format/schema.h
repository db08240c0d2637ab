// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace jolly::format
{

/// The JSON Schema (draft 7) of the tangle file, made from the descriptions the reader uses. It is
/// published as data/tangle.schema.json.
[[nodiscard]] std::string writeSchema();

/// The JSON Schema, draft 7, of faceplate files.
[[nodiscard]] std::string writeFaceplateSchema();

/// The JSON Schema, draft 7, of sim sheets.
[[nodiscard]] std::string writeSheetSchema();

}  // namespace jolly::format
