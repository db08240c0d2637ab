// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace jolly
{

/// Adds a number to a line of JSON: the shortest text that reads as the same number, as
/// nlohmann::json writes it, at a tenth of the cost.
void addNumber(std::string& line, double number);

}  // namespace jolly
