// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <utility>
#include <vector>

namespace jolly
{

/// Fields of the file that this version does not know, kept as they were: name and JSON text.
using Extra = std::vector<std::pair<std::string, std::string>>;

}  // namespace jolly
