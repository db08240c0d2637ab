// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/commands.h"
#include "format/tangle_text.h"

#include <filesystem>
#include <optional>

namespace jolly
{

/// Reads a tangle whose text is sound, saying on standard error what there is to say. What only
/// keeps single strands from running does not keep it from being read.
///
/// @param code  tells why there is none.
[[nodiscard]] std::optional<Tangle> readTangleFile(const std::string& file, ExitCode& code);

/// The folder of this program.
[[nodiscard]] std::filesystem::path programFolder();

/// A file that ships with the program, by its name below data/: where it was installed, or in the
/// source tree it was built from.
[[nodiscard]] std::filesystem::path shippedFile(const std::string& name);

}  // namespace jolly
