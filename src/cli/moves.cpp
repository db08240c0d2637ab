// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/moves.h"

#include "format/files.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <iostream>
#include <sstream>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

}  // namespace

tl::expected<RecordedMove, std::string> readMove(const std::string& line)
{
    const auto json = Json::parse(line, nullptr, false);
    if (!json.is_object() || !json.contains("t") || !json["t"].is_number() ||
        !json.contains("raw") || !json["raw"].is_number_integer() || !json.contains("controller") ||
        !json["controller"].is_string() || !json.contains("control") ||
        !json["control"].is_string()) {
        return tl::unexpected<std::string>(
            "expected {\"t\": seconds, \"controller\": alias, \"control\": \"ABS_X\", \"raw\": "
            "512}");
    }
    const double raw = json["raw"];
    if (std::abs(raw) > 2147483647.0)
        return tl::unexpected<std::string>("its raw count is larger than any device's");
    const std::string control = json["control"];
    const auto code = parseControlCode(control);
    if (!code) {
        return tl::unexpected("\"" + control +
                              "\" is no control; expected a name such as \"ABS_X\"");
    }
    return RecordedMove{json["t"], json["controller"], *code, static_cast<std::int32_t>(raw)};
}

std::string writeMove(const RecordedMove& move)
{
    return Json{{"t", move.t},
                {"controller", move.controller},
                {"control", toText(move.control)},
                {"raw", move.raw}}
        .dump();
}

ExitCode forEachMove(const std::string& file,
                     const std::function<std::string(const RecordedMove&)>& take)
{
    const auto text = format::readText(file);
    if (!text) {
        complain(text.error());
        return ExitCode::Usage;
    }
    std::istringstream in(*text);
    int number = 0;
    double last = -std::numeric_limits<double>::infinity();
    for (std::string line; std::getline(in, line);) {
        ++number;
        if (line.find_first_not_of(" \t\r") == std::string::npos) continue;
        const auto move = readMove(line);
        std::string wrong;
        if (!move) {
            wrong = move.error();
        } else if (move->t < last) {
            wrong = "its time is before that of the line above; moves go forward in time";
        } else {
            last = move->t;
            wrong = take(*move);
        }
        if (wrong.empty()) continue;
        std::cerr << file << ":" << number << ": this line was not taken: " << wrong << "."
                  << std::endl;
        return ExitCode::Usage;
    }
    return ExitCode::Fine;
}

}  // namespace jolly
