// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/sim/sim_sheet.h"
#include "core/tangle/problem.h"
#include "core/value/result.h"

#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

namespace jolly::format
{

/// The ending of sim sheets' names.
inline constexpr const char* kSheetEnding = ".simsheet";

struct ReadSheet {
    SimSheet sheet;
    Problems problems;  ///< with line and column
    bool isReadable = false;
};

/// Reads the text of a sim sheet (docs/formats/simsheet.md). One with limits that no tangle can
/// meet is not readable.
[[nodiscard]] ReadSheet readSheet(std::string_view text);

/// Writes it: stable order, UTF-8, one line end at the end.
[[nodiscard]] std::string writeSheet(const SimSheet& sheet);

/// A sheet as it lies in a folder.
struct SheetFile {
    std::filesystem::path path;
    ReadSheet read;
};

/// The sheets of some folders, by name of their files; one of an earlier folder hides its namesake
/// in a later one. Folders that are not there are passed over.
[[nodiscard]] std::vector<SheetFile> findSheets(const std::vector<std::filesystem::path>& folders);

/// Where sheets are looked for: the pilot's own ($XDG_DATA_HOME/jolly-tangle/sheets), then those
/// that ship with the program.
///
/// @param program  the folder of the running program.
[[nodiscard]] std::vector<std::filesystem::path> sheetFolders(const std::filesystem::path& program);

/// The sheet that is meant by a name as typed: a file, else one of findSheets() by the name of its
/// file or of the sheet. Fails with a sentence that names what there is.
[[nodiscard]] Result<SimSheet> sheetNamed(const std::string& name,
                                          const std::vector<std::filesystem::path>& folders);

}  // namespace jolly::format
