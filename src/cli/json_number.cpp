// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/json_number.h"

#include <nlohmann/json.hpp>

#include <array>
#include <charconv>
#include <cmath>

namespace jolly
{

namespace
{

/// Between these nothing is written with an exponent.
constexpr double kLeast = 1e-4;
constexpr double kMost = 1e15;

}  // namespace

void addNumber(std::string& line, double number)
{
    const auto size = std::abs(number);
    const bool isPlain = number == 0.0 || (size >= kLeast && size < kMost);
    if (!isPlain) {
        line += nlohmann::json(number).dump();
        return;
    }
    std::array<char, 64> text{};
    const auto end =
        std::to_chars(text.data(), text.data() + text.size(), number, std::chars_format::fixed).ptr;
    const std::string_view written(text.data(), static_cast<std::size_t>(end - text.data()));
    line += written;
    if (written.find('.') == std::string_view::npos) line += ".0";
}

}  // namespace jolly
