// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/tangle_file.h"

#include "format/files.h"

namespace jolly
{

std::optional<Tangle> readTangleFile(const std::string& file, ExitCode& code)
{
    const auto text = format::readText(file);
    if (!text) {
        complain(text.error());
        code = ExitCode::Usage;
        return std::nullopt;
    }
    auto read = format::readTangle(*text);
    if (read.isReadable) return std::move(read.tangle);
    complain(read.problems, file);
    code = ExitCode::Faulty;
    return std::nullopt;
}

std::filesystem::path programFolder()
{
    std::error_code error;
    return std::filesystem::read_symlink("/proc/self/exe", error).parent_path();
}

std::filesystem::path shippedFile(const std::string& name)
{
    return format::shippedFile(programFolder(), name);
}

}  // namespace jolly
