// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"

#include <cstddef>
#include <filesystem>
#include <string>

namespace jolly::format
{

/// Larger files than this are none of ours.
inline constexpr std::size_t kMostBytes = 64U << 20U;

/// The whole file as it is. Fails with a sentence when it is missing, not readable, larger than
/// kMostBytes, or no file but a folder, a pipe or a device.
[[nodiscard]] Result<std::string> readText(const std::filesystem::path& path);

/// A file or folder that ships with the program: where it was installed, or in the source tree it
/// was built from. Where it should be installed, when it is in neither. The folder that the
/// environment names in JOLLY_TANGLE_DATA takes the place of both.
///
/// @param program  the folder of the running program.
/// @param name     below data/, such as "sheets".
[[nodiscard]] std::filesystem::path shippedFile(const std::filesystem::path& program,
                                                const std::string& name);

}  // namespace jolly::format
