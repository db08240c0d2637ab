// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/sheet_text.h"

#include "core/sim/sheet_check.h"
#include "format/files.h"
#include "format/read_file.h"
#include "format/sheet_fields.h"
#include "format/writer.h"

#include <algorithm>
#include <cstdlib>

namespace jolly::format
{

namespace
{

namespace fs = std::filesystem;

constexpr const char* kSheetKey = "simsheet";

fs::path ownFolder()
{
    const char* data = std::getenv("XDG_DATA_HOME");
    if (data && *data) return fs::path(data) / "jolly-tangle" / "sheets";
    const char* home = std::getenv("HOME");
    return home ? fs::path(home) / ".local" / "share" / "jolly-tangle" / "sheets" : fs::path();
}

Result<SimSheet> sheetIn(const fs::path& path, const ReadSheet& read)
{
    if (read.isReadable) return read.sheet;
    std::string sentences;
    for (const auto& problem : read.problems)
        sentences += (sentences.empty() ? "" : "\n") + toText(problem, path.string());
    return fail(Failure::Code::Unreadable, sentences, {});
}

}  // namespace

ReadSheet readSheet(std::string_view text)
{
    ReadSheet result;
    result.isReadable = readFile(text, kSheetKey, result.sheet, result.problems,
                                 [](SimSheet& sheet, Problems& problems) {
                                     append(problems, findImpossibleLimits(sheet, ""));
                                 });
    tell(result.problems, text);
    return result;
}

std::string writeSheet(const SimSheet& sheet)
{
    return writeFile(kSheetKey, sheet);
}

std::vector<SheetFile> findSheets(const std::vector<fs::path>& folders)
{
    std::vector<SheetFile> found;
    for (const auto& folder : folders) {
        std::error_code error;
        for (const auto& entry : fs::directory_iterator(folder, error)) {
            const auto name = entry.path().filename();
            const auto isNamesake = [&](const auto& s) { return s.path.filename() == name; };
            if (name.extension() != kSheetEnding || std::ranges::any_of(found, isNamesake))
                continue;
            if (const auto text = readText(entry.path()))
                found.push_back({entry.path(), readSheet(*text)});
        }
    }
    std::ranges::sort(found, {}, [](const auto& s) { return s.path.filename(); });
    return found;
}

std::vector<fs::path> sheetFolders(const fs::path& program)
{
    return {ownFolder(), shippedFile(program, "sheets")};
}

Result<SimSheet> sheetNamed(const std::string& name, const std::vector<fs::path>& folders)
{
    std::error_code error;
    if (fs::is_regular_file(name, error)) {
        const auto text = readText(name);
        if (!text) return tl::unexpected(text.error());
        return sheetIn(name, readSheet(*text));
    }
    std::vector<Sentence> choices;
    for (const auto& each : findSheets(folders)) {
        const auto stem = each.path.stem().string();
        if (stem == name || each.read.sheet.name == name) return sheetIn(each.path, each.read);
        choices.emplace_back(stem);
    }
    return fail(Failure::Code::Unreadable, say("There is no sim sheet \"%1\".", name),
                choices.empty() ? words("Name a file.")
                                : say("Name a file, or one of: %1.", inARow(choices)));
}

}  // namespace jolly::format
