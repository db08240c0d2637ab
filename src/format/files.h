// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"

#include <filesystem>
#include <string>

namespace jolly::format
{

/// Earlier versions that saveText() keeps beside a file: NAME.1~ is the newest.
inline constexpr int kVersionsKept = 5;

/// The whole file as it is. Fails with a sentence when it is missing, a folder or not readable.
[[nodiscard]] Result<std::string> readText(const std::filesystem::path& path);

/// Writes a file so that at every moment either the old or the new text is there: a temporary file
/// beside it, fsync, rename, fsync of the folder. The text it had is kept as NAME.1~, older ones
/// move on to NAME.5~. On failure the file is as it was.
[[nodiscard]] Fallible saveText(const std::filesystem::path& path, const std::string& text);

/// Where saveText() keeps an earlier version, 1 being the newest.
[[nodiscard]] std::filesystem::path earlierVersion(const std::filesystem::path& path, int age);

/// A file or folder that ships with the program: where it was installed, or in the source tree it
/// was built from. Where it should be installed, when it is in neither.
///
/// @param program  the folder of the running program.
/// @param name     below data/, such as "sheets".
[[nodiscard]] std::filesystem::path shippedFile(const std::filesystem::path& program,
                                                const std::string& name);

}  // namespace jolly::format
