// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "format/file_calls.h"

#include <filesystem>
#include <string>

namespace jolly::format
{

/// Earlier versions that saveText() keeps beside a file: NAME.1~ is the newest.
inline constexpr int kVersionsKept = 5;

/// Writes a file so that at every moment, whatever happens, either the old or the new text is
/// there whole. The text it had is kept as NAME.1~, older ones move on to NAME.5~. A link is
/// followed; a file that is write-protected is refused.
///
/// Each save has temporary files of its own beside the file, so that two at once do not mix. The
/// new text and the kept one are on the disk before anything is renamed. On failure the file and
/// its earlier versions are as they were, and the sentence says why; only when the disk does not
/// confirm the new names is the new text there all the same, and the sentence says that.
[[nodiscard]] Fallible saveText(const std::filesystem::path& path, const std::string& text,
                                FileCalls& calls = FileCalls::real());

/// saveText() without earlier versions, for what is written often: nothing of the old text is kept.
[[nodiscard]] Fallible replaceText(const std::filesystem::path& path, const std::string& text,
                                   FileCalls& calls = FileCalls::real());

/// Where saveText() keeps an earlier version, 1 being the newest.
[[nodiscard]] std::filesystem::path earlierVersion(const std::filesystem::path& path, int age);

}  // namespace jolly::format
