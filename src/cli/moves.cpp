// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/moves.h"

#include <nlohmann/json.hpp>
#include <simdjson.h>

#include <cmath>
#include <filesystem>
#include <fstream>
#include <iostream>
#include <limits>
#include <optional>
#include <unordered_map>

namespace jolly
{

namespace
{

constexpr const char* kExpected =
    "expected {\"t\": seconds, \"controller\": alias, \"control\": \"ABS_X\", \"raw\": 512}";
constexpr std::size_t kLongestLine = 65536;

using Field = std::optional<simdjson::dom::element>;

/// What stands in a line; of what is named twice the first counts.
struct Fields {
    Field t, raw, controller, control, flip, fly;

    /// In one pass over the line: each lookup by name would be one more.
    explicit Fields(const simdjson::dom::object& json)
    {
        for (const auto [key, value] : json) {
            auto* field = named(key);
            if (field && !*field) *field = value;
        }
    }

 private:
    Field* named(std::string_view key)
    {
        if (key == "t") return &t;
        if (key == "raw") return &raw;
        if (key == "controller") return &controller;
        if (key == "control") return &control;
        if (key == "flip") return &flip;
        return key == "fly" ? &fly : nullptr;
    }
};

/// Whether a field is there and of this kind.
template <class Value>
bool has(const Field& field, Value& value)
{
    return field && field->get(value) == simdjson::SUCCESS;
}

bool isNearEnough(double t)
{
    return std::abs(t) <= kFurthest;
}

/// Whether a line is about a layer or a craft.
bool isDeed(const Fields& fields, RecordedMove& move)
{
    std::string_view name;
    if (has(fields.flip, name)) {
        move.deed = RecordedMove::Deed::Flip;
    } else if (has(fields.fly, name)) {
        move.deed = RecordedMove::Deed::Fly;
    } else {
        return false;
    }
    if (!isNearEnough(move.t)) return false;
    move.time = std::chrono::round<Time>(std::chrono::duration<double>(move.t));
    move.controller.assign(name);
    return true;
}

}  // namespace

struct MoveReader::Parser {
    simdjson::dom::parser json;
    std::unordered_map<std::string, ControlCode> codes;  ///< names seen so far
    std::string name;
};

MoveReader::MoveReader() : m_parser(std::make_unique<Parser>()) {}

MoveReader::~MoveReader() = default;

std::string MoveReader::read(std::string& line, RecordedMove& move)
{
    if (line.size() > kLongestLine) return "it is longer than any move";
    line.reserve(line.size() + simdjson::SIMDJSON_PADDING);
    simdjson::dom::object json;
    if (m_parser->json.parse(line).get(json)) return kExpected;
    const Fields fields(json);
    std::string_view controller;
    std::string_view control;
    const bool hasTime = has(fields.t, move.t);
    if (hasTime && isDeed(fields, move)) return {};
    const auto& raw = fields.raw;
    if (!hasTime || !raw || !has(fields.controller, controller) || !has(fields.control, control) ||
        !(raw->is_int64() || raw->is_uint64()))
        return kExpected;
    std::int64_t counts = 0;
    using Limits = std::numeric_limits<std::int32_t>;
    if (!has(raw, counts) || counts < Limits::min() || counts > Limits::max())
        return "its raw count is larger than any device's";
    if (!isNearEnough(move.t)) return "its time is further away than any flight";
    m_parser->name.assign(control);
    auto code = m_parser->codes.find(m_parser->name);
    if (code == m_parser->codes.end()) {
        const auto parsed = parseControlCode(control);
        if (!parsed)
            return "\"" + m_parser->name + "\" is no control; expected a name such as \"ABS_X\"";
        code = m_parser->codes.emplace(m_parser->name, *parsed).first;
    }
    move.time = std::chrono::round<Time>(std::chrono::duration<double>(move.t));
    move.deed = RecordedMove::Deed::Move;
    move.controller.assign(controller);
    move.control = code->second;
    move.raw = static_cast<std::int32_t>(counts);
    return {};
}

std::string writeMove(const RecordedMove& move)
{
    return nlohmann::ordered_json{{"t", move.t},
                                  {"controller", move.controller},
                                  {"control", toText(move.control)},
                                  {"raw", move.raw}}
        .dump(-1, ' ', false, nlohmann::ordered_json::error_handler_t::replace);
}

ExitCode forEachMove(const std::string& file,
                     const std::function<std::string(const RecordedMove&)>& take)
{
    std::ifstream in(file, std::ios::binary);
    if (!in.is_open() || std::filesystem::is_directory(file)) {
        complain({.code = Failure::Code::NotThere,
                  .sentence = "The moves in " + file + " cannot be read.",
                  .cure = words("Check its name and permissions.")});
        return ExitCode::Usage;
    }
    MoveReader reader;
    RecordedMove move;
    std::size_t number = 0;
    double last = -std::numeric_limits<double>::infinity();
    for (std::string line; std::getline(in, line);) {
        ++number;
        if (line.find_first_not_of(" \t\r") == std::string::npos) continue;
        auto wrong = reader.read(line, move);
        if (wrong.empty() && move.t < last)
            wrong = "its time is before that of the line above; moves go forward in time";
        if (wrong.empty()) wrong = take(move);
        last = move.t;
        if (wrong.empty()) continue;
        std::cout.flush();
        std::cerr << file << ":" << number << ": this line was not taken: " << wrong << "."
                  << std::endl;
        return ExitCode::Usage;
    }
    return ExitCode::Fine;
}

}  // namespace jolly
