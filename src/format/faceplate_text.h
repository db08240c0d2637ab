// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/shared_faceplate.h"

#include <string>
#include <string_view>

namespace jolly::format
{

struct ReadFaceplate {
    SharedFaceplate faceplate;
    Problems problems;  ///< with line and column
    bool isReadable = false;
};

/// Reads the text of a faceplate file (docs/formats/faceplate.md).
[[nodiscard]] ReadFaceplate readFaceplate(std::string_view text);

/// Writes it: stable order, UTF-8, one line end at the end.
[[nodiscard]] std::string writeFaceplate(const SharedFaceplate& faceplate);

}  // namespace jolly::format
